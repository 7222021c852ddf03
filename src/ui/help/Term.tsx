'use client'
import styles from './help.module.css'
import { termed } from './hints'
import { termOf } from './terms'

/** A label; where its word may be new, it is dotted and says what it means under the pointer or a long touch. */
export function Term({ label }: { label: string }) {
  const id = termOf(label)
  if (!id) return <>{label}</>
  return (
    <span className={styles.term} {...termed(id)}>
      {label}
    </span>
  )
}
