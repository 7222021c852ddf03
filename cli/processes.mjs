import { readFileSync, readdirSync } from 'node:fs'
import { setTimeout as pause } from 'node:timers/promises'

const GONE_WITHIN_MS = 20_000

/** Processes of this machine whose command line has an argument, by their numbers. */
export function processesWith(argument) {
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name) && Number(name) !== process.pid)
    .map(Number)
    .filter((pid) => commandOf(pid).includes(argument))
}

/** A process's command line as a list; empty for one that is gone, or has ended and waits to be told so. */
function commandOf(pid) {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').split('\0')
  } catch {
    return []
  }
}

/**
 * Ends the database of a place that a start left behind when it was itself killed. It is told by its data directory: a process
 * number may have been given to somebody else since.
 */
export async function endOrphans(place) {
  const argument = `--datadir=${place.dataDir}`
  const signal = (name) => {
    for (const pid of processesWith(argument))
      try {
        process.kill(pid, name)
      } catch {
        // gone meanwhile
      }
  }
  signal('SIGTERM')
  for (let waited = 0; processesWith(argument).length > 0; waited += 50) {
    if (waited === GONE_WITHIN_MS) signal('SIGKILL')
    if (waited > 2 * GONE_WITHIN_MS) return
    await pause(50)
  }
}
