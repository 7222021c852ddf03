'use client'
import Button from '@mui/material/Button'
import { useHousehold, useHouseholdStore } from '../household/HouseholdContext'
import styles from './StaleNotice.module.css'

/** When someone else saved first: which of the two states counts is the visitor's to say. */
export function StaleNotice() {
  const store = useHouseholdStore()
  const save = useHousehold((state) => state.save)
  if (save.kind !== 'stale') return null
  const { newer } = save
  const clock = new Date(newer.savedAt).toTimeString().slice(0, 5)
  return (
    <div className={styles.notice} role="alert">
      <p>
        This household was saved elsewhere at {clock}, after you opened it. Nothing was overwritten: which
        state should count?
      </p>
      <Button onClick={() => store.getState().takeNewer(newer)}>
        Take the newer state (undo brings yours back)
      </Button>
      <Button onClick={() => store.getState().keepMine(newer)}>Keep mine and save it</Button>
    </div>
  )
}
