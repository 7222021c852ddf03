import type { SearchCandidate } from '@/core/sizing/search/candidates'
import { candidateWords } from './en/candidate'
import { wordsOf } from './translate'

const say = wordsOf(candidateWords)

/** What a find of the search is called: its name, and with how many expansion batteries. */
export const candidateName = ({ name, expansions }: Pick<SearchCandidate, 'name' | 'expansions'>): string =>
  expansions > 0 ? say('withExpansions', { name, expansions }) : name
