import { useEffect } from 'react'
import { whenIdle } from './whenIdle'

/** A page is at rest so long after it was drawn, even where it never gets quite still. */
const AT_REST_MS = 2500
const LATEST_MS = 6000

/** Fetches what will soon be opened while the page has nothing else to do, one after the other, so that it opens at the key. */
export function usePreload(...loaders: (() => Promise<unknown>)[]): void {
  useEffect(() => {
    let isOver = false
    const next = (i: number) => {
      if (isOver || i === loaders.length) return
      whenIdle(() => void loaders[i]().finally(() => next(i + 1)), LATEST_MS)
    }
    const timer = setTimeout(() => next(0), AT_REST_MS)
    return () => {
      isOver = true
      clearTimeout(timer)
    }
    // the loaders are constants of the caller
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])
}
