'use client'
import { momentOf } from '@/words/momentOf'
import ExpandMore from '@mui/icons-material/ExpandMore'
import Accordion from '@mui/material/Accordion'
import AccordionDetails from '@mui/material/AccordionDetails'
import AccordionSummary from '@mui/material/AccordionSummary'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import { useState } from 'react'
import { type Intervals, isWithin } from '@/core/plan/clock'
import type { Plan } from '@/core/plan/document'
import { formatPercent, formatWatts } from '@/words/format'
import type { LoadTrace } from '@/core/simulation/trace'
import type { ChargeCurve } from '@/ui/chart/chargeCurve'
import { readoutAt } from '@/ui/chart/readout'
import { hoursTable } from '@/words/en/pages/runtime'
import { wordsOf } from '@/words/translate'

const say = wordsOf(hoursTable)

const HOUR_MIN = 60

interface HoursTableProps {
  plan: Plan
  curve: ChargeCurve
  traces: readonly LoadTrace[]
  /** when the most likely run has no power */
  unfed: Intervals
}

/** Chart and lanes in words: charge and what runs, by the hour. */
export function HoursTable(props: HoursTableProps) {
  const [isOpen, setOpen] = useState(false)
  return (
    <Accordion
      expanded={isOpen}
      onChange={(_, next) => setOpen(next)}
      slotProps={{ transition: { timeout: 0 }, heading: { component: 'h2' } }}
      sx={{ mt: 1 }}
    >
      <AccordionSummary expandIcon={<ExpandMore />}>{say('hourByHourAsATable')}</AccordionSummary>
      <AccordionDetails>{isOpen && <Hours {...props} />}</AccordionDetails>
    </Accordion>
  )
}

function Hours({ plan, curve, traces, unfed }: HoursTableProps) {
  const hours = Array.from({ length: Math.floor(curve.shownMin / HOUR_MIN) + 1 }, (_, h) =>
    readoutAt(curve, plan, traces, h * HOUR_MIN),
  )
  return (
    <Table>
      <TableHead>
        <TableRow>
          <TableCell>{say('clock')}</TableCell>
          <TableCell>{say('chargeMostLikely')}</TableCell>
          <TableCell>{say('likelyRange80')}</TableCell>
          <TableCell>{say('watts')}</TableCell>
          <TableCell>{say('whatRuns')}</TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {hours.map(({ minute, charge, demandW, running }) => (
          <TableRow key={minute}>
            <TableCell component="th" scope="row">
              {momentOf(plan, minute)}
            </TableCell>
            <TableCell>{formatPercent(charge.p50)}</TableCell>
            <TableCell>
              {say('fromTo', {
                low: formatPercent(Math.min(charge.p10, charge.p90)),
                high: formatPercent(Math.max(charge.p10, charge.p90)),
              })}
            </TableCell>
            <TableCell>{isWithin(unfed, minute) ? '–' : formatWatts(demandW)}</TableCell>
            <TableCell>
              {isWithin(unfed, minute) ? say('noPower') : running.join(', ') || say('nothing')}
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  )
}
