/** Runtimes that fall into two groups with nothing between them, minutes. */
export interface Humps {
  /** the first group, and the share of runs in it */
  firstMin: [from: number, to: number]
  firstFraction: number
  /** the later one; Infinity is past what is looked at */
  laterMin: [from: number, to: number]
}

/** A gap worth two ranges: so much of the whole range, and so many minutes, with so many runs on either side. */
const LEAST_SHARE = 0.4
const LEAST_MIN = 120
const LEAST_RUNS = 0.1

/**
 * Two groups of runtimes where one range over both would name hours at which it hardly ever ends: an end before the sun comes
 * back, or after the next night.
 *
 * @param runtimesMin ascending; Infinity past the horizon
 * @returns null where one range says it
 */
export function humpsOf(runtimesMin: Float64Array, horizonMin: number): Humps | null {
  const n = runtimesMin.length
  const low = Math.floor(0.1 * (n - 1))
  const high = Math.ceil(0.9 * (n - 1))
  const at = (i: number) => Math.min(horizonMin, runtimesMin[i])
  const range = at(high) - at(low)
  let widest = 0
  let before = -1
  for (let i = Math.max(low, Math.ceil(LEAST_RUNS * n)); i < high && i < n - LEAST_RUNS * n; i++)
    if (at(i + 1) - at(i) > widest) {
      widest = at(i + 1) - at(i)
      before = i
    }
  if (widest < Math.max(LEAST_MIN, LEAST_SHARE * range)) return null
  return {
    firstMin: [runtimesMin[low], runtimesMin[before]],
    firstFraction: (before + 1) / n,
    laterMin: [runtimesMin[before + 1], runtimesMin[high]],
  }
}
