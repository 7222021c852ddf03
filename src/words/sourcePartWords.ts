import type { SourcePart } from '@/core/sizing/strains'
import { sourceParts } from './en/facts'
import { wordsOf } from './translate'

const say = wordsOf(sourceParts)

const WORDS: Readonly<Record<SourcePart, string>> = {
  '': '',
  'in this heat': say('inThisHeat'),
  'leg A': say('legA'),
  'leg B': say('legB'),
  'one outlet': say('oneOutlet'),
  'direct current': say('directCurrent'),
  'a long start': say('aLongStart'),
}

/** Which part of a source a limit is of; empty where it is all its outlets together. */
export const sourcePartWords = (part: SourcePart): string => WORDS[part]
