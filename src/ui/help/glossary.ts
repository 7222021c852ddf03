import { meanings } from '@/words/en/ui/meanings'
import { wordsOf } from '@/words/translate'
import { TERMS, type Term, type TermId } from './terms'

const say = wordsOf(meanings)

/** A word of the field: what it means in one sentence, and an example. */
export interface GlossaryEntry extends Term {
  meaning: string
  example: string
}

/** What a term means, with an example. */
export const meaningOf = (id: TermId): Pick<GlossaryEntry, 'meaning' | 'example'> => ({
  meaning: say(`${id}.meaning`),
  example: say(`${id}.example`),
})

/** The words a newcomer may not know, in the order of the alphabet. */
export const GLOSSARY: readonly GlossaryEntry[] = TERMS.map((entry) => ({ ...entry, ...meaningOf(entry.id) }))
