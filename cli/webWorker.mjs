// A worker of the web server: what must be settled before a request reaches the application, and its measures.
// Configured by the environment: HOST, PORT, YOTROPE_TRUSTED_PROXIES.
import { randomUUID } from 'node:crypto'
import { createServer } from 'node:http'
import { constants } from 'node:zlib'
import { BlockList, isIP } from 'node:net'
import compression from 'compression'
import next from 'next'
import pino from 'pino'
import client from 'prom-client'
import { pagePolicy } from './pagePolicy.mjs'
import { ROOT } from './paths.mjs'
import { malformed } from './requestLine.mjs'
import { retryLater } from './retryLater.mjs'

const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'DELETE', 'OPTIONS']
/** A full household of 200 loads has about 250,000 bytes. */
const MOST_BODY_BYTES = 1_000_000
const READ_WITHIN_MS = 20_000

const host = process.env.HOST ?? '127.0.0.1'
const port = Number(process.env.PORT ?? 3000)
const log = pino({
  level: process.env.YOTROPE_LOG_LEVEL ?? 'info',
  base: null,
  timestamp: pino.stdTimeFunctions.isoTime,
})

// what the framework says for itself becomes lines of the log too, the first of each, without what was asked
for (const [name, level] of Object.entries({ log: 'info', info: 'info', warn: 'warn', error: 'error' }))
  console[name] = (...words) =>
    log[level]({
      said: words
        .map((word) => String(word?.message ?? word).split('\n')[0])
        .join(' ')
        .trim()
        .slice(0, 300),
    })

client.collectDefaultMetrics()
// answers the first process, which adds the workers' measures up
new client.AggregatorRegistry()
const seconds = new client.Histogram({
  name: 'yotrope_request_seconds',
  help: 'Time to answer a request',
  labelNames: ['method', 'route', 'status'],
  buckets: [0.005, 0.02, 0.1, 0.5, 1, 2, 5],
})
const open = new client.Gauge({ name: 'yotrope_requests_open', help: 'Requests being answered' })

const KNOWN =
  /^\/(open|start|h\/:id(\/(outage|loads|power|runtime|recharge))?|api\/(health|ready|open|places|sign-out|standins\/(meter|weather)|households(\/:id(\/(plan|calendar|codes(\/:id)?|versions(\/:n)?))?)?))?$/

/** The route of a path: neither measures nor logs say whose household it was, and nobody can make them grow by asking for what is not there. */
function routeOf(path) {
  if (path.startsWith('/_next/')) return '/_next'
  const route = path
    .replace(/^\/(h|api\/households)\/[^/]+/, '/$1/:id')
    .replace(/\/codes\/[^/]+$/, '/codes/:id')
    .replace(/\/versions\/[^/]+$/, '/versions/:n')
  return KNOWN.test(route) ? route : 'other'
}

const trusted = new BlockList()
for (const address of (process.env.YOTROPE_TRUSTED_PROXIES ?? '').split(',').map((one) => one.trim())) {
  const [net, bits] = address.split('/')
  const family = `ipv${isIP(net)}`
  if (!isIP(net)) continue
  if (bits) trusted.addSubnet(net, Number(bits), family)
  else trusted.addAddress(net, family)
}
const plain = (address) => (address ?? '').replace(/^::ffff:/, '')
const isTrusted = (address) => isIP(address) > 0 && trusted.check(address, `ipv${isIP(address)}`)

/** Where a request comes from: of a trusted proxy the last address it forwards that is not itself one. */
function addressOf(request) {
  let address = plain(request.socket.remoteAddress)
  const forwarded = String(request.headers['x-forwarded-for'] ?? '')
    .split(',')
    .map((one) => plain(one.trim()))
    .filter((one) => isIP(one))
  while (isTrusted(address) && forwarded.length > 0) address = forwarded.pop()
  return address
}

function refuse(response, status, code, message, headers = {}) {
  response.writeHead(status, {
    'Content-Type': 'application/json',
    'Cache-Control': 'no-store',
    'X-Content-Type-Options': 'nosniff',
    ...headers,
  })
  response.end(JSON.stringify({ error: { code, message } }))
}

/** Refuses what no route of the application should see. @returns whether it did */
function refused(request, response) {
  if (!METHODS.includes(request.method)) {
    refuse(response, 405, 'bad-request', `${request.method} is not answered here.`, {
      Allow: METHODS.join(', '),
    })
    return true
  }
  const trouble = malformed(request)
  if (trouble) {
    refuse(response, 400, 'bad-request', trouble)
    return true
  }
  const length = Number(request.headers['content-length'] ?? 0)
  if (length > MOST_BODY_BYTES) {
    // what still comes is thrown away unread, so that the sender hears the answer; not for long (requestTimeout)
    request.resume()
    refuse(
      response,
      413,
      'too-large',
      `The request is larger than ${MOST_BODY_BYTES.toLocaleString('en-US')} bytes; a household has 200 loads at most.`,
    )
    return true
  }
  return false
}

// the quickest level: a page takes a third of the time of the usual one and comes 15 % longer
const compress = compression({
  level: constants.Z_BEST_SPEED,
  filter: (request, response) =>
    !/event-stream/.test(response.getHeader('Content-Type')) && compression.filter(request, response),
})

const app = next({ dev: false, dir: ROOT, hostname: host, port })
await app.prepare()
const handle = app.getRequestHandler()

/** Signals of the requests being answered, which the pages give up their work by (src/server/leaving.ts). */
const leaving = (globalThis.yotropeLeaving = new Map())

const server = createServer(
  { requestTimeout: READ_WITHIN_MS, headersTimeout: 10_000, maxHeaderSize: 16_384 },
  async (request, response) => {
    const from = performance.now()
    const id = randomUUID()
    const route = routeOf(request.url.split('?')[0])
    const gone = new AbortController()
    leaving.set(id, gone.signal)
    open.inc()
    response.once('close', () => {
      open.dec()
      leaving.delete(id)
      if (!response.writableFinished) gone.abort()
      const status = response.writableFinished ? response.statusCode : 499
      const tookS = (performance.now() - from) / 1000
      seconds.observe(
        { method: METHODS.includes(request.method) ? request.method : 'other', route, status },
        tookS,
      )
      if (route !== '/_next')
        log.info({ request: id, method: request.method, route, status, ms: Math.round(tookS * 1000) })
    })
    response.setHeader('X-Request-Id', id)
    if (refused(request, response)) return
    request.headers['x-request-id'] = id
    request.headers['x-yotrope-address'] = addressOf(request)
    pagePolicy(request, response)
    await new Promise((resolve) => compress(request, response, resolve))
    retryLater(request, response)
    // what is compressed is sent when it is whole, not piece by piece as it is written
    response.flush = undefined
    try {
      await handle(request, response)
    } catch (error) {
      log.error({ request: id, error: String(error?.message ?? error).split('\n')[0] })
      if (!response.headersSent)
        refuse(response, 503, 'unavailable', 'Something failed here. Nothing was half-saved.', {
          'Retry-After': 5,
        })
      else response.destroy()
    }
  },
)
server.keepAliveTimeout = 10_000

server.listen(port, host, () => log.info({ listening: `${host}:${port}` }))
server.once('error', (error) => {
  log.fatal({ error: error.message })
  process.exit(1)
})
function end() {
  server.close(() => process.exit(0))
  server.closeIdleConnections()
  setTimeout(() => {
    server.closeAllConnections()
    process.exit(0)
  }, 3000).unref()
}
process.once('SIGTERM', end)
// Ctrl-C reaches every process of the terminal: the first one decides
process.on('SIGINT', () => {})
