'use client'
import { chargeMin } from '@/core/load/charging'
import type { Charging } from '@/core/plan/schema'
import { formatDuration } from '@/words/format'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import { chargingFields } from '@/words/en/pages/behaviourFields'
import { wordsOf } from '@/words/translate'
import { FixedHours } from './FixedHours'
import { TimerField } from './TimerField'

const say = wordsOf(chargingFields)

/** A charger: what goes in, how well, and when. */
export function ChargingFields(props: { behaviour: Charging; change: (behaviour: Charging) => void }) {
  const { behaviour, change } = props
  const { energyWh, efficiencyFraction, idleW, runningW, when } = behaviour
  return (
    <>
      <QuantityField
        label={say('goesIntoTheBattery')}
        path="load.chargeWh"
        value={energyWh.value}
        onChange={(value) => change({ ...behaviour, energyWh: { ...energyWh, value } })}
      />
      <QuantityField
        label={say('chargingEfficiency')}
        path="load.chargeEfficiency"
        value={efficiencyFraction.value}
        onChange={(value) => change({ ...behaviour, efficiencyFraction: { ...efficiencyFraction, value } })}
      />
      <QuantityField
        label={say('idleWatts')}
        path="load.watts"
        value={idleW.value}
        onChange={(value) => change({ ...behaviour, idleW: { ...idleW, value } })}
      />
      <SelectField
        label={say('when')}
        value={when === 'start' ? 'start' : 'at'}
        options={[
          { value: 'start', words: say('onceAtTheStart') },
          { value: 'at', words: say('atFixedHours') },
        ]}
        onChange={(choice) =>
          change({ ...behaviour, when: choice === 'start' ? 'start' : { at: ['19:00'] } })
        }
      />
      {when !== 'start' && (
        <>
          <FixedHours at={when.at} onChange={(at) => change({ ...behaviour, when: { at } })} />
          <TimerField behaviour={behaviour} change={change} />
        </>
      )}
      <p className="ruled soft">
        {say('takesEachTime', {
          duration: formatDuration(chargeMin(energyWh.value, efficiencyFraction.value, runningW.value)),
        })}
      </p>
    </>
  )
}
