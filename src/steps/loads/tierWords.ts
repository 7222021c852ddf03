import type { Tier } from '@/core/plan/limits'

export const TIER_WORDS: Record<Tier, string> = {
  critical: 'Critical',
  flexible: 'Flexible',
  optional: 'Optional',
  notOnBattery: 'Not on battery',
}

export const TIER_MEANINGS: Record<Tier, string> = {
  critical: 'Critical: must not stop',
  flexible: 'Flexible: may be paused',
  optional: 'Optional: goes first',
  notOnBattery: 'Not on battery',
}
