import { glossary } from '@/words/en/ui/glossary'
import { wordsOf } from '@/words/translate'

const say = wordsOf(glossary)

/** A word of the field: what it means in one sentence, and an example. */
export interface GlossaryEntry {
  term: string
  meaning: string
  example: string
  /** labels on the pages that mean this, beside the term itself */
  labels: readonly string[]
}

/** The words a newcomer may not know, in the order of the alphabet. */
export const GLOSSARY: readonly GlossaryEntry[] = (Object.keys(glossary) as (keyof typeof glossary)[]).map(
  (id) => ({
    term: say(`${id}.term`),
    meaning: say(`${id}.meaning`),
    example: say(`${id}.example`),
    labels: say(`${id}.labels`).split('|').filter(Boolean),
  }),
)

const byLabel = new Map(
  GLOSSARY.flatMap((entry) =>
    [entry.term, ...entry.labels].map((label): [string, GlossaryEntry] => [label.toLowerCase(), entry]),
  ),
)

/** What a label of a page means, where it may be new; null where everybody knows. */
export const entryOf = (label: string): GlossaryEntry | null => byLabel.get(label.toLowerCase()) ?? null
