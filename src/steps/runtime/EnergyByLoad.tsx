import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableFooter from '@mui/material/TableFooter'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import type { Plan } from '@/core/plan/document'
import { formatEnergy, formatPercent } from '@/words/format'
import type { SimulationResult } from '@/core/simulation/result'
import { energyByLoad } from '@/words/en/pages/runtime'
import { wordsOf } from '@/words/translate'
import styles from './RuntimePage.module.css'

const say = wordsOf(energyByLoad)

const WHY = {
  off: say('off'),
  refused: say('notOnBattery'),
  tier: say('notCarriedInThisPlan'),
  voltage: say('needsAnotherVoltage'),
  away: say('itsSourceIsAway'),
}

/** What every load asks over the outage and how much of it is supplied, the largest first. */
export function EnergyByLoad({ plan, result }: { plan: Plan; result: SimulationResult }) {
  const name = (loadId: string) => plan.loads.find(({ id }) => id === loadId)?.name
  const loads = [...result.loads].filter(({ loadId }) => name(loadId)).sort((a, b) => b.askedWh - a.askedWh)
  const most = loads[0]?.askedWh || 1
  const asked = loads.reduce((sum, { askedWh }) => sum + askedWh, 0)
  const supplied = loads.reduce((sum, { suppliedWh }) => sum + suppliedWh, 0)
  const out = result.leftOut.filter(({ loadId }) => name(loadId))
  return (
    <Table data-columns="figures" className={styles.ledger}>
      <caption>{say('energyByLoadOverTheOutage')}</caption>
      <TableHead>
        <TableRow>
          <TableCell>{say('load')}</TableCell>
          <TableCell className={`wide-only ${styles.barCell}`}>
            <span className="visually-hidden">{say('suppliedOfAsked')}</span>
          </TableCell>
          <TableCell>{say('asked')}</TableCell>
          <TableCell>{say('supplied')}</TableCell>
          <TableCell className="wide-only">{say('shareOfIt')}</TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {loads.map(({ loadId, askedWh, suppliedWh }) => (
          <TableRow key={loadId}>
            <TableCell component="th" scope="row" dir="auto">
              {name(loadId)}
            </TableCell>
            <TableCell className={`wide-only ${styles.barCell}`}>
              <span className={styles.bar} aria-hidden>
                <i data-fill className={styles.asked} style={{ width: `${(askedWh / most) * 100}%` }} />
                <i data-fill className={styles.supplied} style={{ width: `${(suppliedWh / most) * 100}%` }} />
              </span>
            </TableCell>
            <TableCell>{formatEnergy(askedWh)}</TableCell>
            <TableCell>{formatEnergy(suppliedWh)}</TableCell>
            <TableCell className="wide-only">{formatPercent(supplied ? suppliedWh / supplied : 0)}</TableCell>
          </TableRow>
        ))}
        {out.map(({ loadId, why }) => (
          <TableRow key={loadId} className="soft">
            <TableCell component="th" scope="row" dir="auto">
              {name(loadId)}
            </TableCell>
            <TableCell colSpan={4}>{WHY[why]}</TableCell>
          </TableRow>
        ))}
      </TableBody>
      <TableFooter>
        <TableRow>
          <TableCell>{say('allLoads')}</TableCell>
          <TableCell className={`wide-only ${styles.barCell}`} />
          <TableCell>{formatEnergy(asked)}</TableCell>
          <TableCell>{formatEnergy(supplied)}</TableCell>
          <TableCell className="wide-only" />
        </TableRow>
      </TableFooter>
    </Table>
  )
}
