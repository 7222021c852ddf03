'use client'
import Button from '@mui/material/Button'
import { FileButton } from '@/ui/field/FileButton'
import type { EventKind } from './eventEntry'
import styles from './run.module.css'

const KEYS: [EventKind, string][] = [
  ['switch', 'Switched'],
  ['source', 'Charged'],
  ['temperature', 'Temperature'],
  ['note', 'Note'],
  ['end', 'End'],
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
    <div className={styles.keys}>
      <Button
        variant="contained"
        color="primary"
        size="large"
        className={styles.main}
        onClick={() => open('reading')}
      >
        Write down a reading
      </Button>
      {KEYS.map(([kind, words]) => (
        <Button key={kind} variant="outlined" size="large" onClick={() => open(kind)}>
          {words}
        </Button>
      ))}
      <FileButton words="Photo" label="Photo of a display" accept="image/*" size="large" onFile={addPhoto} />
      <Button variant="outlined" size="large" onClick={() => turn(isPaused ? 'resume' : 'pause')}>
        {isPaused ? 'Carry on' : 'Pause'}
      </Button>
    </div>
  )
}
