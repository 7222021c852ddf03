'use client'
import { useId, useState } from 'react'
import { epochMinute, weekdayName } from '@/core/plan/clock'
import { ClockInput } from '@/ui/field/ClockInput'
import fields from '@/ui/field/field.module.css'

/** When the outage starts, on the clock on the wall. A date that is none is said, and the last good one kept. */
export function StartField({ value, onChange }: { value: string; onChange: (value: string) => void }) {
  const id = useId()
  const [typed, setTyped] = useState<string | null>(null)
  const [day, clock] = value.split('T')
  const shown = typed ?? day
  const isGood = !Number.isNaN(epochMinute(`${shown}T${clock}`))
  return (
    <div className={fields.row}>
      <label className={fields.label} htmlFor={id}>
        Starts
      </label>
      <span className={fields.control}>
        <input
          id={id}
          type="date"
          className={fields.input}
          value={shown}
          min="2000-01-01"
          max="2099-12-31"
          aria-invalid={!isGood}
          onChange={(event) => {
            const next = event.target.value
            setTyped(next)
            if (!Number.isNaN(epochMinute(`${next}T${clock}`))) onChange(`${next}T${clock}`)
          }}
          onBlur={() => setTyped(null)}
        />
        <ClockInput label="Starts at" value={clock} onChange={(next) => onChange(`${day}T${next}`)} />
        <span className={fields.understood}>{isGood && weekdayName(epochMinute(value))}</span>
        {!isGood && (
          <span className={fields.trouble} role="alert">
            A date is needed; the last good one is kept.
          </span>
        )}
      </span>
    </div>
  )
}
