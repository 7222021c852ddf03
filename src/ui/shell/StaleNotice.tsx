'use client'
import Button from '@mui/material/Button'
import { staleNotice } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import { useHousehold, useHouseholdStore } from '../household/HouseholdContext'
import styles from './StaleNotice.module.css'

const say = wordsOf(staleNotice)

/** When someone else saved first: which of the two states counts is the visitor's to say. */
export function StaleNotice() {
  const store = useHouseholdStore()
  const save = useHousehold((state) => state.save)
  if (save.kind !== 'stale') return null
  const { newer } = save
  const clock = new Date(newer.savedAt).toTimeString().slice(0, 5)
  return (
    <div className={styles.notice} role="alert">
      <p>{say('thisHouseholdWasSavedElsewhereAt', { clock })}</p>
      <Button onClick={() => store.getState().takeNewer(newer)}>{say('takeTheNewerStateUndoBrings')}</Button>
      <Button onClick={() => store.getState().keepMine(newer)}>{say('keepMineAndSaveIt')}</Button>
    </div>
  )
}
