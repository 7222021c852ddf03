'use client'
import { epochMinute, weekdayName } from '@/core/plan/clock'
import { ClockInput } from '@/ui/field/ClockInput'
import { DateField } from '@/ui/field/DateField'
import fields from '@/ui/field/field.module.css'

/** When the outage starts, on the clock on the wall. */
export function StartField({ value, onChange }: { value: string; onChange: (value: string) => void }) {
  const [day, clock] = value.split('T')
  return (
    <div className={fields.row} role="group" aria-label="When the outage starts">
      <span className={fields.label}>Starts</span>
      <span className={fields.control}>
        <DateField label="Starts" value={day} onChange={(next) => onChange(`${next}T${clock}`)} />
        <ClockInput label="Starts at" value={clock} onChange={(next) => onChange(`${day}T${next}`)} />
        <span className={fields.understood}>{weekdayName(epochMinute(value))}</span>
      </span>
    </div>
  )
}
