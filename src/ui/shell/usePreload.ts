import { useEffect } from 'react'
import { laterParts } from './part'
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
 * Fetches what the page in view may open, one after the other, so that it opens at the key and is there when the connection goes:
 * from somebody's first touch on, or when the page has long been at rest. What did not come is asked for when it is wanted.
 */
export function usePreload(): void {
  useEffect(() => {
    let isOver = false
    const next = (i: number) => {
      if (isOver) return
      if (i === laterParts.length) {
        // a part that came may name others
        timer = setTimeout(() => next(i), AT_REST_MS)
        return
      }
      const quietInMs = lastKeyAt + AFTER_KEY_MS - performance.now()
      if (quietInMs > 0) timer = setTimeout(() => next(i), quietInMs)
      else
        whenIdle(() => {
          const goOn = () => next(i + 1)
          laterParts[i]().then(goOn, goOn)
        }, LATEST_MS)
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
  }, [])
}
