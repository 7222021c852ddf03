'use client'
import Tooltip from '@mui/material/Tooltip'
import { term as termWords } from '@/words/en/ui/help'
import { wordsOf } from '@/words/translate'
import { entryOf } from './glossary'
import styles from './help.module.css'

const say = wordsOf(termWords)

/** A label; where its word may be new, it is dotted and says what it means under the pointer or a long touch. */
export function Term({ label }: { label: string }) {
  const entry = entryOf(label)
  if (!entry) return <>{label}</>
  return (
    <Tooltip
      describeChild
      enterDelay={400}
      title={
        <>
          {entry.meaning} <em>{say('forExample', { example: entry.example })}</em>
        </>
      }
    >
      <span className={styles.term}>{label}</span>
    </Tooltip>
  )
}
