import type { Outfit } from '@/core/plan/power'
import { fittingProps } from '@/words/en/pages/equipment'
import { wordsOf } from '@/words/translate'

const say = wordsOf(fittingProps)

export interface FittingProps {
  outfit: Outfit
  change: (part: Partial<Outfit>) => void
}

/** A whole number within a range, or what would be right. */
export const wholeFrom = (low: number, high: number) => (value: number) =>
  Number.isInteger(value) && value >= low && value <= high ? null : say('aWholeNumberFromTo', { low, high })
