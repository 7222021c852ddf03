'use client'
import { epochMinute } from '@/core/plan/clock'
import { weekdayName } from '@/words/clock'
import { ClockInput } from '@/ui/field/ClockInput'
import { DateField } from '@/ui/field/DateField'
import fields from '@/ui/field/field.module.css'
import { startField } from '@/words/en/pages/outage'
import { wordsOf } from '@/words/translate'

const say = wordsOf(startField)

/** When the outage starts, on the clock on the wall. */
export function StartField({ value, onChange }: { value: string; onChange: (value: string) => void }) {
  const [day, clock] = value.split('T')
  return (
    <div className={fields.row} role="group" aria-label={say('whenTheOutageStarts')}>
      <span className={fields.label}>{say('starts')}</span>
      <span className={fields.control}>
        <DateField label={say('starts')} value={day} onChange={(next) => onChange(`${next}T${clock}`)} />
        <ClockInput label={say('startsAt')} value={clock} onChange={(next) => onChange(`${day}T${next}`)} />
        <span className="hint">{weekdayName(epochMinute(value))}</span>
      </span>
    </div>
  )
}
