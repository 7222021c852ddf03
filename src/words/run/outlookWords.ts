import type { Plan } from '@/core/plan/document'
import { momentOf } from '@/words/momentOf'
import { formatNumber, formatPercent } from '@/words/format'
import { type LatestStop, latestStop } from '@/core/run/latestStop'
import { nightAhead } from '@/core/run/nightAhead'
import type { RunHead } from '@/core/run/runDocument'
import type { ExpectedWidth, RunOutlook } from '@/core/run/runOutlook'
import { outlookWords as outlookWordsWords } from '../en/runs'
import { wordsOf } from '../translate'

const say = wordsOf(outlookWordsWords)

/** How long a run must be to tell something. @example "After 5 h the end is known to about ±10 %, after 1 h to ±21 %." */
function widthWords(widths: readonly ExpectedWidth[]): string {
  const later = widths.filter(({ hours }) => hours > 0)
  if (later.length === 0) return say('itIsOverWithinTheHour')
  const good = later.find(({ halfWidth }) => halfWidth <= 0.1) ?? later[later.length - 1]
  const first = later[0]
  const said = ({ hours, halfWidth }: ExpectedWidth) =>
    say('hToAbout', { number: formatNumber(hours), percent: formatPercent(halfWidth) })
  return good === first
    ? say('theEndIsKnownAfter', { said: said(good) })
    : say('theEndIsKnownAfterAfter', { said: said(good), said2: said(first) })
}

/** When a test run had better be over. @example "Friday 23:00, before bed" */
export const stopWords = (plan: Plan, { minute, why }: LatestStop): string =>
  minute === Infinity
    ? say('noHourThatIsInSight')
    : `${momentOf(plan, minute, 10)}, ${why === 'bed' ? say('beforeBed') : say('beforeItMayBeEmptyAnd')}`

/** How long a run must be, and when it had better be over. */
export function outlookWords(head: RunHead, { widths, endMin }: RunOutlook): string {
  const stop = latestStop(nightAhead(head, 0), endMin.p10, 0)
  const by =
    stop.minute === Infinity ? '' : say('begunNowStopItBy', { stopWords: stopWords(head.plan, stop) })
  return `${widthWords(widths)}${by}`
}
