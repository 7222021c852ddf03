import { createHash } from 'node:crypto'
import { chmodSync, mkdirSync, statSync } from 'node:fs'
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
  /** A socket in the place, or where its path would be too long beside it. */
  const socketOf = (file) => {
    const path = join(home, file)
    const short = createHash('sha256').update(path).digest('hex').slice(0, 16)
    return path.length <= SOCKET_PATH_LIMIT ? path : join(tmpdir(), `yotrope-${short}.sock`)
  }
  return {
    home,
    dataDir: join(home, 'database'),
    log: join(home, 'database.log'),
    pidFile: join(home, 'database.pid'),
    password: join(home, 'database-password'),
    secret: join(home, 'session-secret'),
    initFile: join(home, 'database-accounts.sql'),
    webLog: join(home, 'web.log'),
    control: socketOf('control.sock'),
    socket: socketOf('database.sock'),
  }
}

/** Makes the place, for its owner alone; one that others could read is closed to them. */
export function ensureHome(place) {
  mkdirSync(place.home, { recursive: true, mode: 0o700 })
  if (statSync(place.home).mode & 0o077) chmodSync(place.home, 0o700)
}
