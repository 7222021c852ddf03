'use client'
import { useMoment } from '@/ui/field/useMoment'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import type { Bank, Source } from '@/core/plan/power'
import { formatNumber, formatPercent } from '@/core/quantity/format'
import { fractionPerReading } from '@/core/storage/restingVoltage'
import { voltmeterReadings } from '@/core/storage/voltmeter'
import { useHousehold, useScenario } from '@/ui/household/HouseholdContext'
import styles from './bank.module.css'

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
      <h3>What a voltmeter will show</h3>
      <Table className={styles.volts}>
        <TableHead>
          <TableRow>
            <TableCell scope="col">About</TableCell>
            <TableCell scope="col">Charge</TableCell>
            <TableCell scope="col">Under load</TableCell>
            <TableCell scope="col">At rest</TableCell>
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
      <p className={styles.said}>
        {chemistry === 'lifepo4'
          ? `On LiFePO4 volts say little: a meter off by 0.05 V is off by ${perReading} of the charge. Count amp-hours instead.`
          : `A meter off by 0.05 V is off by ${perReading} of the charge; at rest means an hour without load.`}
      </p>
    </div>
  )
}
