import { randomBytes } from 'node:crypto'

// what is no page: its scripts and styles, and the routes of the interface, which have a policy of their own (next.config)
const NO_PAGE = /^\/(_next\/static|favicon|api\/)/

/**
 * Gives every page its nonce and the policy that goes with it: the application reads both of the request. Done here, before the
 * application: a step within it would make a request and a response of its own for each page.
 */
export function pagePolicy(request, response) {
  delete request.headers['x-nonce']
  delete request.headers['content-security-policy']
  if (NO_PAGE.test(request.url)) return
  const nonce = randomBytes(18).toString('base64')
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'`,
    `style-src-elem 'self' 'nonce-${nonce}'`,
    // style attributes only: React writes them for positions and widths, and they run no code
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')
  request.headers['x-nonce'] = nonce
  request.headers['content-security-policy'] = policy
  response.setHeader('Content-Security-Policy', policy)
  if (process.env.YOTROPE_ORIGIN?.startsWith('https:'))
    response.setHeader('Strict-Transport-Security', 'max-age=31536000')
}
