/** A number as people write it, found in a text. */
export interface WrittenNumber {
  /** the usual meaning */
  value: number
  /** the other meaning where a point may part thousands: 1500 beside 1.5 for "1.500"; null when there is only one */
  other: number | null
  /** both numbers of "115/230", where the stroke is no division */
  pair: [number, number] | null
  /** written as a share, such as "1/3" */
  isShare: boolean
  isWhole: boolean
  /** where it ends in the text */
  to: number
}

const VULGAR = new Map([
  ['¼', 1 / 4],
  ['½', 1 / 2],
  ['¾', 3 / 4],
  ['⅓', 1 / 3],
  ['⅔', 2 / 3],
  ['⅛', 1 / 8],
  ['⅜', 3 / 8],
  ['⅝', 5 / 8],
  ['⅞', 7 / 8],
])

const VULGAR_SIGN = /(\d+)?\s?([¼½¾⅓⅔⅛⅜⅝⅞])/y
const MIXED = /(\d{1,3})(?:\s+|-)(\d{1,2})\s?\/\s?(\d{1,2})(?![\d.,]|\s?\/)/y
/**
 * A space or an apostrophe between thousands; "4 100" too, since nobody writes two numbers so; but "LRA 36 208-230 V" is a
 * number and a range.
 */
const SPACED = /\d{1,3}(?:[  '’]\d{3})+(?![\d/:]|\s?[-–—]\s?\d)(?:[.,]\d+(?!\d))?/y
const PLAIN = /\d+(?:[.,]\d+)*|[.,]\d+/y
const STROKE = /\s?\/\s?(?=[\d.,])/y

/** Units of which no household thing has thousands: "7 230 V" are two numbers. */
const SMALL_UNITS = /^\s?(?:v|volts?|a|amps?|h|hrs?|hours?|min|minutes?|s|sec|seconds?|hz|%)(?![\p{L}])/iu

const match = (pattern: RegExp, text: string, at: number) => {
  pattern.lastIndex = at
  return pattern.exec(text)
}

/**
 * Reads the number that begins at a place of a text: "1,200", "1 400", "1.2", "0,5", "1.234,5", "3/4", "1 1/2", "½",
 * "115/230".
 *
 * @returns what was written, or null where no number begins
 * @example numberAt('1 1/2 HP', 0)?.value // 1.5
 */
export function numberAt(text: string, at: number): WrittenNumber | null {
  const plain = { other: null, pair: null, isShare: false, isWhole: false }
  const vulgar = match(VULGAR_SIGN, text, at)
  if (vulgar)
    return {
      ...plain,
      value: Number(vulgar[1] ?? 0) + VULGAR.get(vulgar[2])!,
      isShare: vulgar[1] === undefined,
      to: at + vulgar[0].length,
    }
  const mixed = match(MIXED, text, at)
  if (mixed && Number(mixed[2]) < Number(mixed[3]))
    return {
      ...plain,
      value: Number(mixed[1]) + Number(mixed[2]) / Number(mixed[3]),
      to: at + mixed[0].length,
    }
  const spaced = match(SPACED, text, at)
  if (spaced && !SMALL_UNITS.test(text.slice(at + spaced[0].length)))
    return {
      ...plain,
      value: Number(spaced[0].replace(/[  '’]/g, '').replace(',', '.')),
      isWhole: !/[.,]/.test(spaced[0]),
      to: at + spaced[0].length,
    }
  const first = match(PLAIN, text, at)
  if (!first) return null
  const above = parted(first[0])
  if (above === null) return null
  let to = at + first[0].length
  const stroke = match(STROKE, text, to)
  const second = stroke && match(PLAIN, text, to + stroke[0].length)
  const below = second && parted(second[0])
  if (!stroke || !second || !below) return { ...plain, ...above, to }
  to += stroke[0].length + second[0].length
  const isShare =
    above.isWhole && below.isWhole && above.value > 0 && above.value < below.value && below.value <= 64
  return {
    ...plain,
    value: isShare ? above.value / below.value : above.value,
    pair: [above.value, below.value],
    isShare,
    to,
  }
}

/** What points and commas of one run of digits mean; null where they part nothing that makes sense. */
function parted(text: string): { value: number; other: number | null; isWhole: boolean } | null {
  const points = text.split('.').length - 1
  const commas = text.split(',').length - 1
  const thousands = (sign: string) => {
    const [head, ...groups] = text.split(sign)
    return /^\d{1,3}$/.test(head) && groups.every((group) => /^\d{3}$/.test(group))
  }
  const only = (value: number, isWhole = false) => ({ value, other: null, isWhole })
  if (points === 0 && commas === 0) return only(Number(text), true)
  if (points > 0 && commas > 0) {
    const decimal = text.lastIndexOf('.') > text.lastIndexOf(',') ? '.' : ','
    const [whole, part] = [
      text.slice(0, text.lastIndexOf(decimal)),
      text.slice(text.lastIndexOf(decimal) + 1),
    ]
    if (whole.includes(decimal)) return null
    return only(Number(`${whole.replace(/[.,]/g, '')}.${part}`))
  }
  const sign = points > 0 ? '.' : ','
  if (points + commas > 1) return thousands(sign) ? only(Number(text.replace(/[.,]/g, '')), true) : null
  const grouped = thousands(sign) && !text.startsWith('0')
  if (sign === ',') {
    if (grouped) return only(Number(text.replace(',', '')), true)
    return only(Number(text.replace(',', '.')))
  }
  return { value: Number(text), other: grouped ? Number(text.replace('.', '')) : null, isWhole: false }
}

/** A whole text as one number, with its sign; null when it is none or could be read in two ways. */
export function onlyNumber(text: string): number | null {
  const trimmed = text.trim()
  const sign = /^[-−]/.test(trimmed) ? -1 : 1
  const digits = trimmed.replace(/^[-−+]\s?/, '')
  const found = numberAt(digits, 0)
  if (!found || found.to !== digits.length || found.other !== null) return null
  return found.pair && !found.isShare ? null : sign * found.value
}
