import type { Tier } from '@/core/plan/limits'

export const TIER_WORDS: Record<Tier, string> = {
  hold: 'Hold',
  ration: 'Ration',
  spare: 'Spare',
  refuse: 'Refuse',
}

export const TIER_MEANINGS: Record<Tier, string> = {
  hold: 'Hold: must not stop',
  ration: 'Ration: may be paused or rotated',
  spare: 'Spare: goes first',
  refuse: 'Refuse: never on battery',
}
