'use client'
import { useId, useState } from 'react'
import { parseClock } from '@/core/quantity/parse'
import fields from './field.module.css'
import styles from './WindowsField.module.css'

interface ClockInputProps {
  label: string
  /** "HH:MM" */
  value: string
  onChange: (clock: string) => void
  /** whether midnight means the end of the day */
  endOfDay?: boolean
}

/** A time of day, typed as people write it; nonsense is said and the last good one kept. */
export function ClockInput({ label, value, onChange, endOfDay }: ClockInputProps) {
  const id = useId()
  const [typed, setTyped] = useState<string | null>(null)
  const parsed = parseClock(typed ?? value, endOfDay)
  return (
    <span className={fields.cell}>
      <input
        className={styles.time}
        aria-label={label}
        aria-invalid={!parsed.ok}
        aria-describedby={parsed.ok ? undefined : id}
        autoComplete="off"
        value={typed ?? value}
        onFocus={(event) => event.currentTarget.select()}
        onChange={(event) => {
          setTyped(event.target.value)
          const reading = parseClock(event.target.value, endOfDay)
          if (reading.ok) onChange(reading.clock)
        }}
        onBlur={() => setTyped(null)}
      />
      {!parsed.ok && (
        <span id={id} className={fields.trouble} role="alert">
          {parsed.message}
        </span>
      )}
    </span>
  )
}
