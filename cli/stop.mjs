import { setTimeout as pause } from 'node:timers/promises'
import { ask } from './control.mjs'
import { placeOf } from './paths.mjs'
import { Stop, say } from './say.mjs'
import { wordsOf } from './words.mjs'

const words = wordsOf('running')

const STOP_WITHIN_MS = 40_000

/** `./yotrope stop` asks the one that runs here to stop; nothing is ever ended by its number. */
export async function stop() {
  const place = placeOf()
  if (!(await ask(place, 'stop'))) {
    say(words('doesNotRun'))
    return 0
  }
  for (const from = Date.now(); Date.now() - from < STOP_WITHIN_MS;) {
    if (!(await ask(place))) {
      say(words('stopped'))
      return 0
    }
    await pause(100)
  }
  throw new Stop(
    words('didNotStop', { seconds: STOP_WITHIN_MS / 1000, logs: `${place.log}, ${place.webLog}` }),
  )
}
