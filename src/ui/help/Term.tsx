'use client'
import Tooltip from '@mui/material/Tooltip'
import { Meaning } from '../shell/lazy'
import styles from './help.module.css'
import { termOf } from './terms'

/** A label; where its word may be new, it is dotted and says what it means under the pointer or a long touch. */
export function Term({ label }: { label: string }) {
  const id = termOf(label)
  if (!id) return <>{label}</>
  return (
    <Tooltip describeChild enterDelay={400} title={<Meaning id={id} />}>
      <span className={styles.term}>{label}</span>
    </Tooltip>
  )
}
