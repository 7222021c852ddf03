/** Day or night, as the page is drawn. */
export type Scheme = 'light' | 'dark'

/** Where the choice is kept; until one is made the page follows the system. */
const KEPT = 'yotrope-scheme'

/**
 * Draws the page in the scheme that was chosen, else in the system's. Its source is written into the page, before anything is
 * drawn, so it uses nothing from outside itself.
 */
function applyScheme(kept: string): void {
  let chosen: string | null = null
  try {
    chosen = localStorage.getItem(kept)
  } catch {
    // storage may be shut: the system's it is
  }
  const system = matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light'
  document.documentElement.dataset.theme = chosen === 'dark' || chosen === 'light' ? chosen : system
}

/** The script to be written into the page. */
export const SCHEME_SCRIPT = `(${String(applyScheme)})('${KEPT}')`

const listeners = new Set<() => void>()

/** Hears of a choice made here or in another window, and of the system's dusk. */
export function subscribeScheme(changed: () => void): () => void {
  listeners.add(changed)
  const anew = () => {
    applyScheme(KEPT)
    changed()
  }
  const inAnotherWindow = ({ key }: StorageEvent) => {
    if (key === KEPT || key === null) anew()
  }
  const system = matchMedia('(prefers-color-scheme: dark)')
  system.addEventListener('change', anew)
  window.addEventListener('storage', inAnotherWindow)
  return () => {
    listeners.delete(changed)
    system.removeEventListener('change', anew)
    window.removeEventListener('storage', inAnotherWindow)
  }
}

export const schemeNow = (): Scheme => (document.documentElement.dataset.theme === 'dark' ? 'dark' : 'light')

/** Chooses one, for now and for later. */
export function chooseScheme(scheme: Scheme): void {
  try {
    localStorage.setItem(KEPT, scheme)
  } catch {
    // it lasts as long as the page
  }
  document.documentElement.dataset.theme = scheme
  for (const changed of listeners) changed()
}
