'use client'
import { type ReactNode, startTransition, useEffect, useState } from 'react'
import { whenIdle } from './whenIdle'

const LATEST_MS = 1500

/**
 * What need not be there at once: drawn when the page has come to rest, a piece at a time, so that the first touch of a key
 * finds nothing in its way.
 */
export function Later({ children }: { children: ReactNode }) {
  const [isDue, setDue] = useState(false)
  useEffect(() => {
    return whenIdle(() => startTransition(() => setDue(true)), LATEST_MS)
  }, [])
  return isDue ? children : null
}
