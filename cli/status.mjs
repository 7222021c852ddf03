import { ask } from './control.mjs'
import { placeOf } from './paths.mjs'
import { say } from './say.mjs'

/** `./yotrope status`: 0 when it runs and answers, 3 when it does not. */
export async function status(args = []) {
  const running = await ask(placeOf())
  if (!running) {
    say('Yotrope is not running. ./yotrope start starts it.')
    return 3
  }
  const address = `http://127.0.0.1:${running.port}`
  const isReady = await fetch(`${address}/api/ready`, { signal: AbortSignal.timeout(6000) }).then(
    (response) => response.ok,
    () => false,
  )
  if (isReady) say(`Yotrope is running on ${address}`)
  else say(`Yotrope was started (process ${running.pid}) but does not answer yet: ${running.phase}.`)
  if (running.restarts) say(`Servers started again since: ${running.restarts}.`)
  if (args[0] === '--json') say(JSON.stringify({ ...running, isReady }))
  return isReady ? 0 : 3
}
