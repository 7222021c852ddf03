import { createContext } from 'react'

/** What was typed into a field and refused: it stays until it is mended or given up, and the old value counts. */
export interface HeldText {
  label: string
  /** of the thing it belongs to */
  scopeName: string
  text: string
  reason: string
  /** the value that counts meanwhile, as the field shows it */
  counts: string
}

/** Where fields keep what was refused and try what is typed; a household's store is one. */
export interface FieldKeeper {
  heldTexts: ReadonlyMap<string, HeldText>
  hold: (key: string, held: HeldText | null) => void
  /** runs changes so that they are shown but not made; null shows what counts again */
  tryOut: (change: (() => void) | null) => void
  subscribe: (listener: () => void) => () => void
}

/** A keeper of one field's own, where there is no household: it tries nothing out. */
export function ownKeeper(): FieldKeeper {
  let heldTexts: ReadonlyMap<string, HeldText> = new Map()
  const listeners = new Set<() => void>()
  return {
    get heldTexts() {
      return heldTexts
    },
    hold: (key, held) => {
      heldTexts = held ? new Map([[key, held]]) : new Map()
      listeners.forEach((listener) => listener())
    },
    tryOut: () => undefined,
    subscribe: (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
  }
}

export const FieldKeeperContext = createContext<FieldKeeper | null>(null)
