import type { Plan } from '@/core/plan/document'
import { formatEnergy } from '@/words/format'
import type { SimulationResult } from '@/core/simulation/result'
import { energyPath } from '@/words/en/pages/runtime'
import { wordsOf } from '@/words/translate'

const say = wordsOf(energyPath)

/** Where the battery's energy goes over the outage: to the outlets, and what is lost on the way. */
export function EnergyPath({ plan, result }: { plan: Plan; result: SimulationResult }) {
  const sum = (key: 'takenWh' | 'outletWh' | 'noLoadWh' | 'conversionWh') =>
    result.chains.reduce((total, chain) => total + chain.energy[key], 0)
  const straightWh = result.chains.reduce((total, { refill }) => total + (refill?.mean.directWh ?? 0), 0)
  const isFlat = plan.powerSystem.sources.every(({ lossRule }) => lossRule === 'flat')
  return (
    <>
      <h2>{say('whereTheEnergyGoes')}</h2>
      <dl className="facts">
        <div>
          <dt>{say('toTheOutlets')}</dt>
          <dd>{formatEnergy(sum('outletWh'))}</dd>
        </div>
        <div>
          <dt>{say('inverterIdleDrawNoLoad')}</dt>
          <dd>{isFlat ? say('countedBelow') : formatEnergy(sum('noLoadWh'))}</dd>
        </div>
        <div>
          <dt>{say('conversionLoss')}</dt>
          <dd>{formatEnergy(sum('conversionWh'))}</dd>
        </div>
        {straightWh > 1 && (
          <div>
            <dt>{say('ofItStraightToTheLoads')}</dt>
            <dd>{formatEnergy(straightWh)}</dd>
          </div>
        )}
        <div className="strong">
          <dt>{say('drainedFromTheBattery')}</dt>
          <dd>{formatEnergy(sum('takenWh') - straightWh)}</dd>
        </div>
      </dl>
      {plan.loads.some(({ medical, on, tier }) => medical && on && tier !== 'notOnBattery') && (
        <p className="hint">{say('aMedicalDeviceIsOnThis')}</p>
      )}
    </>
  )
}
