import type { Percentiles } from '../simulation/result'

/** Values that count unequally. Infinity stands for "longer than was looked at". */
export interface WeightedValues {
  values: Float64Array
  weights: Float64Array
}

/**
 * Percentiles of weighted values: each stands at the middle of its own weight, and between two neighbours it is a straight
 * line.
 *
 * @param ps probabilities in ascending order
 * @throws RangeError where nothing has a weight
 */
export function weightedPercentiles({ values, weights }: WeightedValues, ps: readonly number[]): number[] {
  const order = Array.from({ length: values.length }, (_, i) => i)
    .filter((i) => weights[i] > 0)
    .sort((a, b) => values[a] - values[b])
  if (order.length === 0) throw new RangeError('percentile of nothing')
  const total = order.reduce((sum, i) => sum + weights[i], 0)
  let below = 0
  const middles = order.map((i) => {
    const middle = (below + weights[i] / 2) / total
    below += weights[i]
    return middle
  })
  return ps.map((p) => {
    const k = middles.findIndex((middle) => middle >= p)
    if (k === 0) return values[order[0]]
    if (k < 0) return values[order[order.length - 1]]
    const low = values[order[k - 1]]
    const high = values[order[k]]
    if (high === Infinity) return middles[k] - p < p - middles[k - 1] ? Infinity : low
    return low + ((p - middles[k - 1]) / (middles[k] - middles[k - 1])) * (high - low)
  })
}

/** The 10, 50 and 90 % percentiles of weighted values. */
export function weightedBand(some: WeightedValues): Percentiles {
  const [p10, p50, p90] = weightedPercentiles(some, [0.1, 0.5, 0.9])
  return { p10, p50, p90 }
}

/** Share of the weight of values that reach at least so far. */
export function shareReaching({ values, weights }: WeightedValues, least: number): number {
  let reaching = 0
  let total = 0
  for (let i = 0; i < values.length; i++) {
    total += weights[i]
    if (values[i] >= least) reaching += weights[i]
  }
  return total > 0 ? reaching / total : 0
}
