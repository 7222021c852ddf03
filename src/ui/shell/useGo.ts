import { useRouter } from 'next/navigation'
import { useCallback, useEffect } from 'react'
import { tellUnreachable } from './unreachableEvent'

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
        (response) => (response.ok ? router.push(href) : tellUnreachable('page')),
        () => tellUnreachable('page'),
      )
    },
    [router],
  )
}

/** Pages of the application; what is downloaded has an address of its own. */
const PAGE = /^\/(h\/|start$|$)/

/** Every link to another page goes there only if it can be fetched: one listener, since any part of a page may hold one. */
export function useLinksStay(): void {
  const go = useGo()
  useEffect(() => {
    const follow = (event: MouseEvent) => {
      const link = event.target instanceof Element ? event.target.closest('a') : null
      const isPlain =
        event.button === 0 && !(event.metaKey || event.ctrlKey || event.shiftKey || event.altKey)
      if (!link || !isPlain || event.defaultPrevented || link.target || link.hasAttribute('download')) return
      const { origin, pathname, search, hash } = new URL(link.href, location.href)
      const isHere = pathname === location.pathname && search === location.search
      if (origin !== location.origin || isHere || !PAGE.test(pathname)) return
      event.preventDefault()
      go(pathname + search + hash)
    }
    // before the link's own handler, which would go at once
    document.addEventListener('click', follow, { capture: true })
    return () => document.removeEventListener('click', follow, { capture: true })
  }, [go])
}
