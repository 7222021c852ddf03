import { normalCdf } from '../quantity/normal'
import type { Observation } from './observations'
import type { SegmentRuns } from './segmentRuns'

/** So few of a hundred runs may lie beyond a reading before it counts as outside; as many readings are looked at, at least. */
const BEYOND = 0.04
const LEAST_READINGS = 3

/**
 * Whether the later half of the readings lies outside of what the plan alone expects, all on the same side: below (more was used than
 * in nearly any run), above (less was), or null.
 */
export function outsideOfPlan(
  runs: SegmentRuns,
  observations: readonly Observation[],
): 'more used' | 'less used' | null {
  const last = observations.filter(({ minute }) => minute > 0)
  const later = last.slice(Math.floor(last.length / 2))
  if (later.length < LEAST_READINGS) return null
  const sides = later.map((one) => {
    let below = 0
    for (let run = 0; run < runs.runs; run++) {
      const { value, noise, perShare } = runs.expect(run, one)
      const { biasSd, isRelative } = one.instrument
      const sd = Math.hypot(one.noiseSd, noise, isRelative ? biasSd * value : biasSd)
      // share of the runs that used less than was read
      const z = (one.value - value) / sd
      below += perShare < 0 ? 1 - normalCdf(z) : normalCdf(z)
    }
    const usedMore = below / runs.runs
    return usedMore > 1 - BEYOND ? 'more used' : usedMore < BEYOND ? 'less used' : null
  })
  return sides.every((side) => side === sides[0]) ? sides[0] : null
}
