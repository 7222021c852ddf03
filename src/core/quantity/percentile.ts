/**
 * A percentile of a sample by linear interpolation between order statistics.
 *
 * @param sample any order; NaN not allowed, Infinity stands for "longer than was looked at"
 * @param count how many of the leading elements belong to the sample
 * @param p probability 0…1
 * @returns the type 7 percentile; Infinity where the interpolation touches an infinite element
 * @throws RangeError when the sample is empty
 * Reorders `sample` in place. Source: Hyndman & Fan 1996, type 7: h = (n − 1)·p.
 * @example percentileInPlace(Float64Array.of(4, 1, 3, 2), 4, 0.5) // 2.5
 */
export function percentileInPlace(sample: Float64Array | Float32Array, count: number, p: number): number {
  return percentilesInPlace(sample, count, [p])[0]
}

/**
 * Several percentiles of one sample, by the same rule: the largest first, so that each narrows where the
 * next is looked for.
 *
 * @param ps probabilities in ascending order
 */
export function percentilesInPlace(
  sample: Float64Array | Float32Array,
  count: number,
  ps: readonly number[],
): number[] {
  if (count === 0) throw new RangeError('percentile of an empty sample')
  const found: number[] = []
  let right = count - 1
  for (let i = ps.length - 1; i >= 0; i--) {
    const h = (count - 1) * ps[i]
    const k = Math.floor(h)
    const low = selectInPlace(sample, 0, right, k)
    found[i] = low
    if (h > k) {
      let high = Infinity
      // beyond `right` nothing is smaller than what stands within it
      const last = k < right ? right : count - 1
      for (let j = k + 1; j <= last; j++) if (sample[j] < high) high = sample[j]
      found[i] = high === Infinity ? Infinity : low + (h - k) * (high - low)
    }
    right = k
  }
  return found
}

/** Hoare's selection: afterwards sample[k] is the k-th smallest, with none larger before it. */
function selectInPlace(sample: Float64Array | Float32Array, left: number, right: number, k: number): number {
  while (left < right) {
    const pivot = sample[(left + right) >>> 1]
    let i = left
    let j = right
    while (i <= j) {
      while (sample[i] < pivot) i++
      while (sample[j] > pivot) j--
      if (i <= j) {
        const held = sample[i]
        sample[i++] = sample[j]
        sample[j--] = held
      }
    }
    if (k <= j) right = j
    else if (k >= i) left = i
    else break
  }
  return sample[k]
}
