import { useSyncExternalStore } from 'react'
import { type Scheme, schemeNow, subscribeScheme } from '../theme/scheme'
import { type Ink, inkOf } from './chartInk'

/** The ink that was read last, and the scheme it was read in. */
let read: { scheme: Scheme; ink: Ink } | null = null

function currentInk(): Ink {
  const scheme = schemeNow()
  if (read?.scheme !== scheme) read = { scheme, ink: inkOf(document.body) }
  return read.ink
}

/** Hears of the scheme, and of the paper's, which is put on the page for as long as it is printed. */
function subscribe(changed: () => void): () => void {
  const observer = new MutationObserver(changed)
  observer.observe(document.documentElement, { attributeFilter: ['data-theme'] })
  const unsubscribe = subscribeScheme(changed)
  return () => {
    observer.disconnect()
    unsubscribe()
  }
}

/** The colours and the type of the theme as it is now, for canvases; null on the server. */
export const useInk = (): Ink | null => useSyncExternalStore<Ink | null>(subscribe, currentInk, () => null)
