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
  if (count >= BUCKETS) {
    const sorted = sortedWhereAsked(sample, count, ps)
    if (sorted) return sorted
  }
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

const BUCKETS = 256
const counts = new Int32Array(BUCKETS)
const isWanted = new Uint8Array(BUCKETS)
let scratch = new Float64Array(0)

/**
 * The same by sorting into buckets of equal width and then sorting those alone that hold a rank asked for:
 * three even passes, which a large sample is faster through than through a selection that jumps.
 *
 * @returns null when the sample reaches to infinity
 */
function sortedWhereAsked(
  sample: Float64Array | Float32Array,
  count: number,
  ps: readonly number[],
): number[] | null {
  let least = sample[0]
  let most = least
  for (let i = 1; i < count; i++) {
    const value = sample[i]
    if (value < least) least = value
    if (value > most) most = value
  }
  if (most === least && most < Infinity) return ps.map(() => most)
  const perValue = (BUCKETS - 0.5) / (most - least)
  if (!(perValue > 0 && perValue < 1e300)) return null
  counts.fill(0)
  isWanted.fill(0)
  for (let i = 0; i < count; i++) counts[((sample[i] - least) * perValue) | 0]++
  const ranks = ps.flatMap((p) => {
    const k = Math.floor((count - 1) * p)
    return [k, Math.min(count - 1, k + 1)]
  })
  for (const rank of ranks) {
    let bucket = 0
    for (let below = counts[0]; below <= rank; below += counts[++bucket]);
    isWanted[bucket] = 1
  }
  if (scratch.length < count) scratch = new Float64Array(count)
  let found = 0
  for (let i = 0; i < count; i++)
    if (isWanted[((sample[i] - least) * perValue) | 0]) scratch[found++] = sample[i]
  const wanted = scratch.subarray(0, found).sort()
  let skipped = 0
  let taken = 0
  let bucket = 0
  const at = ranks.map((rank) => {
    for (; skipped + taken + counts[bucket] <= rank; bucket++) {
      if (isWanted[bucket]) taken += counts[bucket]
      else skipped += counts[bucket]
    }
    while (!isWanted[bucket]) skipped += counts[bucket++]
    return wanted[rank - skipped]
  })
  return ps.map((p, i) => {
    const h = (count - 1) * p
    return at[2 * i] + (h - Math.floor(h)) * (at[2 * i + 1] - at[2 * i])
  })
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
