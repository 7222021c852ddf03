import { percentileInPlace } from '../quantity/percentile'

/** What a change is worth: by how much the figure moves that the sentence and the gate show. */
export interface Gain {
  hours: number
  /** the figure it moves: the most likely runtime, or, where that is past what is looked at, the one with the confidence asked for */
  of: 'most likely' | 'confident'
  /** the figure ends past the horizon: it gains at least so much */
  isAtLeast: boolean
}

/**
 * The gain of a change over the same draws.
 *
 * @param without runtimes, minutes, the horizon at most, by run
 * @param with_ the same with the change
 */
export function gainOf(
  without: Float64Array,
  with_: Float64Array,
  confidence: number,
  horizonMin: number,
): Gain {
  const at = (ends: Float64Array, share: number) => percentileInPlace(ends.slice(), ends.length, share)
  const isCertain = at(without, 0.5) >= horizonMin
  const share = isCertain ? 1 - confidence : 0.5
  const after = at(with_, share)
  return {
    hours: (after - at(without, share)) / 60,
    of: isCertain ? 'confident' : 'most likely',
    isAtLeast: after >= horizonMin,
  }
}
