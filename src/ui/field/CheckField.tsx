'use client'
import Checkbox from '@mui/material/Checkbox'
import { useId } from 'react'
import styles from './field.module.css'

/** Something that is so or not. */
export function CheckField(props: {
  label: string
  words: string
  on: boolean
  onChange: (on: boolean) => void
}) {
  const id = useId()
  return (
    <div className={styles.row}>
      <span className={styles.label}>{props.label}</span>
      <label className={styles.control} htmlFor={id}>
        <Checkbox
          id={id}
          size="small"
          checked={props.on}
          onChange={(event) => props.onChange(event.target.checked)}
        />
        {props.words}
      </label>
    </div>
  )
}
