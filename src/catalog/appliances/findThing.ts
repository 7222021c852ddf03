import MiniSearch from 'minisearch'
import { plateKindOf } from '@/core/load/plateKind'
import type { FindThing, KnownThing } from '@/core/load/knownThing'
import { APPLIANCES, type Appliance } from '.'
import { EVERYDAY_NAMES, SEVERAL_NAMES, SOURCE_NAMES, WEAK_SOURCE_NAMES } from './everydayNames'

/** The catalogue searched by everyday names: whole phrases first, then what is spelt nearly so. */

type Meaning =
  { kind: 'thing'; appliance: Appliance } | { kind: 'several'; names: readonly string[] } | { kind: 'source' }

const byId = new Map(APPLIANCES.map((appliance) => [appliance.id, appliance]))

/** Words that say how a thing is, not what it is: they may stand apart from its name. */
const SAYING = new Set(
  'led old new big small large little electric smart kitchen bedroom living room bathroom garage basement cellar attic outdoor outside upstairs downstairs hall porch shed spare second main front back guest kids office inverter portable white black cold hot gas usb wireless digital mini the my our'.split(
    ' ',
  ),
)

/** A word as the names have it: no plural, no possessive. */
const singular = (word: string) =>
  word.length > 3 && /[^su]s$/.test(word) && !/(?:lens|gas|bus|series)$/.test(word)
    ? word.replace(/(?:(?<=ch|sh|x|ss)es|s)$/, '').replace(/ie$/, 'ie')
    : word

const keyOf = (words: readonly string[]) => words.map(singular).join(' ')
const phraseWords = (phrase: string) =>
  phrase
    .toLowerCase()
    .split(/[\s,+&/]+/)
    .filter(Boolean)

const phrases = new Map<string, Meaning>()
for (const appliance of APPLIANCES)
  for (const phrase of [appliance.name.split(',')[0], ...(EVERYDAY_NAMES[appliance.id] ?? [])]) {
    const key = keyOf(phraseWords(phrase))
    if (!phrases.has(key) || EVERYDAY_NAMES[appliance.id]?.includes(phrase))
      phrases.set(key, { kind: 'thing', appliance })
  }
for (const [phrase, names] of Object.entries(SEVERAL_NAMES))
  phrases.set(keyOf(phraseWords(phrase)), { kind: 'several', names })
for (const phrase of SOURCE_NAMES) phrases.set(keyOf(phraseWords(phrase)), { kind: 'source' })

const longest = Math.max(...[...phrases.keys()].map((key) => key.split(' ').length))
const vocabulary = new Set([...SAYING, ...[...phrases.keys()].flatMap((key) => key.split(' '))])

/** Whether a word says something of a thing of the catalogue. */
export const isKnownWord = (word: string): boolean => vocabulary.has(word) || vocabulary.has(singular(word))

const search = new MiniSearch<{ id: string; name: string; words: string; group: string }>({
  fields: ['name', 'words', 'group'],
  storeFields: ['id'],
  searchOptions: {
    boost: { name: 3, words: 2 },
    prefix: true,
    fuzzy: (term) => (term.length > 7 ? 2 : term.length > 2 ? 1 : false),
    combineWith: 'AND',
  },
})
search.addAll(
  APPLIANCES.map(({ id, name, group }) => ({
    id,
    name,
    group,
    words: (EVERYDAY_NAMES[id] ?? []).join(' · '),
  })),
)

/** The catalogue as the reader of lines knows it. */
const known = new Map<string, KnownThing>()
function thingOf(appliance: Appliance): KnownThing {
  const found = known.get(appliance.id)
  if (found) return found
  const { id, name, behaviour, start, medical, volts, caution, box } = appliance
  const thing: KnownThing = {
    id,
    name,
    behaviour,
    start,
    medical,
    volts,
    caution,
    box,
    plateKind: plateKindOf({ name, behaviour, hasStart: start !== null }),
  }
  known.set(id, thing)
  return thing
}

/** What a name means: the longest known phrase in it, of two the last; else what is spelt nearly so. */
export const findThing: FindThing = (words) => {
  const parts = words.flatMap((word) => word.split(/[+&/]/)).filter((word) => word && word !== 'and')
  // "UPS for the router" is the supply, whatever hangs on it
  const towards = words.indexOf('for')
  const lead = towards > 0 ? phrases.get(keyOf(words.slice(0, towards))) : undefined
  if (lead?.kind === 'source') return { kind: 'source', said: words.slice(0, towards).join(' ') }
  for (let length = Math.min(longest, parts.length); length > 0; length--)
    for (let at = parts.length - length; at >= 0; at--) {
      const said = parts.slice(at, at + length)
      const meaning = phrases.get(keyOf(said)) ?? phrases.get(said.join(' '))
      if (!meaning) continue
      if (meaning.kind === 'thing')
        return { kind: 'thing', thing: thingOf(meaning.appliance), isGuess: false }
      return meaning.kind === 'source'
        ? { kind: 'source', said: said.join(' ') }
        : { kind: 'several', said: said.join(' '), names: [...meaning.names] }
    }
  const guess = guessed(parts)
  const weak = parts.find((word) => WEAK_SOURCE_NAMES.includes(singular(word)) || word === 'batteries')
  return guess ?? (weak ? { kind: 'source', said: weak } : null)
}

/** A name spelt nearly as a known one: "refridgerator", "freezr". Short words are not guessed at. */
function guessed(parts: readonly string[]): ReturnType<FindThing> {
  const odd = parts.filter((word) => word.length >= 5 && !isKnownWord(word))
  for (const word of odd.reverse()) {
    const near = search.search(word, {
      fields: ['name', 'words'],
      prefix: false,
      fuzzy: word.length > 7 ? 2 : 1,
    })
    const best = near[0] && byId.get(near[0].id)
    if (!best) continue
    const corrected = parts.map((part) => (part === word ? (near[0].terms[0] ?? part) : part))
    const match = corrected.join(' ') === parts.join(' ') ? null : findThing(corrected)
    if (match?.kind === 'thing') return { ...match, isGuess: true }
    return { kind: 'thing', thing: thingOf(best), isGuess: true }
  }
  return null
}

/** The entries that fit what is typed, the closest name first; all of them where nothing is typed. */
export function searchAppliances(text: string): Appliance[] {
  const wanted = phraseWords(text)
  if (wanted.length === 0) return [...APPLIANCES]
  const exact = phrases.get(keyOf(wanted))
  const first =
    exact?.kind === 'thing'
      ? [exact.appliance]
      : exact?.kind === 'several'
        ? exact.names.flatMap((name) => {
            const match = findThing(phraseWords(name))
            return match?.kind === 'thing' ? [byId.get(match.thing.id)!] : []
          })
        : []
  const found = search.search(wanted.join(' ')).flatMap(({ id }) => byId.get(id) ?? [])
  return [...new Set([...first, ...found])]
}
