import { formatDegrees } from '@/words/inUnits'
import { formatPercent, formatWatts } from '@/words/format'
import type { Units } from '@/core/quantity/units'
import { WORSE, type WorseKind } from '@/core/sizing/worseCases'
import { worseWords as worseWordsWords } from '@/words/en/pages/runtime'
import { wordsOf } from '@/words/translate'

const say = wordsOf(worseWordsWords)

/** What may come worse, in words. */
export function worseWords(kind: WorseKind, units: Units): string {
  switch (kind) {
    case 'pump':
      return say('thePumpRunsTwiceAsOften')
    case 'colder':
      return say('colder', { degrees: formatDegrees(WORSE.byK, units) })
    case 'hotter':
      return say('hotter', { degrees: formatDegrees(WORSE.byK, units) })
    case 'old battery':
      return say('theBatteryHasAgedLess', { percent: formatPercent(WORSE.agedFraction) })
    case 'doors':
      return say('doorsAreOpenedTwiceAsOften')
    case 'longer':
      return say('aDayLonger')
    case 'dull':
      return say('dullDays')
    case 'forgotten':
      return say('oneLoadForgottenAllDay', { watts: formatWatts(WORSE.forgottenW) })
  }
}

/** What keeping it makes, on the key. */
export const KEEP_WORDS = {
  scenario: say('keepAsAnOutage'),
  sources: say('keepAsAnOption'),
  loads: say('planForIt'),
} as const
