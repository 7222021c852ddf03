'use client'
import { type ReactNode, startTransition, useEffect, useState } from 'react'

const LATEST_MS = 1500

/**
 * What need not be there at once: drawn when the page has come to rest, a piece at a time, so that the first touch of a key
 * finds nothing in its way.
 */
export function Later({ children }: { children: ReactNode }) {
  const [isDue, setDue] = useState(false)
  useEffect(() => {
    const due = () => startTransition(() => setDue(true))
    if (typeof requestIdleCallback !== 'function') {
      const timer = setTimeout(due, 200)
      return () => clearTimeout(timer)
    }
    const asked = requestIdleCallback(due, { timeout: LATEST_MS })
    return () => cancelIdleCallback(asked)
  }, [])
  return isDue ? children : null
}
