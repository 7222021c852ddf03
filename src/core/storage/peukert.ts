/**
 * Lead-acid gives less the faster it is emptied. Source: Peukert 1897, t = H · (C ÷ (I · H))^k.
 */

/** Below the rated current the gain is never taken for more than this. Common practice, no source. */
export const MOST_GAIN = 1.05

/**
 * Hours a battery carries a steady current.
 *
 * @param capacityAh stated for a discharge over `rateH` hours
 * @param k Peukert's exponent: 1 loses nothing, lead-acid about 1.1 (AGM) to 1.3 (flooded)
 * @example peukertHours(100, 20, 1.2, 5) // 20: at the rated current the stated capacity
 * @example peukertHours(100, 20, 1.2, 10) // 8.7 instead of 10
 */
export function peukertHours(capacityAh: number, rateH: number, k: number, amps: number): number {
  if (amps <= 0) return Infinity
  return Math.min(rateH * (capacityAh / (amps * rateH)) ** k, (MOST_GAIN * capacityAh) / amps)
}

/**
 * How much faster than its amps a battery empties: (I ÷ I_rated)^(k − 1), not below 1 ÷ 1.05.
 *
 * @param ratedA the current its capacity is stated at, C ÷ H
 */
export function peukertFactor(amps: number, ratedA: number, k: number): number {
  return k === 1 ? 1 : Math.max(1 / MOST_GAIN, (amps / ratedA) ** (k - 1))
}
