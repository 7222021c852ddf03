import { Fragment, type ReactNode, createElement } from 'react'
import type { KeyOf, Messages, Words } from '@/words/translate'

/** What stands in a message for a value, or makes an element of a tag's text. */
type RichValues = Record<string, string | number | ((text: ReactNode) => ReactNode)>

/** A message with elements in it. */
export function rich<M extends Messages>(words: Words<M>, key: KeyOf<M>, values: RichValues): ReactNode {
  return createElement(Fragment, null, ...words.pieces<ReactNode>(key, values))
}
