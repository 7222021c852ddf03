import { createHash } from 'node:crypto'
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
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

/** What the last start left on record; null without one. */
export function recordOf(place) {
  try {
    return JSON.parse(readFileSync(place.state, 'utf8'))
  } catch {
    return null
  }
}

/** The record of the last start, if its process still lives. */
export function runningNow(place) {
  const record = recordOf(place)
  return record && isAlive(record.pid) ? record : null
}

export function isAlive(pid) {
  try {
    process.kill(pid, 0)
    return true
  } catch {
    return false
  }
}

export function recordRunning(place, state) {
  writeFileSync(place.state, JSON.stringify({ ...state, pid: process.pid }))
}

export function forgetRunning(place) {
  rmSync(place.state, { force: true })
}
