import { ask } from './control.mjs'
import { placeOf } from './paths.mjs'
import { say } from './say.mjs'
import { wordsOf } from './words.mjs'

const words = wordsOf('running')

/** `./yotrope status`: 0 when it runs and answers, 3 when it does not. */
export async function status(args = []) {
  const running = await ask(placeOf())
  if (!running) {
    say(words('startStartsIt', { command: './yotrope start' }))
    return 3
  }
  const address = `http://127.0.0.1:${running.port}`
  const isReady = await fetch(`${address}/api/ready`, { signal: AbortSignal.timeout(6000) }).then(
    (response) => response.ok,
    () => false,
  )
  if (isReady) say(words('runs', { address }))
  else say(words('doesNotAnswerYet', { pid: running.pid, phase: running.phase }))
  if (running.restarts) say(words('startedAgain', { count: running.restarts }))
  if (args[0] === '--json') say(JSON.stringify({ ...running, isReady }))
  return isReady ? 0 : 3
}
