'use client'
import { useId } from 'react'
import styles from './field.module.css'

interface SelectFieldProps<T extends string> {
  label: string
  value: T
  options: readonly { value: T; words: string }[]
  onChange: (value: T) => void
  cell?: boolean
}

/** A choice of one among few. */
export function SelectField<T extends string>({
  label,
  value,
  options,
  onChange,
  cell,
}: SelectFieldProps<T>) {
  const id = useId()
  const select = (
    <select
      id={id}
      className={`${styles.input} ${cell ? styles.compact : styles.wide}`}
      value={value}
      aria-label={cell ? label : undefined}
      onChange={(event) => onChange(event.target.value as T)}
    >
      {options.map((option) => (
        <option key={option.value} value={option.value}>
          {option.words}
        </option>
      ))}
    </select>
  )
  if (cell) return select
  return (
    <div className={styles.row}>
      <label className={styles.label} htmlFor={id}>
        {label}
      </label>
      <span className={styles.control}>{select}</span>
    </div>
  )
}
