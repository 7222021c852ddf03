import 'server-only'
import { durationS, giveBack, overLimit } from './limits'
import { refuse } from './respond'
import { streams } from '@/words/en/server/refusals'
import { wordsOf } from '@/words/translate'

const say = wordsOf(streams)

/**
 * A place among a visitor's simulated devices that run at once, counted in the database for all instances.
 *
 * @param left aborted when the listener goes away
 * @returns a signal aborted when the stream is to end: its listener left, or it ran long enough; and what gives the place back. The
 *   refusal where there are enough already
 */
async function takeStream(
  userId: string,
  left: AbortSignal,
): Promise<{ signal: AbortSignal; end: () => void } | Response> {
  const over = await overLimit('running', userId)
  if (over) {
    // one that was refused counts for nothing
    await giveBack('running', userId)
    return refuse(429, 'limit', say('twoSimulatedDevicesRunAlreadyEnd'))
  }
  let isOver = false
  const end = () => {
    if (!isOver) void giveBack('running', userId)
    isOver = true
  }
  const signal = AbortSignal.any([left, AbortSignal.timeout(durationS('running') * 1000)])
  if (signal.aborted) end()
  else signal.addEventListener('abort', end, { once: true })
  return { signal, end }
}

/**
 * The answer of a simulated device that speaks by itself, as text/event-stream, within the limits of how many may.
 *
 * @param speak the device's words, ended by a signal
 */
export async function streamOf(
  userId: string,
  left: AbortSignal,
  speak: (signal: AbortSignal) => ReadableStream<Uint8Array>,
): Promise<Response> {
  const over = await overLimit('stream', userId)
  if (over) return over
  const turn = await takeStream(userId, left)
  if (turn instanceof Response) return turn
  return new Response(speak(turn.signal).pipeThrough(new TransformStream({ flush: turn.end })), {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' },
  })
}
