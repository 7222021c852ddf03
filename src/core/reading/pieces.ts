import type { Sight } from './facts'
import type { Dimension } from './unit'
import type { QuantityToken } from './token'

/** Small pieces that many phrases are made of; each is looked for at a place and gives what it found and the place behind it. */

/** A number as text that is read again: without commas. */
export const plain = (value: number) => String(Number(value.toFixed(3)))

export type Found<T> = { value: T; to: number } | null

/** Whether one of the words stands there. */
export function isWord({ tokens }: Sight, at: number, words: readonly string[]): boolean {
  const token = tokens[at]
  return token?.kind === 'word' && words.includes(token.word)
}

export const isMark = ({ tokens }: Sight, at: number, marks: string) => {
  const token = tokens[at]
  return token?.kind === 'mark' && marks.includes(token.text)
}

/** The place behind any of the words or marks that may be left out. */
export function past(sight: Sight, at: number, words: readonly string[], marks = ''): number {
  while (isWord(sight, at, words) || (marks !== '' && isMark(sight, at, marks))) at++
  return at
}

export function quantity({ tokens }: Sight, at: number, ...dimensions: Dimension[]): QuantityToken | null {
  const token = tokens[at]
  return token?.kind === 'quantity' && dimensions.includes(token.dimension) ? token : null
}

/** A length of time: "5 min", "1 h 30", "1 h 30 min", "half an hour". */
export function duration(sight: Sight, at: number): Found<number> {
  if (isWord(sight, at, ['half']) && isWord(sight, at + 1, ['an', 'a']) && isWord(sight, at + 2, ['hour']))
    return { value: 30, to: at + 3 }
  if (isWord(sight, at, ['an', 'one']) && isWord(sight, at + 1, ['hour'])) return { value: 60, to: at + 2 }
  const spelt = wordNumber(sight, at)
  if (spelt && isWord(sight, spelt.to, Object.keys(TIME_WORDS)))
    return { value: spelt.value * timeWord(sight, spelt.to)!, to: spelt.to + 1 }
  const between = fromTo(sight, at)
  if (between) return between
  const first = quantity(sight, at, 'time')
  if (!first || first.isNegative) return null
  let value = first.value
  let to = at + 1
  const second = quantity(sight, to, 'time')
  if (second && second.value < first.value && first.value < 1440 && first.value >= 1 && !isSpaced(sight, at))
    return { value: value + second.value, to: to + 1 }
  const bare = sight.tokens[to]
  if (
    bare?.kind === 'number' &&
    bare.isWhole &&
    bare.value < 60 &&
    first.value >= 60 &&
    /^h/.test(first.unit) &&
    bare.from - first.to <= 1 &&
    !isWord(sight, to + 1, ['x', 'times', 'time'])
  ) {
    value += bare.value
    to++
  }
  return { value, to }
}

/** "4-5 hours", "10 to 15 min": the middle. What ends above twelve hours is of the clock: "18-23 h". */
function fromTo(sight: Sight, at: number): Found<number> {
  const low = sight.tokens[at]
  const isJoined = isMark(sight, at + 1, '-–—') || isWord(sight, at + 1, ['to', 'or'])
  const high = quantity(sight, at + 2, 'time')
  if (low?.kind !== 'number' || low.isNegative || !isJoined || !high || high.value > 720) return null
  const from = (low.value * high.value) / Number(high.text.match(/[\d.]+/)?.[0])
  return from < high.value ? { value: (from + high.value) / 2, to: at + 3 } : null
}

/** Whether a comma or the like stands between a piece and the next: then they are two. */
const isSpaced = ({ text, tokens }: Sight, at: number) => {
  const next = tokens[at + 1]
  return next !== undefined && /[,;/]/.test(text.slice(tokens[at].to, next.from))
}

const TIME_WORDS: Record<string, number> = {
  second: 1 / 60,
  seconds: 1 / 60,
  minute: 1,
  minutes: 1,
  min: 1,
  hour: 60,
  hours: 60,
  hr: 60,
  h: 60,
  day: 1440,
  days: 1440,
  d: 1440,
  night: 1440,
  evening: 1440,
  morning: 1440,
  week: 10_080,
  weeks: 10_080,
  wk: 10_080,
  month: 43_830,
  mo: 43_830,
  year: 525_960,
  yr: 525_960,
  y: 525_960,
  annum: 525_960,
}

/** Minutes of a word such as "hour" or "year"; null for another. */
export function timeWord({ tokens }: Sight, at: number): number | null {
  const token = tokens[at]
  return token?.kind === 'word' && Object.hasOwn(TIME_WORDS, token.word) ? TIME_WORDS[token.word] : null
}

/** "/", "per", "a", "an", "each", "every", "out of", "in": what joins an amount to its period. */
function connector(sight: Sight, at: number): number | null {
  if (isMark(sight, at, '/')) return at + 1
  if (isWord(sight, at, ['out']) && isWord(sight, at + 1, ['of'])) {
    return past(sight, at + 2, ['every', 'each'])
  }
  if (isWord(sight, at, ['per', 'a', 'an', 'each', 'every', 'in', 'pro']))
    return past(sight, at + 1, ['a', 'an', 'every'])
  return null
}

/** A period as a number of minutes: "6 min", "24 h", "hour", "day". */
export function period(sight: Sight, at: number): Found<number> {
  const word = timeWord(sight, at)
  if (word !== null) return { value: word, to: at + 1 }
  const found = duration(sight, at)
  if (found) return found
  // "per 24 hours" is a day; "1 day" too
  return null
}

const DAILY: Record<string, number> = {
  hourly: 60,
  daily: 1440,
  nightly: 1440,
  weekly: 10_080,
  monthly: 43_830,
  yearly: 525_960,
  annually: 525_960,
  annual: 525_960,
}

/** "daily", "weekly", "annual": minutes. */
export function adverb({ tokens }: Sight, at: number): number | null {
  const token = tokens[at]
  return token?.kind === 'word' && Object.hasOwn(DAILY, token.word) ? DAILY[token.word] : null
}

/** An amount's period in whatever way it is said: "a day", "/year", "per 24 h", "daily". */
export function perPeriod(sight: Sight, at: number): Found<number> {
  const daily = adverb(sight, at)
  if (daily !== null) return { value: daily, to: at + 1 }
  const behind = connector(sight, at)
  return behind === null ? null : period(sight, behind)
}

const NUMBER_WORDS: Record<string, number> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
}

/** "six", "a dozen", "a pair of". */
export function wordNumber(sight: Sight, at: number): Found<number> {
  const token = sight.tokens[at]
  if (token?.kind !== 'word') return null
  if (Object.hasOwn(NUMBER_WORDS, token.word)) return { value: NUMBER_WORDS[token.word], to: at + 1 }
  const from = isWord(sight, at, ['a']) ? at + 1 : at
  if (isWord(sight, from, ['dozen'])) return { value: 12, to: past(sight, from + 1, ['of']) }
  if (isWord(sight, from, ['pair', 'couple'])) return { value: 2, to: past(sight, from + 1, ['of']) }
  return null
}
