import { spawn } from 'node:child_process'
import { closeSync, openSync, statSync, truncateSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { commandScript } from './commandScript.mjs'
import { ensureSecretFile, startDatabase } from './database.mjs'
import { ROOT, ensureHome } from './paths.mjs'
import { run } from './run.mjs'
import { Stop, say } from './say.mjs'
import { supervise } from './supervise.mjs'
import { wordsOf } from './words.mjs'

const words = wordsOf('instance')
const phases = wordsOf('phase')

const READY_WITHIN_MS = 60_000
const MOST_LOG_BYTES = 20e6

/** Stops with one line when a port is taken. */
export async function ensurePortFree(port, host = '127.0.0.1') {
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Stop(words('portMustBe', { variable: 'PORT' }))
  await new Promise((resolve, reject) => {
    const probe = createServer()
    probe.once('error', (error) =>
      reject(
        new Stop(
          error.code === 'EACCES'
            ? words('portIsForTheAdministrator', { port, command: 'PORT=3001 ./yotrope start' })
            : error.code === 'EADDRNOTAVAIL'
              ? words('noAddressOfThisMachine', { host, everywhere: '--host 0.0.0.0' })
              : words('portIsInUse', { port, command: `PORT=${port + 1} ./yotrope start` }),
        ),
      ),
    )
    probe.listen(port, host, () => probe.close(resolve))
  })
}

/** Brings the schema of a database up to date. */
export async function applyMigrations(url) {
  const { status, stderr } = await run(process.execPath, [await commandScript('migrate')], {
    cwd: ROOT,
    env: { ...process.env, DATABASE_URL: url },
  })
  if (status !== 0) throw new Stop(words('schemaFailed', { reason: reasonOf(stderr) }))
}

/** What a program that failed said was wrong: the line of its error, else its last one. */
export function reasonOf(stderr) {
  const lines = stderr.trim().split('\n')
  const error = lines.find((line) => /^\w*(Error|ForeignDatabase): /.test(line))
  return (error ?? lines.pop()).replace(/^\w*(Error|ForeignDatabase): /, '')
}

/**
 * Runs database and web server of a place. Either that dies is started again, later each time it dies soon; the
 * database on the same port, so that the web server finds it. What was saved is on the disk.
 *
 * @param options.databaseUrl a database that is given: none of its own is run then
 * @param options.signal gives up what is still coming up
 * @param options.onPhase told what is going on
 * @returns { port, stop, state } once it answers
 */
export async function runInstance(
  place,
  port,
  { env = {}, host = '127.0.0.1', databaseUrl, signal: giveUp, onPhase = () => {} } = {},
) {
  ensureHome(place)
  ensureSecretFile(place.secret)
  const over = new AbortController()
  giveUp?.addEventListener('abort', () => over.abort(), { once: true })
  const reportOf = (server) => (kind, error) => {
    const said = words(kind, { server, reason: error?.message ?? '' })
    say(said)
    onPhase(kind === 'again' ? phases('running') : said)
  }
  let database = null
  let url = databaseUrl
  let web
  try {
    if (!url) {
      onPhase(phases('startingTheDatabase'))
      let samePort = null
      const begin = async () => {
        const server = await startDatabase(place, samePort, over.signal)
        samePort = server.port
        return server
      }
      database = await supervise(begin, over.signal, reportOf(words('theDatabase')))
      ;({ url } = database.now())
    }
    onPhase(phases('schema'))
    await applyMigrations(url)
    onPhase(phases('startingTheWebServer'))
    web = await supervise(
      () => startWeb(place, { port, host, databaseUrl: url, env, signal: over.signal }),
      over.signal,
      reportOf(words('theWebServer')),
    )
  } catch (error) {
    over.abort()
    await database?.stop()
    throw error
  }
  onPhase(phases('running'))
  return {
    port,
    databaseUrl: url,
    state: () => ({
      databasePid: database?.now().pid,
      databasePort: database?.now().port,
      webPid: web.now().pid,
      restarts: web.restarts() + (database?.restarts() ?? 0),
    }),
    stop: async () => {
      over.abort()
      await web.stop()
      await database?.stop()
    },
  }
}

/** A file that is appended to; begun anew when it has grown large. */
function logFile(path) {
  const log = openSync(path, 'a', 0o600)
  if (statSync(path).size > MOST_LOG_BYTES) truncateSync(path)
  return log
}

async function startWeb(place, { port, host, databaseUrl, env, signal }) {
  const log = logFile(place.webLog)
  const child = spawn(process.execPath, [join(ROOT, 'cli/webServer.mjs')], {
    cwd: ROOT,
    // standard input tells it when we are gone: it ends itself then
    stdio: ['pipe', log, 'pipe'],
    detached: true,
    env: {
      ...process.env,
      NODE_ENV: 'production',
      NEXT_TELEMETRY_DISABLED: '1',
      HOST: host,
      PORT: String(port),
      DATABASE_URL: databaseUrl,
      YOTROPE_SECRET_FILE: process.env.YOTROPE_SECRET_FILE ?? place.secret,
      ...env,
    },
  })
  closeSync(log)
  child.stdin.on('error', () => {})
  let lastSaid = ''
  let hasEnded = false
  child.stderr.on('data', (chunk) => {
    lastSaid = (lastSaid + chunk).slice(-4000)
    process.stderr.write(chunk)
  })
  const ended = new Promise((resolve) =>
    child.once('exit', () => {
      hasEnded = true
      resolve()
    }),
  )
  const stop = async () => {
    if (!hasEnded) child.kill('SIGTERM')
    await Promise.race([ended, pause(5000, null, { ref: false })])
    if (!hasEnded) child.kill('SIGKILL')
    await ended
  }
  const address = host === '0.0.0.0' ? '127.0.0.1' : host === '::' ? '[::1]' : host
  for (const from = Date.now(); ;) {
    const isLate = Date.now() - from > READY_WITHIN_MS
    if (hasEnded || isLate || signal.aborted) {
      await stop()
      const reason = lastSaid.trim().split('\n').pop() || words('see', { log: place.webLog })
      throw new Stop(words('webServerDidNotComeUp', { reason }))
    }
    const isReady = await fetch(`http://${address}:${port}/api/ready`, {
      signal: AbortSignal.timeout(3000),
    }).then(
      (response) => response.ok,
      () => false,
    )
    if (isReady) break
    await pause(50)
  }
  return { pid: child.pid, ended, stop }
}
