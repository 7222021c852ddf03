/** How long a page is waited for that is not drawn, in milliseconds. */
const AT_MOST_MS = 1500

/**
 * Fulfilled once the page that came from the server has been drawn. Scripts that take it over wait for that: what they do in one
 * go before it would stand between the reader and the answer.
 */
export const firstPaint: Promise<void> | undefined =
  typeof document === 'undefined' || typeof PerformanceObserver === 'undefined'
    ? undefined
    : new Promise((resolve) => {
        if (document.visibilityState === 'hidden') resolve()
        new PerformanceObserver((entries, observer) => {
          if (entries.getEntriesByName('first-contentful-paint').length === 0) return
          observer.disconnect()
          resolve()
        }).observe({ type: 'paint', buffered: true })
        setTimeout(resolve, AT_MOST_MS)
      })
