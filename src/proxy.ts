import { type NextRequest, NextResponse } from 'next/server'

/** Gives every page its nonce and the policy that goes with it; headers that are the same for all stand in next.config. */
export function proxy(request: NextRequest): NextResponse {
  const nonce = btoa(String.fromCharCode(...crypto.getRandomValues(new Uint8Array(18))))
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
  const headers = new Headers(request.headers)
  headers.set('x-nonce', nonce)
  headers.set('Content-Security-Policy', policy)
  const response = NextResponse.next({ request: { headers } })
  const security = {
    'Content-Security-Policy': policy,
    ...(process.env.YOTROPE_ORIGIN?.startsWith('https:') && {
      'Strict-Transport-Security': 'max-age=31536000',
    }),
  }
  for (const [name, value] of Object.entries(security)) response.headers.set(name, value)
  return response
}

// routes of the interface are left out: what passes here has its body held in memory
export const config = { matcher: ['/((?!_next/static|favicon|api/).*)'] }
