import type { Tier } from '@/core/plan/limits'

export const TIER_WORDS: Record<Tier, string> = {
  critical: 'Hold',
  flexible: 'Ration',
  optional: 'Spare',
  notOnBattery: 'Refuse',
}

export const TIER_MEANINGS: Record<Tier, string> = {
  critical: 'Hold: must not stop',
  flexible: 'Ration: may be paused or rotated',
  optional: 'Spare: goes first',
  notOnBattery: 'Refuse: never on battery',
}
