'use client'
import { chargeMin } from '@/core/load/charging'
import type { Charging } from '@/core/plan/schema'
import { formatDuration } from '@/core/quantity/format'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import { FixedHours } from './FixedHours'
import { TimerField } from './TimerField'
import styles from './LoadsPage.module.css'

/** A charger: what goes in, how well, and when. */
export function ChargingFields(props: { behaviour: Charging; change: (behaviour: Charging) => void }) {
  const { behaviour, change } = props
  const { energyWh, efficiencyFraction, idleW, runningW, when } = behaviour
  return (
    <>
      <QuantityField
        label="Goes into the battery"
        path="load.chargeWh"
        value={energyWh.value}
        onChange={(value) => change({ ...behaviour, energyWh: { ...energyWh, value } })}
      />
      <QuantityField
        label="Charging efficiency"
        path="load.chargeEfficiency"
        value={efficiencyFraction.value}
        onChange={(value) => change({ ...behaviour, efficiencyFraction: { ...efficiencyFraction, value } })}
      />
      <QuantityField
        label="Idle watts"
        path="load.watts"
        value={idleW.value}
        onChange={(value) => change({ ...behaviour, idleW: { ...idleW, value } })}
      />
      <SelectField
        label="When"
        value={when === 'start' ? 'start' : 'at'}
        options={[
          { value: 'start', words: 'Once, at the start' },
          { value: 'at', words: 'At fixed hours' },
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
      <p className={styles.derived}>
        Takes {formatDuration(chargeMin(energyWh.value, efficiencyFraction.value, runningW.value))} each time.
      </p>
    </>
  )
}
