'use client'
import TextField from '@mui/material/TextField'
import { useId } from 'react'
import { Term } from '../help/Term'
import styles from './field.module.css'

interface SelectFieldProps<T extends string> {
  label: string
  value: T
  options: readonly { value: T; words: string }[]
  onChange: (value: T) => void
  cell?: boolean
}

/** A choice of one among few. */
export function SelectField<T extends string>(props: SelectFieldProps<T>) {
  const { label, value, options, onChange, cell } = props
  const id = useId()
  const select = (
    <TextField
      id={id}
      select
      variant="standard"
      hiddenLabel
      className={cell ? styles.choice : styles.wide}
      value={value}
      onChange={(event) => onChange(event.target.value as T)}
      slotProps={{ select: { native: true }, htmlInput: { 'aria-label': cell ? label : undefined } }}
    >
      {options.map((option) => (
        <option key={option.value} value={option.value}>
          {option.words}
        </option>
      ))}
    </TextField>
  )
  if (cell) return select
  return (
    <div className={styles.row}>
      <label className={styles.label} htmlFor={id}>
        <Term label={label} />
      </label>
      <span className={styles.control}>{select}</span>
    </div>
  )
}
