import { spawn, spawnSync } from 'node:child_process'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { ensureSecretFile, startDatabase } from './database.mjs'
import { ROOT, ensureHome } from './paths.mjs'
import { Stop, say } from './say.mjs'

const READY_WITHIN_MS = 60_000
const RESTARTS_A_MINUTE = 3

/** Stops with one line when a port of the loopback address is taken. */
export async function ensurePortFree(port) {
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Stop(`PORT must be a whole number from 1 to 65535, such as 3001`)
  await new Promise((resolve, reject) => {
    const probe = createServer()
    probe.once('error', (error) =>
      reject(
        new Stop(
          error.code === 'EACCES'
            ? `port ${port} is for the administrator only; choose one above 1023: PORT=3001 ./yotrope start`
            : `port ${port} is in use by another program; choose another: PORT=${port + 1} ./yotrope start`,
        ),
      ),
    )
    probe.listen(port, '127.0.0.1', () => probe.close(resolve))
  })
}

/** Brings the schema of a database up to date. */
export function applyMigrations(url) {
  const { status, stderr } = spawnSync(process.execPath, ['--import', 'tsx', join(ROOT, 'cli/migrate.ts')], {
    cwd: ROOT,
    env: { ...process.env, DATABASE_URL: url },
    encoding: 'utf8',
  })
  if (status !== 0)
    throw new Stop(`the database schema could not be brought up to date: ${stderr.trim().split('\n').pop()}`)
}

/**
 * Runs database and web server of a place. A database that dies is started again on the same
 * port, so that the web server finds it; what was saved is on the disk.
 *
 * @returns { port, stop, ended }: `ended` settles when the web server ends without having been asked to
 */
export async function runInstance(place, port, env = {}) {
  ensureHome(place)
  ensureSecretFile(place.secret)
  let web = null
  let stopping = false
  const deaths = []
  let giveUp
  const ended = new Promise((resolve) => (giveUp = resolve))

  const databaseDied = async () => {
    deaths.push(Date.now())
    if (stopping || deaths.filter((at) => Date.now() - at < 60_000).length > RESTARTS_A_MINUTE)
      return giveUp('the database keeps dying')
    say('The database ended unexpectedly; starting it again. What was saved is kept.')
    try {
      database = await startDatabase(place, databaseDied, database.port)
    } catch (error) {
      giveUp(error.message)
    }
  }
  let database = await startDatabase(place, databaseDied)
  try {
    applyMigrations(database.url)
    web = await startWeb(place, port, database.url, env, (reason) => !stopping && giveUp(reason))
  } catch (error) {
    stopping = true
    await database.stop()
    throw error
  }
  return {
    port,
    webPid: web.pid,
    database: () => database,
    ended,
    stop: async () => {
      stopping = true
      await web.stop()
      await database.stop()
    },
  }
}

async function startWeb(place, port, databaseUrl, env, onExit) {
  const child = spawn(
    process.execPath,
    [join(ROOT, 'node_modules/next/dist/bin/next'), 'start', '-H', '127.0.0.1', '-p', String(port)],
    {
      cwd: ROOT,
      stdio: ['ignore', 'ignore', 'pipe'],
      detached: true,
      env: {
        ...process.env,
        NODE_ENV: 'production',
        NEXT_TELEMETRY_DISABLED: '1',
        PORT: String(port),
        DATABASE_URL: databaseUrl,
        YOTROPE_SECRET_FILE: place.secret,
        ...env,
      },
    },
  )
  let words = ''
  let ended = false
  child.stderr.on('data', (chunk) => {
    words = (words + chunk).slice(-4000)
    process.stderr.write(chunk)
  })
  child.once('exit', () => {
    ended = true
    onExit('the web server ended unexpectedly')
  })
  for (let waited = 0; ; waited += 50) {
    if (ended || waited > READY_WITHIN_MS) {
      if (!ended) child.kill('SIGKILL')
      throw new Stop(`the web server did not come up: ${words.trim().split('\n').pop() || 'it said nothing'}`)
    }
    const healthy = await fetch(`http://127.0.0.1:${port}/api/health`).then(
      (response) => response.ok,
      () => false,
    )
    if (healthy) break
    await pause(50)
  }
  return {
    pid: child.pid,
    stop: async () => {
      if (!ended) child.kill('SIGTERM')
      for (let waited = 0; !ended && waited < 5000; waited += 20) await pause(20)
      if (!ended) child.kill('SIGKILL')
    },
  }
}
