'use client'
import { useId, useState } from 'react'
import { epochMinute, weekdayName } from '@/core/plan/clock'
import fields from '@/ui/field/field.module.css'

/** When the outage starts, on the clock on the wall. A date that is none is said, and the last good one kept. */
export function StartField({ value, onChange }: { value: string; onChange: (value: string) => void }) {
  const id = useId()
  const [typed, setTyped] = useState<string | null>(null)
  const text = typed ?? value
  const isGood = !Number.isNaN(epochMinute(text))
  return (
    <div className={fields.row}>
      <label className={fields.label} htmlFor={id}>
        Starts
      </label>
      <span className={fields.control}>
        <input
          id={id}
          type="datetime-local"
          className={fields.input}
          style={{ width: '13rem' }}
          value={text}
          min="2000-01-01T00:00"
          max="2099-12-31T23:59"
          aria-invalid={!isGood}
          onChange={(event) => {
            setTyped(event.target.value)
            if (!Number.isNaN(epochMinute(event.target.value))) onChange(event.target.value)
          }}
          onBlur={() => setTyped(null)}
        />
        <span className={fields.understood}>{isGood && weekdayName(epochMinute(text))}</span>
        {!isGood && (
          <span className={fields.trouble} role="alert">
            A date and a time of day are needed; the last good ones are kept.
          </span>
        )}
      </span>
    </div>
  )
}
