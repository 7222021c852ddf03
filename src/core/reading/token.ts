import { type WrittenNumber, numberAt } from './number'
import { type Dimension, type UnitMeaning, mayStandBefore, unitAt, unitOf } from './unit'

interface Placed {
  /** as written */
  text: string
  from: number
  to: number
}
export interface QuantityToken extends Placed {
  kind: 'quantity'
  dimension: Dimension
  /** in the dimension's kept unit */
  value: number
  /** the other meaning of a point between thousands; null for none */
  other: number | null
  /** both values of "115/230 V" */
  pair: [number, number] | null
  /** as written, such as "vdc" or "day" */
  unit: string
  isNegative: boolean
}
export interface NumberToken extends Placed {
  kind: 'number'
  value: number
  other: number | null
  pair: [number, number] | null
  isShare: boolean
  isWhole: boolean
  isNegative: boolean
}
export interface ClockToken extends Placed {
  kind: 'clock'
  /** minute of the day, 0…1440 */
  minute: number
  half: 'am' | 'pm' | null
}
export interface WordToken extends Placed {
  kind: 'word'
  /** lower case */
  word: string
}
export interface MarkToken extends Placed {
  kind: 'mark'
}
/** A designation that only looks like a quantity: a refrigerant, a class of protection. */
export interface DesignationToken extends Placed {
  kind: 'designation'
}
/** A piece of what somebody wrote, with its meaning. */
export type Token = QuantityToken | NumberToken | ClockToken | WordToken | MarkToken | DesignationToken

