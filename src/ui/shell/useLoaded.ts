import { useEffect, useState } from 'react'
import { whenSettled } from './whenIdle'

/** It is there by then, however busy the page is, ms. */
const LATEST_MS = 1500
/** Without a connection it is tried again. */
const AGAIN_MS = 4000

/**
 * A part of the program that the first paint does without, fetched when the page stands and rests.
 *
 * @param load a constant of the caller
 * @returns null until it is there
 */
export function useLoaded<T extends object>(load: () => Promise<T>): T | null {
  const [loaded, setLoaded] = useState<T | null>(null)
  useEffect(() => {
    let isGone = false
    let timer: ReturnType<typeof setTimeout>
    const fetchIt = () => {
      load().then(
        (part) => {
          if (!isGone) setLoaded(part)
        },
        () => {
          if (!isGone) timer = setTimeout(fetchIt, AGAIN_MS)
        },
      )
    }
    const takeBack = whenSettled(fetchIt, LATEST_MS)
    return () => {
      isGone = true
      clearTimeout(timer)
      takeBack()
    }
  }, [load])
  return loaded
}
