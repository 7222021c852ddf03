import type { SegmentRuns } from './segmentRuns'

/** Hours ahead over which it is seen how a difference goes on, at least. */
const LEAST_AHEAD_MIN = 360
/** Shares of full below which a logarithm says nothing. */
const LEAST_USED = 0.002

/**
 * How much of a difference between runs in what was used until now goes on after it: the slope b of
 * log(use ahead) = a + b · log(use so far) over the runs, by weighted least squares, from 0 (it was chance, and is over) to 1 (it
 * is how the house is). A run that used q times too little is taken to go on using q^b times too little.
 *
 * It is the regression that approximate Bayesian computation corrects its samples by. Source: Beaumont, Zhang & Balding 2002, from
 * memory.
 */
export function persistence(runs: SegmentRuns, weights: Float64Array, nowMin: number): number {
  if (nowMin <= 0) return 1
  const aheadMin = Math.max(LEAST_AHEAD_MIN, nowMin)
  let sum = 0
  let sumX = 0
  let sumY = 0
  const xs: number[] = []
  const ys: number[] = []
  for (let run = 0; run < runs.runs; run++) {
    const used = runs.drawn(run, nowMin)
    xs.push(Math.log(Math.max(LEAST_USED, used)))
    ys.push(Math.log(Math.max(LEAST_USED, runs.drawn(run, nowMin + aheadMin) - used)))
    sum += weights[run]
    sumX += weights[run] * xs[run]
    sumY += weights[run] * ys[run]
  }
  let across = 0
  let square = 0
  for (let run = 0; run < runs.runs; run++) {
    const dx = xs[run] - sumX / sum
    across += weights[run] * dx * (ys[run] - sumY / sum)
    square += weights[run] * dx * dx
  }
  return square > 1e-9 ? Math.min(1, Math.max(0, across / square)) : 1
}
