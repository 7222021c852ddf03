import type { Plan } from '@/core/plan/document'
import { formatEnergy, formatPercent } from '@/core/quantity/format'
import type { SimulationResult } from '@/core/simulation/result'
import styles from './RuntimePage.module.css'

const WHY = {
  off: 'off',
  refused: 'refused',
  tier: 'not carried in this plan',
  voltage: 'needs another voltage',
  away: 'its source is away',
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
    <table className={styles.ledger}>
      <caption className={styles.caption}>Energy by load over the outage</caption>
      <thead>
        <tr>
          <th>Load</th>
          <th className={styles.barCell}>
            <span className="visually-hidden">Supplied of asked</span>
          </th>
          <th>Asked</th>
          <th>Supplied</th>
          <th className={styles.shareCell}>Share of it</th>
        </tr>
      </thead>
      <tbody>
        {loads.map(({ loadId, askedWh, suppliedWh }) => (
          <tr key={loadId}>
            <td dir="auto">{name(loadId)}</td>
            <td className={styles.barCell}>
              <span className={styles.bar} aria-hidden>
                <i className={styles.asked} style={{ width: `${(askedWh / most) * 100}%` }} />
                <i className={styles.supplied} style={{ width: `${(suppliedWh / most) * 100}%` }} />
              </span>
            </td>
            <td>{formatEnergy(askedWh)}</td>
            <td>{formatEnergy(suppliedWh)}</td>
            <td className={styles.shareCell}>{formatPercent(supplied ? suppliedWh / supplied : 0)}</td>
          </tr>
        ))}
        {out.map(({ loadId, why }) => (
          <tr key={loadId} className={styles.out}>
            <td dir="auto">{name(loadId)}</td>
            <td colSpan={4}>{WHY[why]}</td>
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr>
          <td>All loads</td>
          <td className={styles.barCell} />
          <td>{formatEnergy(asked)}</td>
          <td>{formatEnergy(supplied)}</td>
          <td className={styles.shareCell} />
        </tr>
      </tfoot>
    </table>
  )
}
