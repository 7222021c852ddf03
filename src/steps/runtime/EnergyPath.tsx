import type { Plan } from '@/core/plan/document'
import { formatEnergy } from '@/core/quantity/format'
import type { SimulationResult } from '@/core/simulation/result'
import styles from './RuntimePage.module.css'

/** Where the battery's energy goes over the outage: to the outlets, and what is lost on the way. */
export function EnergyPath({ plan, result }: { plan: Plan; result: SimulationResult }) {
  const sum = (key: 'takenWh' | 'outletWh' | 'noLoadWh' | 'conversionWh') =>
    result.chains.reduce((total, chain) => total + chain.energy[key], 0)
  const straightWh = result.chains.reduce((total, { refill }) => total + (refill?.mean.directWh ?? 0), 0)
  const isFlat = plan.powerSystem.sources.every(({ lossRule }) => lossRule === 'flat')
  return (
    <>
      <h2>Where the energy goes</h2>
      <dl className={styles.list}>
        <div>
          <dt>To the outlets</dt>
          <dd>{formatEnergy(sum('outletWh'))}</dd>
        </div>
        <div>
          <dt>Inverter, idle draw (no-load)</dt>
          <dd>{isFlat ? 'counted below' : formatEnergy(sum('noLoadWh'))}</dd>
        </div>
        <div>
          <dt>Conversion loss</dt>
          <dd>{formatEnergy(sum('conversionWh'))}</dd>
        </div>
        {straightWh > 1 && (
          <div>
            <dt>Of it straight to the loads, past the battery</dt>
            <dd>{formatEnergy(straightWh)}</dd>
          </div>
        )}
        <div className={styles.total}>
          <dt>Drained from the battery</dt>
          <dd>{formatEnergy(sum('takenWh') - straightWh)}</dd>
        </div>
      </dl>
      {plan.loads.some(({ medical, on, tier }) => medical && on && tier !== 'notOnBattery') && (
        <p className={styles.note}>
          A medical device is on this plan. It does not replace the supplier’s or doctor’s emergency plan:
          agree with them what happens when the battery ends.
        </p>
      )}
    </>
  )
}
