import type { Plan } from '@/core/plan/document'
import { momentOf } from '@/core/plan/momentOf'
import { formatNumber, formatPercent } from '@/core/quantity/format'
import { type LatestStop, latestStop } from '@/core/run/latestStop'
import { nightAhead } from '@/core/run/nightAhead'
import type { RunHead } from '@/core/run/runDocument'
import type { ExpectedWidth, RunOutlook } from '@/core/run/runOutlook'

/** How long a run must be to tell something. @example "After 5 h the end is known to about ±10 %, after 1 h to ±21 %." */
function widthWords(widths: readonly ExpectedWidth[]): string {
  const later = widths.filter(({ hours }) => hours > 0)
  if (later.length === 0) return 'It is over within the hour: run it to its end.'
  const good = later.find(({ halfWidth }) => halfWidth <= 0.1) ?? later[later.length - 1]
  const first = later[0]
  const said = ({ hours, halfWidth }: ExpectedWidth) =>
    `${formatNumber(hours)} h to about ±${formatPercent(halfWidth)}`
  return good === first
    ? `The end is known after ${said(good)}.`
    : `The end is known after ${said(good)}; after ${said(first)}.`
}

/** When a test run had better be over. @example "Friday 23:00, before bed" */
export const stopWords = (plan: Plan, { minute, why }: LatestStop): string =>
  minute === Infinity
    ? 'no hour that is in sight'
    : `${momentOf(plan, minute, 10)}, ${why === 'bed' ? 'before bed' : 'before it may be empty and food warms'}`

/** How long a run must be, and when it had better be over. */
export function outlookWords(head: RunHead, { widths, endMin }: RunOutlook): string {
  const stop = latestStop(nightAhead(head, 0), endMin.p10, 0)
  const by = stop.minute === Infinity ? '' : ` Begun now, stop it by ${stopWords(head.plan, stop)}.`
  return `${widthWords(widths)}${by}`
}
