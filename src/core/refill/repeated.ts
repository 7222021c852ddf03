import { ToldError, told } from '../quantity/told'
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
 * @throws ToldError when a stretch would run into the next, begins after the end, or there are too many
 * @example repeated({ firstMin: 300, lengthMin: 60, everyMin: 360 }, 1440) // 5:00–6:00, 11:00–12:00, …
 */
export function repeated(
  { firstMin, lengthMin, everyMin }: Repeat,
  untilMin: number,
): { fromMin: number; toMin: number }[] {
  if (!(lengthMin > 0)) throw new ToldError(told('repeat.noLength'))
  if (everyMin <= lengthMin) throw new ToldError(told('repeat.neverStops'))
  if (firstMin >= untilMin) throw new ToldError(told('repeat.afterTheEnd'))
  const count = Math.ceil((untilMin - firstMin) / everyMin)
  if (count > LIMITS.chargingTimes)
    throw new ToldError(told('repeat.tooOften', { count, most: LIMITS.chargingTimes }))
  return Array.from({ length: count }, (_, i) => {
    const fromMin = firstMin + i * everyMin
    return { fromMin, toMin: Math.min(untilMin, fromMin + lengthMin) }
  })
}
