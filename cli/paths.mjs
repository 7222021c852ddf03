import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)))

/** The longest path a Unix socket may have, less a little. */
const SOCKET_PATH_LIMIT = 100

/**
 * Where one instance keeps what is its own: database, password, secret, and what is running now.
 * @param name '' for the user's, anything else for a test's
 */
export function placeOf(name = '') {
  const base = process.env.YOTROPE_DATA ?? join(ROOT, '.yotrope')
  const home = name ? join(base, name) : base
  const socket = join(home, 'database.sock')
  return {
    home,
    dataDir: join(home, 'database'),
    log: join(home, 'database.log'),
    pidFile: join(home, 'database.pid'),
    password: join(home, 'database-password'),
    secret: join(home, 'session-secret'),
    initFile: join(home, 'database-accounts.sql'),
    state: join(home, 'running.json'),
    socket:
      socket.length <= SOCKET_PATH_LIMIT
        ? socket
        : join(tmpdir(), `yotrope-${createHash('sha256').update(home).digest('hex').slice(0, 16)}.sock`),
  }
}

export function ensureHome(place) {
  mkdirSync(place.home, { recursive: true, mode: 0o700 })
}

/** What an earlier start left on record, if its process still lives; a record of a dead one is removed. */
export function runningNow(place) {
  if (!existsSync(place.state)) return null
  try {
    const state = JSON.parse(readFileSync(place.state, 'utf8'))
    process.kill(state.pid, 0)
    return state
  } catch {
    rmSync(place.state, { force: true })
    return null
  }
}

export function recordRunning(place, state) {
  writeFileSync(place.state, JSON.stringify({ ...state, pid: process.pid }))
}

export function forgetRunning(place) {
  rmSync(place.state, { force: true })
}
