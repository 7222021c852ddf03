import type { PlateKind } from '../plan/limits'
import type { Behaviour } from '../plan/schema'
import type { ColdBox } from './coldBox'

/** A household thing with the values such a thing usually has, for the reader of lines. */
export interface KnownThing {
  id: string
  name: string
  behaviour: Behaviour
  /** starting watts and for how many seconds; null where there is no motor start */
  start: [watts: number, seconds: number] | null
  medical?: boolean
  volts?: 12 | 120 | 230 | 240
  caution?: string
  plateKind: PlateKind
  /** a refrigerator or freezer: its values follow from litres and year where they are said */
  box?: ColdBox
}

/** What a name may be. */
export type ThingMatch =
  /** the thing, and the words of the name that said so; `isGuess` where they were typed otherwise */
  | { kind: 'thing'; thing: KnownThing; isGuess: boolean }
  /** a name of several things: the likeliest first, as names that say which */
  | { kind: 'several'; said: string; names: string[] }
  /** a power source, not a load */
  | { kind: 'source'; said: string }

/** Finds what a name means. @param words of the name, lower case, in order */
export type FindThing = (words: readonly string[]) => ThingMatch | null
