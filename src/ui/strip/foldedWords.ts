import { type ClockStyle } from '@/core/plan/clock'
import { formatMoment } from '@/words/clock'
import type { Scenario } from '@/core/plan/schema'
import { formatDuration, formatExactDuration, formatPercent } from '@/words/format'
import type { Evaluation } from '@/words/answer/evaluation'
import { foldedWords as foldedWordsWords } from '@/words/en/ui/answer'
import { wordsOf } from '@/words/translate'

const say = wordsOf(foldedWordsWords)

/** The answer in a line: what cannot hold at all, the hour it ends, and by how much it is short. */
export function foldedWords(
  scenario: Scenario,
  clock: ClockStyle,
  { gates, result }: Pick<Evaluation, 'gates' | 'result'>,
): { words: string; isShort: boolean } {
  const { carries, starts, lasts } = gates
  const first = [
    carries.verdict === 'short' && say('runningPowerShort'),
    starts.verdict === 'short' && say('startingSurgeShort'),
  ].filter((part) => part !== false)
  const isShort = first.length > 0 || lasts.verdict === 'short'
  if (lasts.verdict === 'nothing')
    return { words: [...first, say('nothingIsCarried')].join(', '), isShort: true }
  const ends = formatMoment(scenario.startsAt, result.runtimeMin.p50, 10, clock)
  const short = say('short', { duration: formatDuration(lasts.shortMin) })
  const runtime =
    lasts.verdict !== 'short'
      ? say('lastsThe', { exactDuration: formatExactDuration(lasts.outageMin) })
      : result.runtimeMin.p50 < result.outageMin
        ? say('ends', { ends, short })
        : say('atConfidence', { short, percent: formatPercent(lasts.confidence) })
  return { words: [...first, runtime].join(' · '), isShort }
}
