'use client'
import { useMoment } from '@/ui/field/useMoment'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import type { Bank, Source } from '@/core/plan/power'
import { formatNumber, formatPercent } from '@/words/format'
import { fractionPerReading } from '@/core/storage/restingVoltage'
import { voltmeterReadings } from '@/core/storage/voltmeter'
import { useHousehold, useScenario } from '@/ui/household/HouseholdContext'
import { voltmeter } from '@/words/en/pages/bank'
import { wordsOf } from '@/words/translate'

const say = wordsOf(voltmeter)

const MOMENTS = 5

/** What a voltmeter at the battery will show along the middle run, and what it is worth. */
export function Voltmeter({ source }: { source: Source & { bank: Bank } }) {
  const moment = useMoment()
  const { startsAt } = useScenario()
  const result = useHousehold(({ evaluation }) => (evaluation?.hasTraces ? evaluation.result : null))
  const chain = result?.chains.find(({ sources }) => sources.some(({ sourceId }) => sourceId === source.id))
  const own = chain?.sources.find(({ sourceId }) => sourceId === source.id)
  if (!chain || !own || chain.suppliedMin === 0) return null
  const meanW = (chain.energy.takenWh * 60) / chain.suppliedMin
  const readings = voltmeterReadings(source.bank, own.band.p50, own.band.stepMin, meanW, MOMENTS)
  if (readings.length === 0) return null
  const { chemistry } = source.bank.battery
  const perReading = formatPercent(fractionPerReading(chemistry))
  return (
    <div>
      <h3>{say('whatAVoltmeterWillShow')}</h3>
      <Table data-columns="figures">
        <TableHead>
          <TableRow>
            <TableCell scope="col">{say('about')}</TableCell>
            <TableCell scope="col">{say('charge')}</TableCell>
            <TableCell scope="col">{say('underLoad')}</TableCell>
            <TableCell scope="col">{say('atRest')}</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {readings.map(({ atMin, fraction, loadedV, restingV }, i) => (
            <TableRow key={i}>
              <TableCell>{moment(startsAt, atMin, 10)}</TableCell>
              <TableCell>{formatPercent(fraction)}</TableCell>
              <TableCell>{formatNumber(loadedV, 1)} V</TableCell>
              <TableCell>{formatNumber(restingV, 1)} V</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      <p className="hint">
        {chemistry === 'lifepo4'
          ? say('onLifepo4VoltsSayLittleA', { perReading })
          : say('aMeterOffBy005', { perReading })}
      </p>
    </div>
  )
}
