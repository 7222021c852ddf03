import type { MeterFindings } from '@/core/meter/analyse'
import type { MeterSamples } from '@/core/meter/samples'
import { formatDuration, formatNumber, formatPercent, formatWatts } from '@/words/format'
import { foundList } from '@/words/en/pages/meter'
import { wordsOf } from '@/words/translate'

const say = wordsOf(foundList)

/** What a record tells, line by line. */
export function FoundList({ found, samples }: { found: MeterFindings; samples?: MeterSamples }) {
  const rows: [string, string][] = [
    [
      say('average'),
      say('overH', { watts: formatWatts(found.averageW), number: formatNumber(found.coveredH, 1) }),
    ],
    [say('running'), formatWatts(found.runningW)],
  ]
  if (found.startPeakW !== null) rows.push([say('startHighestReading'), formatWatts(found.startPeakW)])
  if (found.shape !== 'constant')
    rows.push([say('on'), say('ofTheTime', { percent: formatPercent(found.dutyFraction) })])
  if (found.meanOnMin && found.meanOffMin)
    rows.push([
      say('aCycle'),
      say('onOff', {
        duration: formatDuration(found.meanOnMin),
        duration2: formatDuration(found.meanOffMin),
      }),
    ])
  if (found.defrosts)
    rows.push([
      say('defrosts'),
      say('forWord', {
        count: found.defrosts.count,
        watts: formatWatts(found.defrosts.watts),
        duration: formatDuration(found.defrosts.minutes),
      }),
    ])
  if (samples && samples.gaps.length > 0)
    rows.push([
      say('gapsLeftOut'),
      say('together', {
        nGaps: samples.gaps.length,
        duration: formatDuration(samples.gaps.reduce((sum, [a, b]) => sum + b - a, 0)),
      }),
    ])
  if (samples && samples.resets > 0)
    rows.push([say('theTotalBeganAgain'), say('times', { resets: samples.resets })])
  return (
    <dl className="facts" data-testid="found">
      {rows.map(([words, value]) => (
        <div key={words}>
          <dt>{words}</dt>
          <dd>{value}</dd>
        </div>
      ))}
    </dl>
  )
}
