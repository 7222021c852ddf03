'use client'
import FormControlLabel from '@mui/material/FormControlLabel'
import Radio from '@mui/material/Radio'
import RadioGroup from '@mui/material/RadioGroup'
import { useState } from 'react'
import type { Behaviour, HouseholdLoad } from '@/core/plan/schema'
import { formatPercent, formatWatts } from '@/core/quantity/format'
import { QuantityField } from '@/ui/field/QuantityField'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { type RunningMeans, highestW, likelierMeaning, withRunningW } from './runningMeans'
import styles from './LoadsPage.module.css'

interface RunningWattsProps {
  load: HouseholdLoad
  change: (part: Partial<HouseholdLoad>) => void
}

/**
 * Running watts. Of a thermostat's load other watts may mean two things: the compressor alone was measured, or all of it is
 * larger; the likelier is taken, and the other is one key away.
 */
export function RunningWatts({ load, change }: RunningWattsProps) {
  const store = useHouseholdStore()
  const { behaviour } = load
  const [asked, setAsked] = useState<{ before: Behaviour; watts: number; means: RunningMeans } | null>(null)
  const put = (watts: number) => {
    const means = likelierMeaning(behaviour, watts)
    change({ behaviour: withRunningW(behaviour, watts, means) })
    if (behaviour.kind === 'cycling' && !store.getState().isTryingOut())
      setAsked({ before: behaviour, watts, means })
  }
  const isOpen = asked !== null && behaviour.kind === 'cycling' && behaviour.runningW.value === asked.watts
  const start = load.start?.watts.value
  return (
    <>
      <QuantityField
        label="Running watts"
        path="load.watts"
        value={behaviour.runningW.value}
        volts={load.volts}
        pairedWith="Starting watts"
        check={(watts) =>
          start !== undefined && watts > start
            ? `That is more than the ${formatWatts(start)} it starts with.`
            : null
        }
        onChange={put}
      />
      {isOpen && (
        <div className={styles.asks} role="group" aria-label={`What ${formatWatts(asked.watts)} means`}>
          <p>What does {formatWatts(asked.watts)} mean?</p>
          <RadioGroup
            value={asked.means}
            onChange={(event) => {
              const means = event.target.value as RunningMeans
              change({ behaviour: withRunningW(asked.before, asked.watts, means) })
              setAsked({ ...asked, means })
            }}
          >
            <Choice asked={asked} means="average stays" />
            <Choice asked={asked} means="average follows" />
          </RadioGroup>
        </div>
      )}
    </>
  )
}

function Choice({ asked, means }: { asked: { before: Behaviour; watts: number }; means: RunningMeans }) {
  const next = withRunningW(asked.before, asked.watts, means)
  if (next.kind !== 'cycling' || asked.before.kind !== 'cycling') return null
  const average = formatWatts(next.averageW.value)
  const isPossible = means === 'average follows' || asked.before.averageW.value <= highestW(next)
  const share = formatPercent(Math.min(1, next.averageW.value / Math.max(1e-9, next.runningW.value)))
  return (
    <FormControlLabel
      value={means}
      disabled={!isPossible}
      control={<Radio size="small" />}
      label={
        means === 'average stays'
          ? isPossible
            ? `Measured while it ran: the average stays ${average}, it runs ${share} of the time`
            : 'The average cannot stay: it would be above the running watts'
          : `All of it is ${asked.watts > asked.before.runningW.value ? 'larger' : 'smaller'}: the average follows to ${average}, ${share} of the time as before`
      }
    />
  )
}
