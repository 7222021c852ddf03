import type { Chance } from './likelihood'

/**
 * By how many times a run's use ahead is corrected, where `off` more than it says was used until now. What chance may have done
 * goes on in part; what is more than chance does goes on whole.
 */
export function onwards(used: number, off: number, persists: number, usualSd: number): number {
  if (used < LEAST_USED) return 1
  const over = Math.min(Math.abs(off), USUAL_SDS * usualSd) * (1 - persists)
  return Math.max(0.2, 1 + (off - Math.sign(off) * over) / used)
}

const LEAST_USED = 0.01
/** Chance does so many of its standard deviations, and hardly more. */
const USUAL_SDS = 1.5
/** Standard deviation of what chance does to all that is used until the last reading. */
export const chanceSd = ({ covariance }: Chance) =>
  Math.sqrt(
    Math.max(
      0,
      covariance.reduce((sum, one) => sum + one, 0),
    ),
  )
