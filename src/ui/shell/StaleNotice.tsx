'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import { staleNotice } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import { useHousehold, useHouseholdStore } from '../household/HouseholdContext'

const say = wordsOf(staleNotice)

/** When someone else saved first: which of the two states counts is the visitor's to say. */
export function StaleNotice() {
  const store = useHouseholdStore()
  const save = useHousehold((state) => state.save)
  if (save.kind !== 'stale') return null
  const { newer } = save
  const clock = new Date(newer.savedAt).toTimeString().slice(0, 5)
  return (
    <Alert severity="warning" icon={false} square>
      <p>{say('thisHouseholdWasSavedElsewhereAt', { clock })}</p>
      <div className="in-line">
        <Button onClick={() => store.getState().takeNewer(newer)}>
          {say('takeTheNewerStateUndoBrings')}
        </Button>
        <Button onClick={() => store.getState().keepMine(newer)}>{say('keepMineAndSaveIt')}</Button>
      </div>
    </Alert>
  )
}
