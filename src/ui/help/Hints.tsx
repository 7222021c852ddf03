'use client'
import { useEffect, useState } from 'react'
import { HintTip } from '../shell/lazy'
import { type Hint, watchHints } from './hints'

/** Shows the hint that is asked for, one for all of the page. */
export function Hints() {
  const [hint, setHint] = useState<Hint | null>(null)
  useEffect(() => watchHints(setHint), [])
  return hint && <HintTip hint={hint} onClose={() => setHint(null)} />
}
