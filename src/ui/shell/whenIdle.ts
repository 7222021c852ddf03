/** Acts when the page has nothing else to do, by a time at the latest. @returns takes it back */
export function whenIdle(act: () => void, latestMs: number): () => void {
  if (typeof requestIdleCallback === 'function') {
    const asked = requestIdleCallback(act, { timeout: latestMs })
    return () => cancelIdleCallback(asked)
  }
  const timer = setTimeout(act, 50)
  return () => clearTimeout(timer)
}

/** Acts when all that the page began with is there and it has nothing else to do. @returns takes it back */
export function whenSettled(act: () => void, latestMs: number): () => void {
  if (document.readyState === 'complete') return whenIdle(act, latestMs)
  const gone = new AbortController()
  addEventListener(
    'load',
    () => {
      const takeBack = whenIdle(act, latestMs)
      gone.signal.addEventListener('abort', takeBack)
    },
    { once: true, signal: gone.signal },
  )
  return () => gone.abort()
}
