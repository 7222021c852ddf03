// The web server of one instance: as many workers as it has processors, up to a few, on one port. One that dies is begun again.
// Configured by the environment: HOST, PORT, YOTROPE_WORKERS, YOTROPE_METRICS_PORT, and what the workers read.
import cluster from 'node:cluster'
import { createServer } from 'node:http'
import { availableParallelism } from 'node:os'
import { join } from 'node:path'
import client from 'prom-client'
import { ROOT } from './paths.mjs'
import { backOffMs } from './supervise.mjs'

/** More gain little: the database and the worker threads of first answers want a processor too. */
const MOST_WORKERS = 2
const STEADY_MS = 60_000
const ENDS_WITHIN_MS = 4000

const asked = Number(process.env.YOTROPE_WORKERS)
const workers = asked >= 1 ? Math.floor(asked) : Math.min(MOST_WORKERS, availableParallelism())
// What lives is about 100 MB. Room enough that the whole heap is seldom looked through; one helping thread each, since the workers
// share the processors: with V8's four there were some 7 % fewer pages a second on two.
cluster.setupPrimary({
  exec: join(ROOT, 'cli/webWorker.mjs'),
  execArgv: ['--max-old-space-size=1024', '--v8-pool-size=1'],
})

let isEnding = false
let hasListened = false
let deaths = []
const alive = () => Object.values(cluster.workers ?? {})

cluster.on('listening', () => {
  hasListened = true
})
cluster.on('exit', () => {
  if (isEnding) return alive().length === 0 && process.exit(0)
  // one that never came up at all is for whoever started us to tell
  if (!hasListened) process.exit(1)
  deaths = [...deaths.filter((at) => Date.now() - at < STEADY_MS), Date.now()]
  setTimeout(() => !isEnding && cluster.fork(), backOffMs(deaths.length))
})
for (let n = 0; n < workers; n++) cluster.fork()

if (process.env.YOTROPE_METRICS_PORT) {
  const registry = new client.AggregatorRegistry()
  createServer(async (request, response) => {
    if (request.url !== '/api/metrics') {
      response.writeHead(404).end('Measures are at /api/metrics.')
      return
    }
    try {
      const measures = await registry.clusterMetrics()
      response.writeHead(200, { 'Content-Type': registry.contentType }).end(measures)
    } catch (error) {
      response.writeHead(503).end(String(error.message))
    }
  }).listen(Number(process.env.YOTROPE_METRICS_PORT), process.env.YOTROPE_METRICS_HOST ?? '127.0.0.1')
}

function end() {
  if (isEnding) return
  isEnding = true
  for (const worker of alive()) worker.process.kill('SIGTERM')
  setTimeout(() => process.exit(0), ENDS_WITHIN_MS)
}
for (const signal of ['SIGTERM', 'SIGINT']) process.on(signal, end)
// whoever started it is gone: it would only be in the next one's way
process.stdin.once('end', end).resume()
