import type { Plan } from '../plan/document'
import type { Chance } from './likelihood'
import { SegmentRuns } from './segmentRuns'
import { canBeTilted, unknownsOf, withTilts } from './unknowns'

/** Runs from which it is seen what chance alone does, and into how many stretches the time until the last reading is cut at most. */
const CHANCE_RUNS = 80
const MOST_STRETCHES = 8
const LEAST_STRETCH_MIN = 120
/** Two runs differ by the chance of both. */
const OF_BOTH = 2
/** Some of what happens is not in any run: kept on the diagonal, as a share of what a stretch uses. From memory. */
const LEAST_WANDER = 0.04

/**
 * What chance alone does to the use of each stretch of a segment: the covariance over runs in which everything that is unknown
 * stands at its middle, so that they differ in cycles, defrosts, storms and habits only.
 *
 * @param untilMin the last reading; chance is looked at no further
 */
export function chanceOfUse(plan: Plan, sourceId: string, seed: number, untilMin: number): Chance {
  const count = Math.max(1, Math.min(MOST_STRETCHES, Math.floor(untilMin / LEAST_STRETCH_MIN)))
  const stretchMin = Math.max(15, untilMin / count)
  const of = unknownsOf(plan, new Set(plan.loads.map(({ id }) => id)), new Set([sourceId]))
  const settled = withTilts(
    plan,
    of.filter((unknown) => canBeTilted(plan, unknown)).map((unknown) => ({ unknown, mean: 0, sd: 0 })),
  )
  const runs = new SegmentRuns(settled, sourceId, seed, CHANCE_RUNS, Math.ceil(stretchMin * count) + 30)
  const uses = Array.from({ length: CHANCE_RUNS }, (_, run) =>
    Array.from(
      { length: count },
      (_, k) => runs.drawn(run, (k + 1) * stretchMin) - runs.drawn(run, k * stretchMin),
    ),
  )
  const means = Array.from(
    { length: count },
    (_, k) => uses.reduce((sum, use) => sum + use[k], 0) / CHANCE_RUNS,
  )
  const covariance = new Float64Array(count * count)
  for (let p = 0; p < count; p++)
    for (let q = 0; q < count; q++) {
      let sum = 0
      for (const use of uses) sum += (use[p] - means[p]) * (use[q] - means[q])
      // few runs make false correlations: neighbours keep theirs, the distant little
      const shrink = p === q ? 1 : Math.max(0, 1 - Math.abs(p - q) / 4) * 0.8
      covariance[p * count + q] = ((OF_BOTH * sum) / (CHANCE_RUNS - 1)) * shrink
    }
  for (let k = 0; k < count; k++) covariance[k * count + k] += (LEAST_WANDER * means[k]) ** 2 + 1e-8
  return { stretchMin, count, covariance }
}
