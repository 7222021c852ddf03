'use client'
import Button from '@mui/material/Button'
import { FileButton } from '@/ui/field/FileButton'
import { runKeys } from '@/words/en/pages/run'
import { wordsOf } from '@/words/translate'
import type { EventKind } from './eventEntry'
import styles from './run.module.css'

const say = wordsOf(runKeys)

const KEYS: [EventKind, string][] = [
  ['switch', say('switched')],
  ['source', say('charged')],
  ['temperature', say('temperature')],
  ['note', say('note')],
  ['end', say('end')],
]

interface RunKeysProps {
  isPaused: boolean
  open: (what: 'reading' | EventKind) => void
  addPhoto: (file: File) => void
  turn: (kind: 'pause' | 'resume') => void
}

/** What can be written down in a run, as keys within a thumb's reach. */
export function RunKeys({ isPaused, open, addPhoto, turn }: RunKeysProps) {
  return (
    <div className={`in-line no-print ${styles.keys}`}>
      <Button
        variant="contained"
        color="primary"
        size="large"
        className={styles.main}
        onClick={() => open('reading')}
      >
        {say('writeDownAReading')}
      </Button>
      {KEYS.map(([kind, words]) => (
        <Button key={kind} variant="outlined" size="large" onClick={() => open(kind)}>
          {words}
        </Button>
      ))}
      <FileButton
        words={say('photo')}
        label={say('photoOfADisplay')}
        accept="image/*"
        size="large"
        onFile={addPhoto}
      />
      <Button variant="outlined" size="large" onClick={() => turn(isPaused ? 'resume' : 'pause')}>
        {isPaused ? say('carryOn') : say('pause')}
      </Button>
    </div>
  )
}
