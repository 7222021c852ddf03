import { useRouter } from 'next/navigation'
import { useCallback } from 'react'

/** Told where another page was asked for and cannot be fetched. */
export const UNREACHABLE_EVENT = 'yotrope-unreachable'

const ANSWERS_WITHIN_MS = 2500

/**
 * Goes to another page if it can be fetched. The router would leave for the browser's own error page otherwise, and take
 * with it the page that is already there.
 */
export function useGo(): (href: string) => void {
  const router = useRouter()
  return useCallback(
    (href: string) => {
      fetch('/api/health', { cache: 'no-store', signal: AbortSignal.timeout(ANSWERS_WITHIN_MS) }).then(
        (response) => (response.ok ? router.push(href) : tell()),
        tell,
      )
    },
    [router],
  )
}

const tell = () => void window.dispatchEvent(new Event(UNREACHABLE_EVENT))
