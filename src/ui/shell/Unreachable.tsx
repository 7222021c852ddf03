'use client'
import Alert from '@mui/material/Alert'
import Snackbar from '@mui/material/Snackbar'
import { useEffect, useState } from 'react'
import { unreachable } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import { UNREACHABLE_EVENT } from './useGo'

const say = wordsOf(unreachable)

const SHOWN_MS = 8000

/** Says that another page cannot be fetched just now, and that this one goes on. */
export function Unreachable() {
  const [isOpen, setIsOpen] = useState(false)
  useEffect(() => {
    const show = () => setIsOpen(true)
    window.addEventListener(UNREACHABLE_EVENT, show)
    return () => window.removeEventListener(UNREACHABLE_EVENT, show)
  }, [])
  if (!isOpen) return null
  return (
    <Snackbar open autoHideDuration={SHOWN_MS} onClose={() => setIsOpen(false)}>
      <Alert severity="warning" onClose={() => setIsOpen(false)}>
        {say('yotropeCannotBeReachedJustNow')}
      </Alert>
    </Snackbar>
  )
}
