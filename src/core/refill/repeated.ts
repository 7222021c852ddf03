import { LIMITS } from '../plan/limits'

/** Something that comes back: grid for an hour of every six, the generator every evening. Minutes since the outage began. */
export interface Repeat {
  firstMin: number
  lengthMin: number
  everyMin: number
}

/**
 * Lays a repeat out over an outage; what reaches past its end is cut there.
 *
 * @throws RangeError when a stretch would run into the next, begins after the end, or there are too many
 * @example repeated({ firstMin: 300, lengthMin: 60, everyMin: 360 }, 1440) // 5:00–6:00, 11:00–12:00, …
 */
export function repeated(
  { firstMin, lengthMin, everyMin }: Repeat,
  untilMin: number,
): { fromMin: number; toMin: number }[] {
  if (!(lengthMin > 0)) throw new RangeError('it must run for some minutes each time')
  if (everyMin <= lengthMin)
    throw new RangeError('it would never stop: the time from one to the next must be longer than it runs')
  if (firstMin >= untilMin) throw new RangeError('the first begins after the outage has ended')
  const count = Math.ceil((untilMin - firstMin) / everyMin)
  if (count > LIMITS.chargingTimes)
    throw new RangeError(
      `that makes ${count} times; ${LIMITS.chargingTimes} at most, so less often or a shorter outage`,
    )
  return Array.from({ length: count }, (_, i) => {
    const fromMin = firstMin + i * everyMin
    return { fromMin, toMin: Math.min(untilMin, fromMin + lengthMin) }
  })
}
