import { formatDegrees } from '@/core/reading/inUnits'
import { formatPercent, formatWatts } from '@/core/quantity/format'
import type { Units } from '@/core/quantity/units'
import { WORSE, type WorseKind } from '@/core/sizing/worseCases'

/** What may come worse, in words. */
export function worseWords(kind: WorseKind, units: Units): string {
  switch (kind) {
    case 'pump':
      return 'The pump runs twice as often'
    case 'colder':
      return `${formatDegrees(WORSE.byK, units)} colder`
    case 'hotter':
      return `${formatDegrees(WORSE.byK, units)} hotter`
    case 'old battery':
      return `The battery has aged: ${formatPercent(WORSE.agedFraction)} less`
    case 'doors':
      return 'Doors are opened twice as often'
    case 'longer':
      return 'A day longer'
    case 'dull':
      return 'Dull days'
    case 'forgotten':
      return `One load forgotten: ${formatWatts(WORSE.forgottenW)} all day`
  }
}

/** What keeping it makes, on the key. */
export const KEEP_WORDS = {
  scenario: 'Keep as an outage',
  sources: 'Keep as an option',
  loads: 'Plan for it',
} as const
