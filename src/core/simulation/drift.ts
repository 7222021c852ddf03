import type { Behaviour } from '../plan/schema'
import { bitsAt, mix32 } from '../quantity/random'

/**
 * No cycling load's average is the same all through a run: each wanders around what it should be, as an
 * autoregressive series by the hour. Common practice, no source: log standard deviation 0.12 over some
 * 6 hours, 1.3 times as much for heating, twice as much for what flows into a pit.
 */

const LOG_SD = 0.12
const HOURS = 6
/** what one hour keeps of the one before */
const KEPT = Math.exp(-1 / HOURS)

/** Shares of the time from which their wandering could be cut at the whole of it. */
const NEAR_FULL = 0.5
/** The odds of a share near one wander no more than so many times as far. */
const MOST_PER = 4

/** Standard deviation of the logarithm of a behaviour's wandering; 0 for what is steady. */
export function driftLogSd(behaviour: Behaviour): number {
  if (behaviour.kind === 'pump') return 2 * LOG_SD
  if (behaviour.kind !== 'cycling') return 0
  return behaviour.follows?.mode === 'heating' ? 1.3 * LOG_SD : LOG_SD
}

/** Four bytes of a hash make one deviate that is near enough normal: mean 510, standard deviation 147.8. */
const BYTES_MEAN = 510
const BYTES_SD = Math.sqrt((4 * (256 ** 2 - 1)) / 12)

/**
 * Multiplies each hour's value by its wandering: x₀ ~ N(0, σ²), x_h = ρ·x_(h−1) + √(1 − ρ²)·σ·ε, factor
 * e^(x − σ²/2), so that the mean stays where it is. A share of the time that comes near to all of it wanders in its
 * odds D ÷ (1 − D) instead, since what is cut off at full output would lower the mean: odds · e^(x/(1 − D) − s) with
 * s = ½·(σ/(1 − D))²·(1 − 2D), which keeps the mean to second order.
 *
 * @param values by the hour, changed in place
 * @param stream of the load in this run
 */
export function applyDrift(values: Float64Array, count: number, stream: number, logSd: number): void {
  if (logSd === 0) return
  const own = mix32(stream ^ 0x5bd1e995)
  const perByte = (Math.sqrt(1 - KEPT * KEPT) * logSd) / BYTES_SD
  const shift = (logSd * logSd) / 2
  let x = deviate(own, 0) * (logSd / BYTES_SD)
  for (let h = 0; h < count; h++) {
    const share = values[h]
    if (share < NEAR_FULL) {
      const y = x - shift
      // e^y to four terms: y stays within ±1, where this is right to 1 %
      values[h] = share * (1 + y * (1 + y * (0.5 + y * (0.16666667 + y * 0.04166667))))
    } else if (share < 1) {
      const per = Math.min(MOST_PER, 1 / (1 - share))
      const spread = per * logSd
      const factor = Math.exp(per * x - 0.5 * spread * spread * (1 - 2 * share))
      values[h] = (share * factor) / (1 - share + share * factor)
    } else values[h] = 1
    x = KEPT * x + deviate(own, h + 1) * perByte
  }
}

function deviate(stream: number, index: number): number {
  const bits = bitsAt(stream, index)
  return (bits & 255) + ((bits >>> 8) & 255) + ((bits >>> 16) & 255) + (bits >>> 24) - BYTES_MEAN
}