const CLOCK = /(\d{1,2}):(\d{2})(?::\d{2})?\s?(am|pm|a\.m\.?|p\.m\.?)?(?![\d\p{L}])/iuy
const HALF_DAY = /(\d{1,2})(?:[.:](\d{2}))?\s?(am|pm|a\.m\.?|p\.m\.?)(?!\p{L})/iuy
const HOUR_SIGN = /(1[3-9]|2[0-4])\s?h\s?(\d{2})(?!\d)/iy
const DESIGNATION = /(?:R-?\d{2,4}[a-z]{0,2}|IP\s?\d{2}|[A-Z]\d{2,}[a-z]?)(?![\p{L}\d])/iuy
const WORD = /\p{L}(?:[\p{L}\p{N}'’]|-(?=\p{L}))*/uy
/** Digits and letters grown together that are no unit: "2nd", "3D", "4K". */
const GROWN = /\d+(?:st|nd|rd|th|D|K)(?![\p{L}\d])/uy
/** "4x24W": the sign of a product, grown to its number. */
const TIMES_SIGN = /x(?=\s?[\d.,])/iy
/** "1.2k": thousands of what is asked for. */
const KILO = /^k(?!\p{L})/u

const at = (pattern: RegExp, text: string, place: number) => {
  pattern.lastIndex = place
  return pattern.exec(text)
}

/** Cuts a text into its pieces; nothing but spaces is left out. */
export function tokensOf(text: string): Token[] {
  const tokens: Token[] = []
  for (let i = 0; i < text.length;) {
    if (/\s/.test(text[i])) {
      i++
      continue
    }
    const token = tokenAt(text, i, tokens)
    tokens.push(token)
    i = token.to
  }
  return unitsBefore(text, tokens)
}

function tokenAt(text: string, from: number, before: readonly Token[]): Token {
  const placed = (to: number) => ({ text: text.slice(from, to), from, to })
  if (/[\p{L}]/u.test(text[from])) {
    const sign = at(TIMES_SIGN, text, from)
    if (sign) return { kind: 'word', word: 'x', ...placed(from + 1) }
    const designation = at(DESIGNATION, text, from)
    if (designation) return { kind: 'designation', ...placed(from + designation[0].length) }
    const word = at(WORD, text, from)!
    return { kind: 'word', word: word[0].toLowerCase().replace(/’/g, "'"), ...placed(from + word[0].length) }
  }
  if (/[\d.,¼½¾⅓⅔⅛⅜⅝⅞]/.test(text[from])) {
    const clock = clockAt(text, from)
    if (clock) return { kind: 'clock', minute: clock.minute, half: clock.half, ...placed(clock.to) }
    const grown = at(GROWN, text, from)
    if (grown) return { kind: 'word', word: grown[0].toLowerCase(), ...placed(from + grown[0].length) }
    const number = quantityAt(text, from, false)
    if (number) return number
  }
  // a minus only where it stands alone before its digits and nothing it could reach from: "TV -50W", not "6-8"
  if (/[-−]/.test(text[from]) && /[\d.,]/.test(text[from + 1] ?? '')) {
    const last = before[before.length - 1]
    const reaches =
      last && (last.kind === 'number' || last.kind === 'clock' || last.kind === 'quantity') && last.to >= from
    const spans = last && (last.kind === 'number' || last.kind === 'clock')
    if (!reaches && !spans) {
      const number = quantityAt(text, from + 1, true)
      if (number) return { ...number, ...placed(number.to) }
    }
  }
  return { kind: 'mark', ...placed(from + 1) }
}

function clockAt(
  text: string,
  from: number,
): { minute: number; half: 'am' | 'pm' | null; to: number } | null {
  const found = at(HALF_DAY, text, from) ?? at(CLOCK, text, from) ?? at(HOUR_SIGN, text, from)
  if (!found) return null
  const hour = Number(found[1])
  const minute = Number(found[2] ?? 0)
  const half = found[3] ? (found[3][0].toLowerCase() === 'p' ? 'pm' : 'am') : null
  const to = from + found[0].length
  if (minute > 59 || hour > 24 || (hour === 24 && minute > 0)) return { minute: NaN, half, to }
  if (half && (hour < 1 || hour > 12)) return { minute: NaN, half, to }
  return { minute: (half ? (hour % 12) + (half === 'pm' ? 12 : 0) : hour) * 60 + minute, half, to }
}

function quantityAt(text: string, from: number, isNegative: boolean): QuantityToken | NumberToken | null {
  const number = numberAt(text, from)
  if (!number) return null
  const { value, other, pair, isShare, isWhole } = number
  const sign = isNegative ? -1 : 1
  let unitFrom = number.to
  while (/[\s]/.test(text[unitFrom] ?? '')) unitFrom++
  if (text[unitFrom] === '-' && /\p{L}/u.test(text[unitFrom + 1] ?? '') && unitFrom === number.to) unitFrom++
  const unit = unitAt(text, unitFrom)
  const isUnit =
    unit !== null &&
    // "6 a day", "3 d printers": a lone letter set apart is a unit only where the next word does not take it
    !(
      unitFrom > number.to &&
      /^a$/.test(text.slice(unitFrom, unit.to)) &&
      /^\s+(?:day|week|month|year|night|hour|time)/i.test(text.slice(unit.to))
    )
  if (!isUnit) {
    const kilo = KILO.test(text.slice(number.to)) ? 1000 : 1
    const to = number.to + (kilo > 1 ? 1 : 0)
    return {
      kind: 'number',
      value: sign * value * kilo,
      other,
      pair,
      isShare,
      isWhole: isWhole && kilo === 1,
      isNegative,
      text: text.slice(from, to),
      from,
      to,
    }
  }
  return quantityOf(number, unit, isNegative, { text: text.slice(from, unit.to), from, to: unit.to })
}

/** A number in a unit: of volts and amps a stroke parts two values, of everything else it divides where it can. */
function quantityOf(
  written: WrittenNumber,
  unit: UnitMeaning & { word: string },
  isNegative: boolean,
  placed: Placed,
): QuantityToken {
  const { value, other, pair, isShare } = written
  const isPair = pair !== null && (!isShare || unit.dimension === 'voltage' || unit.dimension === 'current')
  const scaled = (n: number) => (isNegative ? -1 : 1) * n * unit.factor
  return {
    kind: 'quantity',
    dimension: unit.dimension,
    value: scaled(isPair ? pair[0] : value),
    other: other === null ? null : scaled(other),
    pair: isPair ? [scaled(pair[0]), scaled(pair[1])] : null,
    unit: unit.word,
    isNegative,
    ...placed,
  }
}

/** "HP: 3/4", "Volts 115", "Volts 115 Amps 7.2 HP 1/3": units that stand before their numbers. */
function unitsBefore(text: string, tokens: readonly Token[]): Token[] {
  const found: Token[] = []
  for (let i = 0; i < tokens.length; i++) {
    const unit = tokens[i]
    const next = past(tokens, i + 1)
    if (unit.kind !== 'word' || !mayStandBefore(unit.text)) {
      found.push(unit)
      continue
    }
    // each number belongs to the unit before it where the row ends with a number that has none
    let last = next
    while (isShifted(tokens[last])) last = past(tokens, last + 1)
    const end = tokens[last]
    if (end?.kind !== 'number' || (last > next && end.isNegative)) {
      found.push(unit)
      continue
    }
    let word = unit.word
    let from = unit.from
    for (let k = next; k <= last; k = past(tokens, k + 1)) {
      const token = tokens[k] as QuantityToken | NumberToken
      // past its minus
      const written = numberAt(text, token.isNegative ? token.from + 1 : token.from)!
      const meaning = { ...unitOf(word)!, word }
      found.push(
        quantityOf(written, meaning, token.isNegative, {
          text: text.slice(from, written.to),
          from,
          to: written.to,
        }),
      )
      if (token.kind === 'quantity') word = token.unit
      from = written.to
    }
    i = last
  }
  return found
}

/** The place behind a colon or the like. */
const past = (tokens: readonly Token[], at: number) =>
  tokens[at]?.kind === 'mark' && /^[:=,]$/.test(tokens[at].text) ? at + 1 : at

const isShifted = (token: Token | undefined) =>
  token?.kind === 'quantity' && mayStandBefore(token.unit) && /[\d.,]\s+\S+$/.test(token.text)
