'use client'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableRow from '@mui/material/TableRow'
import { momentOf } from '@/core/plan/momentOf'
import { formatDuration, formatPercent, formatWatts } from '@/core/quantity/format'
import { nightAhead } from '@/core/run/nightAhead'
import { type RunPrediction, lastsUntil } from '@/core/run/predictRun'
import { latestStop } from '@/core/run/latestStop'
import { chargeOfBand } from '@/core/run/runBand'
import type { EntryOf, RunHead } from '@/core/run/runDocument'
import { stopWords } from '@/words/run/outlookWords'
import { differsWords } from '@/words/run/runWords'
import styles from './run.module.css'

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
    if (minute > nowMin && minute >= endMin.p50) return 'most likely empty'
    const { p10, p50, p90 } = chargeOfBand(band, minute)
    return p10 === p90
      ? formatPercent(p50)
      : `${formatPercent(p50)}, likely ${formatPercent(p10)} to ${formatPercent(p90)}`
  }
  const end = (minute: number) =>
    minute >= found.horizonMin
      ? `not in sight after ${formatDuration(found.horizonMin)}`
      : `${momentOf(plan, minute, 10)}, in ${formatDuration(Math.max(0, minute - nowMin))}`
  const rows: [string, string][] = [
    ['At the last reading', `${momentOf(plan, nowMin)}: ${charge(nowMin)}`],
    ...(head.kind === 'test' && !isOver
      ? [['Stop it by', stopWords(plan, latestStop(night, endMin.p10, nowMin))] as [string, string]]
      : []),
    ...(night && night.fromMin > nowMin
      ? [['At bedtime', `${momentOf(plan, night.fromMin)}: ${charge(night.fromMin)}`] as [string, string]]
      : []),
    ...(night
      ? [
          ['At dawn', `${momentOf(plan, night.toMin)}: ${charge(night.toMin)}`] as [string, string],
          ['Chance to last to the morning', formatPercent(lastsUntil(found, night.toMin))] as [
            string,
            string,
          ],
        ]
      : []),
  ]
  const ways: [string, string][] = [
    ['By plan and readings', end(endMin.p50)],
    ['By the straight line', straight ? end(straight.endMin) : 'from the second reading on'],
    [
      nowW === null ? 'By the watts of this moment' : `If ${formatWatts(nowW)} go on`,
      byWattsMin === null ? 'when watts were read' : end(byWattsMin),
    ],
    ['As planned', end(plannedEndMin.p50)],
  ]
  const differs = differsWords(found)
  return (
    <div className={styles.facts}>
      <Facts label="Charge" rows={rows} />
      {ended !== 'empty' && (
        <div>
          <Facts label="Empty" rows={ways} />
          {differs && <p className={styles.note}>{differs}</p>}
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
