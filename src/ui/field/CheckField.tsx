'use client'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { Term } from '../help/Term'
import styles from './field.module.css'

/** Something that is so or not. */
export function CheckField(props: {
  label: string
  words: string
  on: boolean
  onChange: (on: boolean) => void
}) {
  return (
    <div className={`${styles.row} ${styles.checkRow}`}>
      <span className={styles.label}>
        <Term label={props.label} />
      </span>
      <FormControlLabel
        className={styles.check}
        control={
          <Checkbox
            size="small"
            checked={props.on}
            onChange={(event) => props.onChange(event.target.checked)}
          />
        }
        label={props.words}
      />
    </div>
  )
}
