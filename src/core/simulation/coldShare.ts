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
  const byHour = weather[source.where ?? 'indoors']
  const counted = byHour.subarray(0, Math.max(1, Math.ceil(durationH)))
  const meanC = counted.reduce((sum, celsius) => sum + celsius, 0) / counted.length
  return coldCapacity(chemistryOf(source), meanC)
}
