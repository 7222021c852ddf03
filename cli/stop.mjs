import { setTimeout as pause } from 'node:timers/promises'
import { ask } from './control.mjs'
import { placeOf } from './paths.mjs'
import { Stop, say } from './say.mjs'

const STOP_WITHIN_MS = 40_000

/** `./yotrope stop` asks the one that runs here to stop; nothing is ever ended by its number. */
export async function stop() {
  const place = placeOf()
  if (!(await ask(place, 'stop'))) {
    say('Yotrope is not running.')
    return 0
  }
  for (const from = Date.now(); Date.now() - from < STOP_WITHIN_MS;) {
    if (!(await ask(place))) {
      say('Stopped.')
      return 0
    }
    await pause(100)
  }
  throw new Stop(
    `it did not stop within ${STOP_WITHIN_MS / 1000} s; look at ${place.log} and ${place.webLog}`,
  )
}
