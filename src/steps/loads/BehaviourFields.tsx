'use client'
import type { Behaviour } from '@/core/plan/schema'
import { formatPercent, formatWatts } from '@/core/quantity/format'
import { UnitField } from '@/ui/field/UnitField'
import { WindowsField } from '@/ui/field/WindowsField'
import { SessionFields } from './SessionFields'
import styles from './LoadsPage.module.css'

interface BehaviourFieldsProps {
  behaviour: Behaviour
  volts: number
  change: (behaviour: Behaviour, field: string) => void
}

/** What a behaviour needs beside its running watts. */
export function BehaviourFields({ behaviour, volts, change }: BehaviourFieldsProps) {
  if (behaviour.kind === 'cycling') {
    const { runningW, averageW, periodMin } = behaviour
    return (
      <>
        <UnitField
          label="Average watts"
          kind="power"
          volts={volts}
          value={averageW.value}
          check={(watts) =>
            watts > runningW.value
              ? `An average cannot be above the running watts (${formatWatts(runningW.value)}).`
              : null
          }
          onChange={(value) => change({ ...behaviour, averageW: { ...averageW, value } }, 'average')}
        />
        <UnitField
          label="One cycle, on and off"
          kind="minutes"
          value={periodMin.value}
          check={(minutes) =>
            minutes < 0.5 || minutes > 1440 ? 'A cycle takes from half a minute to a day.' : null
          }
          onChange={(value) => change({ ...behaviour, periodMin: { ...periodMin, value } }, 'period')}
        />
        <p className={styles.derived}>
          On {formatPercent(runningW.value > 0 ? averageW.value / runningW.value : 0)} of the time (duty
          cycle). It does not follow the weather yet.
        </p>
      </>
    )
  }
  if (behaviour.kind === 'scheduled') {
    return (
      <WindowsField
        label="On from – until"
        windows={behaviour.windows}
        fresh={{ from: '06:00', to: '08:00' }}
        onChange={(windows) => change({ ...behaviour, windows }, 'windows')}
      />
    )
  }
  if (behaviour.kind === 'session') return <SessionFields behaviour={behaviour} change={change} />
  return null
}
