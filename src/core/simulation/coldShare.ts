import type { Surroundings } from '../plan/limits'
import type { Source } from '../plan/power'
import { chemistryOf } from '../storage/bank'
import { coldCapacity } from '../storage/coldCapacity'

/** Share of its capacity a source gives at the mean temperature of an outage where it stands. */
export function coldShareOf(
  source: Source,
  weather: Record<Surroundings, Float64Array>,
  durationH: number,
): number {
  return coldCapacity(chemistryOf(source), meanAroundC(source, weather, durationH))
}

/** °C where a source stands, the mean of an outage. */
export function meanAroundC(
  { where = 'indoors' }: Pick<Source, 'where'>,
  weather: Record<Surroundings, Float64Array>,
  durationH: number,
): number {
  const counted = weather[where].subarray(0, Math.max(1, Math.ceil(durationH)))
  return counted.reduce((sum, celsius) => sum + celsius, 0) / counted.length
}
