import { useEffect } from 'react'
import { whenIdle } from './whenIdle'

/** Nobody has touched anything for so long: what comes now is in nobody's way. */
const AT_REST_MS = 7000
/** After a first touch the page's answer to it comes first. */
const AFTER_TOUCH_MS = 600
const LATEST_MS = 6000
/** Who types is not disturbed: a chunk that comes may hold a key up. */
const AFTER_KEY_MS = 1500

let lastKeyAt = -Infinity
if (typeof document !== 'undefined')
  for (const kind of ['keydown', 'input'])
    document.addEventListener(kind, () => (lastKeyAt = performance.now()), { passive: true, capture: true })

/**
 * Fetches what will soon be opened, one after the other, so that it opens at the key: from somebody's first touch on, or when the
 * page has long been at rest.
 */
export function usePreload(...loaders: (() => Promise<unknown>)[]): void {
  useEffect(() => {
    let isOver = false
    const next = (i: number) => {
      if (isOver || i === loaders.length) return
      const quietInMs = lastKeyAt + AFTER_KEY_MS - performance.now()
      if (quietInMs > 0) timer = setTimeout(() => next(i), quietInMs)
      else whenIdle(() => void loaders[i]().finally(() => next(i + 1)), LATEST_MS)
    }
    let timer = setTimeout(() => next(0), AT_REST_MS)
    const touched = new AbortController()
    for (const kind of ['pointerdown', 'pointermove', 'keydown'])
      addEventListener(
        kind,
        () => {
          touched.abort()
          clearTimeout(timer)
          timer = setTimeout(() => next(0), AFTER_TOUCH_MS)
        },
        { passive: true, signal: touched.signal },
      )
    return () => {
      isOver = true
      touched.abort()
      clearTimeout(timer)
    }
    // the loaders are constants of the caller
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])
}
