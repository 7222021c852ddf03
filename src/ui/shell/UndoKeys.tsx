'use client'
import Redo from '@mui/icons-material/Redo'
import Undo from '@mui/icons-material/Undo'
import IconButton from '@mui/material/IconButton'
import { undoKeys } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import { hinted } from '../help/hints'
import { useHousehold, useHouseholdStore } from '../household/HouseholdContext'
import { announce } from './announce'

const say = wordsOf(undoKeys)

/** Undo and redo, by pointer and touch, on every page. */
export function UndoKeys() {
  const store = useHouseholdStore()
  const canUndo = useHousehold(({ past }) => past.length > 0)
  const canRedo = useHousehold(({ future }) => future.length > 0)
  const act = (what: 'undo' | 'redo', words: string) => () => {
    store.getState()[what]()
    announce(words)
  }
  return (
    <>
      {/* a disabled key hears no pointer, what is around it does */}
      <span {...hinted(say('undoCtrlZ'))}>
        <IconButton aria-label={say('undo')} disabled={!canUndo} onClick={act('undo', say('undone'))}>
          <Undo fontSize="small" />
        </IconButton>
      </span>
      <span {...hinted(say('redoCtrlShiftZ'))}>
        <IconButton aria-label={say('redo')} disabled={!canRedo} onClick={act('redo', say('doneAgain'))}>
          <Redo fontSize="small" />
        </IconButton>
      </span>
    </>
  )
}
