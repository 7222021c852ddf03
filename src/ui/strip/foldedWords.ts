import { type ClockStyle, formatMoment } from '@/core/plan/clock'
import type { Scenario } from '@/core/plan/schema'
import { formatDuration, formatExactDuration, formatPercent } from '@/core/quantity/format'
import type { Evaluation } from '@/words/answer/evaluation'

/** The answer in a line: what cannot hold at all, the hour it ends, and by how much it is short. */
export function foldedWords(
  scenario: Scenario,
  clock: ClockStyle,
  { gates, result }: Pick<Evaluation, 'gates' | 'result'>,
): { words: string; isShort: boolean } {
  const { carries, starts, lasts } = gates
  const first = [
    carries.verdict === 'short' && 'Running power short',
    starts.verdict === 'short' && 'starting surge short',
  ].filter((part) => part !== false)
  const isShort = first.length > 0 || lasts.verdict === 'short'
  if (lasts.verdict === 'nothing')
    return { words: [...first, 'nothing is carried'].join(', '), isShort: true }
  const ends = formatMoment(scenario.startsAt, result.runtimeMin.p50, 10, clock)
  const short = `${formatDuration(lasts.shortMin)} short`
  const runtime =
    lasts.verdict !== 'short'
      ? `Lasts the ${formatExactDuration(lasts.outageMin)}`
      : result.runtimeMin.p50 < result.outageMin
        ? `Ends ${ends} · ${short}`
        : `${short} at ${formatPercent(lasts.confidence)} confidence`
  return { words: [...first, runtime].join(' · '), isShort }
}
