'use client'
import { chargeMin } from '@/core/load/charging'
import type { Charging } from '@/core/plan/schema'
import { formatDuration } from '@/core/quantity/format'
import { SelectField } from '@/ui/field/SelectField'
import { UnitField } from '@/ui/field/UnitField'
import { FixedHours } from './FixedHours'
import styles from './LoadsPage.module.css'

/** A charger: what goes in, how well, and when. */
export function ChargingFields(props: {
  behaviour: Charging
  change: (behaviour: Charging, field: string) => void
}) {
  const { behaviour, change } = props
  const { energyWh, efficiencyFraction, idleW, runningW, when } = behaviour
  return (
    <>
      <UnitField
        label="Goes into the battery"
        kind="energy"
        value={energyWh.value}
        check={(wh) => (wh > 200_000 ? 'That is more than a car holds.' : null)}
        onChange={(value) => change({ ...behaviour, energyWh: { ...energyWh, value } }, 'energy')}
      />
      <UnitField
        label="Charging efficiency"
        kind="fraction"
        value={efficiencyFraction.value}
        check={(share) => (share < 0.3 ? 'No charger wastes more than two thirds; 85 is usual.' : null)}
        onChange={(value) =>
          change({ ...behaviour, efficiencyFraction: { ...efficiencyFraction, value } }, 'efficiency')
        }
      />
      <UnitField
        label="Idle watts"
        kind="power"
        value={idleW.value}
        onChange={(value) => change({ ...behaviour, idleW: { ...idleW, value } }, 'idle')}
      />
      <SelectField
        label="When"
        value={when === 'start' ? 'start' : 'at'}
        options={[
          { value: 'start', words: 'Once, at the start' },
          { value: 'at', words: 'At fixed hours' },
        ]}
        onChange={(choice) =>
          change({ ...behaviour, when: choice === 'start' ? 'start' : { at: ['19:00'] } }, 'when')
        }
      />
      {when !== 'start' && (
        <FixedHours at={when.at} onChange={(at) => change({ ...behaviour, when: { at } }, 'at')} />
      )}
      <p className={styles.derived}>
        Takes {formatDuration(chargeMin(energyWh.value, efficiencyFraction.value, runningW.value))} each time.
      </p>
    </>
  )
}
