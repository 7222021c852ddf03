import { useEffect, useState } from 'react'

/**
 * A part of the program that the first paint does without, fetched as soon as the page stands.
 *
 * @param load a constant of the caller
 * @returns null until it is there
 */
export function useLoaded<T extends object>(load: () => Promise<T>): T | null {
  const [loaded, setLoaded] = useState<T | null>(null)
  useEffect(() => {
    let isGone = false
    void load().then((part) => {
      if (!isGone) setLoaded(part)
    })
    return () => {
      isGone = true
    }
  }, [load])
  return loaded
}
