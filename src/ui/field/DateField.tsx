'use client'
import TextField from '@mui/material/TextField'
import { epochMinute } from '@/core/plan/clock'
import styles from './field.module.css'
import { useTyped } from './useTyped'

interface DateFieldProps {
  id: string
  label: string
  /** "YYYY-MM-DD" */
  value: string
  onChange: (date: string) => void
}

/** A date. What the browser cannot make one of stays, and the old one counts. */
export function DateField({ id, label, value, onChange }: DateFieldProps) {
  const field = useTyped<string>({
    label,
    shown: value,
    value,
    read: (text) =>
      Number.isNaN(epochMinute(`${text}T00:00`)) || text < '2000' || text > '2100'
        ? { ok: false, message: 'A date is needed, from 2000 to 2099.' }
        : { ok: true, value: text },
    onChange,
  })
  return (
    <>
      <TextField
        id={id}
        type="date"
        variant="standard"
        hiddenLabel
        className={styles.figure}
        value={field.text}
        error={field.trouble !== null}
        onChange={field.inputProps.onChange}
        onKeyDown={field.inputProps.onKeyDown}
        slotProps={{
          htmlInput: {
            min: '2000-01-01',
            max: '2099-12-31',
            onBlur: field.inputProps.onBlur,
          },
        }}
      />
      {field.trouble && (
        <span className={styles.trouble} role="alert">
          {field.trouble}
          {field.counts !== null && ` ${field.counts} counts until then.`}
        </span>
      )}
    </>
  )
}
