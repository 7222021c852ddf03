import { placeOf, runningNow } from './paths.mjs'
import { say } from './say.mjs'

/** `./yotrope status`: 0 when it runs and answers, 3 when it does not. */
export async function status() {
  const running = runningNow(placeOf())
  if (!running) {
    say('Yotrope is not running. ./yotrope start starts it.')
    return 3
  }
  const address = `http://127.0.0.1:${running.port}`
  const answers = await fetch(`${address}/api/health`).then(
    (response) => response.ok,
    () => false,
  )
  say(
    answers
      ? `Yotrope is running on ${address}`
      : `Yotrope was started (process ${running.pid}) but ${address} does not answer yet.`,
  )
  return answers ? 0 : 3
}
