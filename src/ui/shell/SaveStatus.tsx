'use client'
import Alert from '@mui/material/Alert'
import { useSyncExternalStore } from 'react'
import { saveStatus } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import { useHousehold } from '../household/HouseholdContext'
import styles from './SaveStatus.module.css'

const say = wordsOf(saveStatus)

const never = () => () => {}

/** How saving stands, in a place of fixed width. */
export function SaveStatus() {
  const save = useHousehold((state) => state.save)
  const savedAt = useHousehold((state) => state.savedAt)
  const mounted = useSyncExternalStore(
    never,
    () => true,
    () => false,
  )
  const clock = mounted ? new Date(savedAt).toTimeString().slice(0, 5) : ''
  const words = {
    saved: say('saved', { clock }),
    saving: say('saving'),
    unsaved: say('saving'),
    failed: say('notSaved'),
    stale: say('notSaved'),
  }[save.kind]
  return (
    <>
      <span className={styles.status} data-state={save.kind} data-testid="save-status">
        {words}
      </span>
      {save.kind === 'failed' && (
        <Alert severity="error" icon={false} className={styles.failure}>
          {save.message}
        </Alert>
      )}
    </>
  )
}
