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

export const FieldKeeperContext = createContext<FieldKeeper | null>(null)
