'use client'
import Alert from '@mui/material/Alert'
import Snackbar from '@mui/material/Snackbar'
import { useEffect, useState } from 'react'
import { unreachable } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import { isLoadError } from './part'
import { type Unreached, onUnreachable, tellUnreachable } from './unreachableEvent'

const say = wordsOf(unreachable)

const SHOWN_MS = 8000

/** Says that another page, or a part of this one, cannot be fetched just now, and that this page goes on. */
export function Unreachable() {
  const [what, setWhat] = useState<Unreached | null>(null)
  useEffect(() => onUnreachable(setWhat), [])
  useEffect(() => {
    // what a key needed and did not get
    const refused = ({ reason }: PromiseRejectionEvent) => isLoadError(reason) && tellUnreachable('part')
    window.addEventListener('unhandledrejection', refused)
    return () => window.removeEventListener('unhandledrejection', refused)
  }, [])
  if (what === null) return null
  return (
    <Snackbar open autoHideDuration={SHOWN_MS} onClose={() => setWhat(null)}>
      <Alert severity="warning" onClose={() => setWhat(null)}>
        {say(what === 'page' ? 'yotropeCannotBeReachedJustNow' : 'thisPartIsNotHereYet')}
      </Alert>
    </Snackbar>
  )
}
