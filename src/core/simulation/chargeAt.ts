import { percentilesOf } from './events'
import type { Percentiles } from './result'
import type { ChainRuns } from './chainRuns'
import { POINT_MIN } from './sweep'

/** State of charge (0…1) of every source, by its id, at one moment. */
export interface ChargeMoment {
  minute: number
  sources: Record<string, Percentiles>
}

/**
 * The state of charge at given moments, over the runs. Between the points of a run's curve it is taken as a
 * straight line, run by run, before the percentiles are.
 *
 * @param all what `runAll` left
 * @param moments minutes since the outage began, within the horizon
 */
export function chargeAt(
  all: { runs: number; chains: ChainRuns[] },
  moments: readonly number[],
): ChargeMoment[] {
  const { runs } = all
  return moments.map((minute) => ({
    minute,
    sources: Object.fromEntries(
      all.chains.flatMap(({ chain, fractions }) =>
        chain.sources.map(({ id }, s) => {
          const last = fractions[s].length / runs - 1
          const point = Math.min(minute / POINT_MIN, last)
          const before = Math.floor(point)
          const after = Math.min(before + 1, last)
          const values = Float64Array.from({ length: runs }, (_, run) => {
            const a = fractions[s][before * runs + run]
            return a + (point - before) * (fractions[s][after * runs + run] - a)
          })
          return [id, percentilesOf(values)]
        }),
      ),
    ),
  }))
}
