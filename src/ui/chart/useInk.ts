import { useSyncExternalStore } from 'react'
import { type Ink, inkOf } from './chartInk'

/** The ink that was read last, and the theme it was read in. */
let read: { theme: string; ink: Ink } | null = null

const themeOf = ({ attributes }: Element) =>
  Array.from(attributes, ({ name, value }) => `${name}=${value}`).join(' ')

function currentInk(): Ink {
  const theme = themeOf(document.documentElement)
  if (read?.theme !== theme) read = { theme, ink: inkOf(document.body) }
  return read.ink
}

function subscribe(changed: () => void): () => void {
  const observer = new MutationObserver(changed)
  observer.observe(document.documentElement, { attributes: true })
  return () => observer.disconnect()
}

/** The colours and the type of the theme as it is now, for canvases; null on the server. */
export const useInk = (): Ink | null => useSyncExternalStore<Ink | null>(subscribe, currentInk, () => null)
