'use client'
import { useId } from 'react'
import type { Behaviour } from '@/core/plan/schema'
import { ClockInput } from '@/ui/field/ClockInput'
import fields from '@/ui/field/field.module.css'
import { SelectField } from '@/ui/field/SelectField'
import { UnitField } from '@/ui/field/UnitField'
import { FixedHours } from './FixedHours'
import windows from '@/ui/field/WindowsField.module.css'

type Session = Extract<Behaviour, { kind: 'session' }>

interface SessionFieldsProps {
  behaviour: Session
  change: (behaviour: Behaviour, field: string) => void
}

/** How long a session takes and when it comes: at fixed hours, or so many times within a stretch of the day. */
export function SessionFields({ behaviour, change }: SessionFieldsProps) {
  const { minutesEach, when } = behaviour
  return (
    <>
      <UnitField
        label="Minutes each time"
        kind="minutes"
        value={minutesEach.value}
        check={(minutes) => (minutes > 1440 ? 'A session takes a day at most.' : null)}
        onChange={(value) => change({ ...behaviour, minutesEach: { ...minutesEach, value } }, 'minutes')}
      />
      <SelectField
        label="When"
        value={'at' in when ? 'at' : 'within'}
        options={[
          { value: 'at', words: 'At fixed hours' },
          { value: 'within', words: 'So many times a day, at any moment' },
        ]}
        onChange={(choice) =>
          change(
            {
              ...behaviour,
              when: choice === 'at' ? { at: ['08:00'] } : { timesADay: 4, from: '07:00', to: '22:00' },
            },
            'when',
          )
        }
      />
      {'at' in when ? (
        <FixedHours at={when.at} onChange={(at) => change({ ...behaviour, when: { at } }, 'at')} />
      ) : (
        <WithinFields when={when} onChange={(next) => change({ ...behaviour, when: next }, 'within')} />
      )}
    </>
  )
}

type Within = Extract<Session['when'], { timesADay: number }>

function WithinFields({ when, onChange }: { when: Within; onChange: (when: Within) => void }) {
  const id = useId()
  return (
    <div className={fields.row}>
      <label className={fields.label} htmlFor={id}>
        Times a day
      </label>
      <span className={fields.control}>
        <input
          id={id}
          type="number"
          min={1}
          max={96}
          className={windows.time}
          value={when.timesADay}
          onChange={(event) => {
            const timesADay = Math.round(Number(event.target.value))
            if (timesADay >= 1 && timesADay <= 96) onChange({ ...when, timesADay })
          }}
        />
        <span>between</span>
        <ClockInput label="Between" value={when.from} onChange={(from) => onChange({ ...when, from })} />
        <span>and</span>
        <ClockInput label="And" value={when.to} endOfDay onChange={(to) => onChange({ ...when, to })} />
      </span>
    </div>
  )
}
