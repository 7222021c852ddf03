import { terms } from '@/words/en/ui/terms'
import { wordsOf } from '@/words/translate'

const say = wordsOf(terms)

export type TermId = keyof typeof terms

/** A word of the field, and labels on the pages that mean this beside it. */
export interface Term {
  id: TermId
  term: string
  labels: readonly string[]
}

/** The words a newcomer may not know, in the order of the alphabet. */
export const TERMS: readonly Term[] = (Object.keys(terms) as TermId[]).map((id) => ({
  id,
  term: say(`${id}.term`),
  labels: say(`${id}.labels`).split('|').filter(Boolean),
}))

const byLabel = new Map(
  TERMS.flatMap(({ id, term, labels }) =>
    [term, ...labels].map((label): [string, TermId] => [label.toLowerCase(), id]),
  ),
)

/** Which term a label of a page is, where it may be new; null where everybody knows. */
export const termOf = (label: string): TermId | null => byLabel.get(label.toLowerCase()) ?? null
