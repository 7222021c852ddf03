import { formatDuration } from '@/words/format'
import type { Gain } from '@/core/sizing/gain'
import { gains } from '../en/gains'
import { wordsOf } from '../translate'

const say = wordsOf(gains)

/** @example gainWords({ hours: 1.5, of: 'most likely', isAtLeast: false }) // "+1 h 30 min" */
export const gainWords = ({ hours, of, isAtLeast }: Gain): string =>
  say(of === 'confident' ? 'confident' : 'mostLikely', {
    gain: `${isAtLeast ? '> ' : ''}+${formatDuration(hours * 60)}`,
  })
