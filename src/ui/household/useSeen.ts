import { useEffect, useRef, useState } from 'react'

/** How near to the screen counts as seen, so that it is there when it comes into view. */
const NEAR = '120px'

/** Whether an element has come into view; what is below the fold need not be worked out for nobody. */
export function useSeen<T extends HTMLElement>() {
  const element = useRef<T>(null)
  const [isSeen, setSeen] = useState(false)
  useEffect(() => {
    if (isSeen || !element.current) return
    const observer = new IntersectionObserver(
      (entries) => {
        if (entries.some(({ isIntersecting }) => isIntersecting)) setSeen(true)
      },
      { rootMargin: NEAR },
    )
    observer.observe(element.current)
    return () => observer.disconnect()
  }, [isSeen])
  return { element, isSeen }
}
