'use client'
import { term as termWords } from '@/words/en/ui/help'
import { wordsOf } from '@/words/translate'
import { meaningOf } from './glossary'
import type { TermId } from './terms'

const say = wordsOf(termWords)

/** What a term means, in its tooltip. */
export function Meaning({ id }: { id: TermId }) {
  const { meaning, example } = meaningOf(id)
  return (
    <>
      {meaning} <em>{say('forExample', { example })}</em>
    </>
  )
}
