import { readFileSync } from 'node:fs'
import { setTimeout as pause } from 'node:timers/promises'
import { ROOT, forgetRunning, isAlive, recordOf } from './paths.mjs'

const GONE_WITHIN_MS = 20_000

/**
 * Ends what a start that was itself killed left running: its web server and its database, told by their
 * command lines, since a process number may have been given to someone else since.
 */
export async function endOrphans(place) {
  const record = recordOf(place)
  if (!record) return
  const orphans = [record.webPid, record.databasePid].filter(
    (pid) => pid && isAlive(pid) && isOurs(pid, place),
  )
  for (const pid of orphans) process.kill(pid, 'SIGTERM')
  for (let waited = 0; orphans.some(isAlive) && waited < GONE_WITHIN_MS; waited += 50) await pause(50)
  forgetRunning(place)
}

function isOurs(pid, place) {
  try {
    const command = readFileSync(`/proc/${pid}/cmdline`, 'utf8')
    return command.includes(place.dataDir) || command.includes(ROOT) || command.startsWith('next-server')
  } catch {
    return false
  }
}
