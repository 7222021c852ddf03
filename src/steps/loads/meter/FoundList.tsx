import type { MeterFindings } from '@/core/meter/analyse'
import type { MeterSamples } from '@/core/meter/samples'
import { formatDuration, formatNumber, formatPercent, formatWatts } from '@/core/quantity/format'
import styles from './MeterLog.module.css'

/** What a record tells, line by line. */
export function FoundList({ found, samples }: { found: MeterFindings; samples?: MeterSamples }) {
  const rows: [string, string][] = [
    ['Average', `${formatWatts(found.averageW)} over ${formatNumber(found.coveredH, 1)} h`],
    ['Running', formatWatts(found.runningW)],
  ]
  if (found.startPeakW !== null) rows.push(['Start, highest reading', formatWatts(found.startPeakW)])
  if (found.shape !== 'constant') rows.push(['On', `${formatPercent(found.dutyFraction)} of the time`])
  if (found.meanOnMin && found.meanOffMin)
    rows.push(['A cycle', `${formatDuration(found.meanOnMin)} on, ${formatDuration(found.meanOffMin)} off`])
  if (found.defrosts)
    rows.push([
      'Defrosts',
      `${found.defrosts.count}, ${formatWatts(found.defrosts.watts)} for ${formatDuration(found.defrosts.minutes)}`,
    ])
  if (samples && samples.gaps.length > 0)
    rows.push([
      'Gaps left out',
      `${samples.gaps.length}, ${formatDuration(samples.gaps.reduce((sum, [a, b]) => sum + b - a, 0))} together`,
    ])
  if (samples && samples.resets > 0) rows.push(['The total began again', `${samples.resets} times`])
  return (
    <dl className={styles.found} data-testid="found">
      {rows.map(([words, value]) => (
        <div key={words}>
          <dt>{words}</dt>
          <dd>{value}</dd>
        </div>
      ))}
    </dl>
  )
}
