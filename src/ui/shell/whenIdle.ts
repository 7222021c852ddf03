/** Acts when the page has nothing else to do, by a time at the latest. @returns takes it back */
export function whenIdle(act: () => void, latestMs: number): () => void {
  if (typeof requestIdleCallback === 'function') {
    const asked = requestIdleCallback(act, { timeout: latestMs })
    return () => cancelIdleCallback(asked)
  }
  const timer = setTimeout(act, 50)
  return () => clearTimeout(timer)
}
