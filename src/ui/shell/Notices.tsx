'use client'
import Button from '@mui/material/Button'
import Snackbar from '@mui/material/Snackbar'
import { useStore } from 'zustand'
import { notices as noticesWords } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import { useHousehold, useHouseholdStore } from '../household/HouseholdContext'
import { notices } from './notify'

const say = wordsOf(noticesWords)

const SHOWN_MS = 10_000

/** What was just done, with the key that takes it back for as long as nothing else was changed. */
export function Notices() {
  const store = useHouseholdStore()
  const { words, after, count } = useStore(notices)
  const isOpen = useHousehold(({ household }) => after !== null && household === after)
  const close = () => notices.setState({ after: null })
  // until there is a first one nothing is made for it
  if (count === 0) return null
  return (
    <Snackbar
      key={count}
      open={isOpen}
      autoHideDuration={SHOWN_MS}
      onClose={(_, reason) => reason !== 'clickaway' && close()}
      message={words}
      action={
        <Button
          variant="text"
          onClick={() => {
            store.getState().undo()
            close()
          }}
        >
          {say('undo')}
        </Button>
      }
    />
  )
}
