import 'server-only'

/** Simulated devices that a visitor may have running at once, here. */
export const MOST_STREAMS = 2
/** Longest a stream runs. */
const ENDS_AFTER_MS = 15 * 60_000

const running = new Map<string, number>()

/**
 * A place among a visitor's streams.
 *
 * @param left aborted when the listener goes away
 * @returns a signal aborted when the stream is to end: its listener left, or it ran long enough; and what gives the place back. Null
 *   where there are enough already
 */
export function takeStream(
  userId: string,
  left: AbortSignal,
): { signal: AbortSignal; end: () => void } | null {
  const before = running.get(userId) ?? 0
  if (before >= MOST_STREAMS) return null
  running.set(userId, before + 1)
  let isOver = false
  const end = () => {
    if (isOver) return
    isOver = true
    const now = (running.get(userId) ?? 1) - 1
    if (now > 0) running.set(userId, now)
    else running.delete(userId)
  }
  const signal = AbortSignal.any([left, AbortSignal.timeout(ENDS_AFTER_MS)])
  signal.addEventListener('abort', end, { once: true })
  return { signal, end }
}
