import type { Surroundings } from '../plan/limits'
import type { Source } from '../plan/power'

/**
 * The hours in which it is too cold or too hot for a source to give anything, where it stands.
 *
 * The air around it counts, not the cells: a unit that works keeps itself a little warmer, one that was
 * left in the car all night does not. The range is its label's.
 *
 * @returns 1 for every such hour of the outage; null where there is none or its label says nothing
 */
export function outOfRangeHours(
  source: Source,
  weather: Record<Surroundings, Float64Array>,
): Uint8Array | null {
  const range = source.outfit?.dischargeC
  if (!range) return null
  const hours = Uint8Array.from(weather[source.where ?? 'indoors'], (celsius) =>
    celsius < range.lowC || celsius > range.highC ? 1 : 0,
  )
  return hours.includes(1) ? hours : null
}
