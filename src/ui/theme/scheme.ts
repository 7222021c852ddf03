/** Day or night, as the page is drawn. */
export type Scheme = 'light' | 'dark'

/**
 * The cookie the choice is kept in, so that the server draws the page in it and no script has to be waited for; until one is made
 * the page follows the system, by its styles alone (tokens.css).
 */
export const SCHEME_COOKIE = 'yotrope-scheme'
const KEPT_S = 400 * 24 * 3600

/** What was chosen, of what a cookie holds; undefined where that is no scheme. */
export function schemeOf(kept: string | undefined): Scheme | undefined {
  return kept === 'dark' || kept === 'light' ? kept : undefined
}

const listeners = new Set<() => void>()

/** Hears of a choice made here or in another window, and of the system's dusk. */
export function subscribeScheme(changed: () => void): () => void {
  listeners.add(changed)
  const inAnotherWindow = ({ key, newValue }: StorageEvent) => {
    const chosen = key === SCHEME_COOKIE ? schemeOf(newValue ?? undefined) : undefined
    if (!chosen) return
    document.documentElement.dataset.theme = chosen
    changed()
  }
  const system = matchMedia('(prefers-color-scheme: dark)')
  system.addEventListener('change', changed)
  window.addEventListener('storage', inAnotherWindow)
  return () => {
    listeners.delete(changed)
    system.removeEventListener('change', changed)
    window.removeEventListener('storage', inAnotherWindow)
  }
}

/** The scheme the page is drawn in. */
export function schemeNow(): Scheme {
  const system = () => (matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light')
  return schemeOf(document.documentElement.dataset.theme) ?? system()
}

/** Chooses one, for now and for later. */
export function chooseScheme(scheme: Scheme): void {
  document.cookie = `${SCHEME_COOKIE}=${scheme}; path=/; max-age=${KEPT_S}; samesite=lax`
  document.documentElement.dataset.theme = scheme
  try {
    // heard in the other windows
    localStorage.setItem(SCHEME_COOKIE, scheme)
  } catch {
    // storage may be shut: they see it at their next page
  }
  for (const changed of listeners) changed()
}
