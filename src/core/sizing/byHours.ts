import type { LeverLoss } from './byLosses'
import type { Gain } from './gain'
import type { Lever } from './levers'

export interface RankedLever extends Lever {
  gain: Gain
}

/** A lever that gains less is not worth telling. */
const LEAST_GAIN_H = 0.05

/**
 * The levers worth telling by hours gained, most first, those that cost nothing before those that do. One by which something is
 * lost that would be kept without it is none, however many hours it gains.
 */
export const byHours = <L extends RankedLever & { loss?: LeverLoss | null }>(levers: readonly L[]): L[] =>
  levers
    .filter(({ gain, loss }) => gain.hours >= LEAST_GAIN_H && !loss?.adds.length)
    .sort((a, b) => Number(a.isBought ?? false) - Number(b.isBought ?? false) || b.gain.hours - a.gain.hours)
