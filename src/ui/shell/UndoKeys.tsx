'use client'
import Redo from '@mui/icons-material/Redo'
import Undo from '@mui/icons-material/Undo'
import IconButton from '@mui/material/IconButton'
import Tooltip from '@mui/material/Tooltip'
import { useHousehold, useHouseholdStore } from '../household/HouseholdContext'
import { announce } from './announce'

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
      <Tooltip title="Undo (Ctrl Z)">
        <span>
          <IconButton aria-label="Undo" disabled={!canUndo} onClick={act('undo', 'Undone')}>
            <Undo fontSize="small" />
          </IconButton>
        </span>
      </Tooltip>
      <Tooltip title="Redo (Ctrl Shift Z)">
        <span>
          <IconButton aria-label="Redo" disabled={!canRedo} onClick={act('redo', 'Done again')}>
            <Redo fontSize="small" />
          </IconButton>
        </span>
      </Tooltip>
    </>
  )
}
