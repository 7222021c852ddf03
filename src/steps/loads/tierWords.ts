import type { Tier } from '@/core/plan/limits'
import { tierWords } from '@/words/en/pages/loads'
import { wordsOf } from '@/words/translate'

const say = wordsOf(tierWords)

export const TIER_WORDS: Record<Tier, string> = {
  critical: say('critical'),
  flexible: say('flexible'),
  optional: say('optional'),
  notOnBattery: say('notOnBattery'),
}

export const TIER_MEANINGS: Record<Tier, string> = {
  critical: say('criticalMustNotStop'),
  flexible: say('flexibleMayBePaused'),
  optional: say('optionalGoesFirst'),
  notOnBattery: say('notOnBattery'),
}
