'use client'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableRow from '@mui/material/TableRow'
import { momentOf } from '@/words/momentOf'
import { formatDuration, formatPercent, formatWatts } from '@/words/format'
import { nightAhead } from '@/core/run/nightAhead'
import { type RunPrediction, lastsUntil } from '@/core/run/predictRun'
import { latestStop } from '@/core/run/latestStop'
import { chargeOfBand } from '@/core/run/runBand'
import type { EntryOf, RunHead } from '@/core/run/runDocument'
import { runFacts } from '@/words/en/pages/run'
import { stopWords } from '@/words/run/outlookWords'
import { differsWords } from '@/words/run/runWords'
import { wordsOf } from '@/words/translate'
import styles from './run.module.css'

const say = wordsOf(runFacts)

/** The charge now, at bedtime and at dawn, whether it lasts to the morning, and the end by three ways of reckoning. */
export function RunFacts({
  head,
  found,
  ended,
}: {
  head: RunHead
  found: RunPrediction
  ended: EntryOf<'end'>['how'] | null
}) {
  const isOver = ended !== null
  const { plan } = head
  const { nowMin, endMin, straight, byWattsMin, nowW, band, plannedEndMin } = found
  const night = isOver ? null : nightAhead(head, nowMin)
  const charge = (minute: number) => {
    if (minute > nowMin && minute >= endMin.p50) return say('mostLikelyEmpty')
    const { p10, p50, p90 } = chargeOfBand(band, minute)
    return p10 === p90
      ? formatPercent(p50)
      : say('likelyTo', {
          percent: formatPercent(p50),
          percent2: formatPercent(p10),
          percent3: formatPercent(p90),
        })
  }
  const end = (minute: number) =>
    minute >= found.horizonMin
      ? say('notInSightAfter', { duration: formatDuration(found.horizonMin) })
      : say('inWord', {
          momentOf: momentOf(plan, minute, 10),
          duration: formatDuration(Math.max(0, minute - nowMin)),
        })
  const rows: [string, string][] = [
    [say('atTheLastReading'), `${momentOf(plan, nowMin)}: ${charge(nowMin)}`],
    ...(head.kind === 'test' && !isOver
      ? [[say('stopItBy'), stopWords(plan, latestStop(night, endMin.p10, nowMin))] as [string, string]]
      : []),
    ...(night && night.fromMin > nowMin
      ? [[say('atBedtime'), `${momentOf(plan, night.fromMin)}: ${charge(night.fromMin)}`] as [string, string]]
      : []),
    ...(night
      ? [
          [say('atDawn'), `${momentOf(plan, night.toMin)}: ${charge(night.toMin)}`] as [string, string],
          [say('chanceToLastToTheMorning'), formatPercent(lastsUntil(found, night.toMin))] as [
            string,
            string,
          ],
        ]
      : []),
  ]
  const ways: [string, string][] = [
    [say('byPlanAndReadings'), end(endMin.p50)],
    [say('byTheStraightLine'), straight ? end(straight.endMin) : say('fromTheSecondReadingOn')],
    [
      nowW === null ? say('byTheWattsOfThisMoment') : say('ifContinue', { watts: formatWatts(nowW) }),
      byWattsMin === null ? say('whenWattsWereRead') : end(byWattsMin),
    ],
    [say('asPlanned'), end(plannedEndMin.p50)],
  ]
  const differs = differsWords(found)
  return (
    <div className={styles.facts}>
      <Facts label={say('charge')} rows={rows} />
      {ended !== 'empty' && (
        <div>
          <Facts label={say('empty')} rows={ways} />
          {differs && <p className="hint">{differs}</p>}
        </div>
      )}
    </div>
  )
}

function Facts({ label, rows }: { label: string; rows: [string, string][] }) {
  return (
    <Table size="small" aria-label={label}>
      <TableBody>
        {rows.map(([name, value]) => (
          <TableRow key={name}>
            <TableCell component="th" scope="row">
              {name}
            </TableCell>
            <TableCell>{value}</TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  )
}
