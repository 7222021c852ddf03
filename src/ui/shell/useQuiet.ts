import { startTransition, useEffect, useState } from 'react'

/** A value as it was when it last stood still for so long: what is costly to draw follows then, and no key waits for it. */
export function useQuiet<T>(value: T, quietMs: number): T {
  const [quiet, setQuiet] = useState(value)
  useEffect(() => {
    if (value === quiet) return
    const timer = setTimeout(() => startTransition(() => setQuiet(() => value)), quietMs)
    return () => clearTimeout(timer)
  }, [value, quiet, quietMs])
  return quiet
}
