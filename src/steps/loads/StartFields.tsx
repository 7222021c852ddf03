'use client'
import type { HouseholdLoad } from '@/core/plan/schema'
import { formatWatts } from '@/core/quantity/format'
import { SelectField } from '@/ui/field/SelectField'
import { UnitField } from '@/ui/field/UnitField'
import { withStart } from './loadForm'

interface StartFieldsProps {
  load: HouseholdLoad
  change: (part: Partial<HouseholdLoad>, field: string) => void
}

/** A compressor starts at 3–10 times its running watts; a first guess until the start is measured. Common practice, no source. */
const FIRST_GUESS_TIMES = 5

/** Whether the load has a motor start, and its watts and seconds. */
export function StartFields({ load, change }: StartFieldsProps) {
  const { start } = load
  const runningW = load.behaviour.runningW.value
  const guessed = () => withStart(Math.min(50_000, Math.round(runningW * FIRST_GUESS_TIMES)), 'typical')
  return (
    <>
      <SelectField
        label="Motor start"
        value={start ? 'yes' : 'no'}
        options={[
          { value: 'no', words: 'None, or an inverter drive' },
          { value: 'yes', words: 'A motor or compressor' },
        ]}
        onChange={(choice) => change({ start: choice === 'yes' ? guessed() : null }, 'start')}
      />
      {start && (
        <>
          <UnitField
            label="Starting watts"
            kind="power"
            volts={load.volts}
            value={start.watts.value}
            check={(watts) =>
              watts < runningW ? `A start takes at least the running watts (${formatWatts(runningW)}).` : null
            }
            onChange={(value) => change({ start: { ...start, watts: { ...start.watts, value } } }, 'startW')}
          />
          <UnitField
            label="for"
            kind="seconds"
            value={start.seconds.value}
            onChange={(value) =>
              change({ start: { ...start, seconds: { ...start.seconds, value } } }, 'startS')
            }
          />
        </>
      )}
    </>
  )
}
