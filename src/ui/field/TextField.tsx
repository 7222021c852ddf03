'use client'
import { useId, useState } from 'react'
import styles from './field.module.css'

interface TextFieldProps {
  label: string
  value: string
  onChange: (value: string) => void
  maxLength: number
  multiline?: boolean
  /** whether it may be empty */
  optional?: boolean
}

/** A name or a note. What is too long or empty is said, and the last good text is kept. */
export function TextField({ label, value, onChange, maxLength, multiline, optional }: TextFieldProps) {
  const id = useId()
  const [typed, setTyped] = useState<string | null>(null)
  const text = typed ?? value
  const trouble = troubleWith(text, maxLength, optional)
  const shared = {
    id,
    className: `${styles.input} ${styles.wide}`,
    value: text,
    dir: 'auto' as const,
    'aria-invalid': trouble !== null,
    'aria-describedby': trouble ? `${id}-trouble` : undefined,
    onChange: (event: { target: { value: string } }) => {
      const next = event.target.value
      setTyped(next)
      if (!troubleWith(next, maxLength, optional)) onChange(multiline ? next : next.trim())
    },
    onBlur: () => setTyped(null),
  }
  return (
    <div className={styles.row}>
      <label className={styles.label} htmlFor={id}>
        {label}
      </label>
      <span className={styles.control}>
        {multiline ? <textarea rows={3} {...shared} /> : <input autoComplete="off" {...shared} />}
        {trouble && (
          <span id={`${id}-trouble`} className={styles.trouble} role="alert">
            {trouble}
          </span>
        )}
      </span>
    </div>
  )
}

function troubleWith(text: string, maxLength: number, optional?: boolean): string | null {
  if (!optional && text.trim() === '') return 'A name is needed; the last one is kept.'
  if (text.trim().length > maxLength)
    return `That is ${text.trim().length.toLocaleString('en-US')} characters; ${maxLength} at most. The last good text is kept.`
  return null
}
