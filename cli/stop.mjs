import { setTimeout as pause } from 'node:timers/promises'
import { placeOf, runningNow } from './paths.mjs'
import { Stop, say } from './say.mjs'

/** `./yotrope stop` */
export async function stop() {
  const place = placeOf()
  const running = runningNow(place)
  if (!running) {
    say('Yotrope is not running.')
    return 0
  }
  process.kill(running.pid, 'SIGTERM')
  for (let waited = 0; waited < 30_000; waited += 100) {
    if (!runningNow(place)) {
      say('Stopped.')
      return 0
    }
    await pause(100)
  }
  throw new Stop(`process ${running.pid} did not stop within 30 s; look at ${place.log}`)
}
