/** What a unit measures; each has one unit that values are kept in. */
export type Dimension =
  | 'power' // W
  | 'energy' // Wh
  | 'apparent' // VA
  | 'voltage' // V
  | 'current' // A
  | 'charge' // Ah
  | 'horsepower' // hp
  | 'heat' // BTU, or BTU/h: labels leave the hour out
  | 'time' // min
  | 'percent' // %
  | 'temperature' // °C, as written where Fahrenheit: see `fahrenheit`
  | 'frequency' // Hz
  | 'volume' // L
  | 'light' // lm: says nothing of watts
  | 'length' // m: inches of a screen say nothing of watts

export interface UnitMeaning {
  dimension: Dimension
  factor: number
}

const L_PER_FT3 = 28.316847
const L_PER_GAL = 3.785412

const UNITS = new Map<string, UnitMeaning>()
const define = (dimension: Dimension, factor: number, ...names: string[]) => {
  for (const name of names) UNITS.set(name, { dimension, factor })
}
define('power', 1, 'w', 'watt', 'watts', 'wts')
define('power', 1000, 'kw', 'kilowatt', 'kilowatts')
define('power', 0.001, 'mw', 'milliwatt', 'milliwatts')
define('energy', 1, 'wh', 'whr', 'whrs', 'watt-hour', 'watt-hours', 'watthour', 'watthours')
define('energy', 1000, 'kwh', 'kwhr', 'kwhrs', 'kilowatt-hour', 'kilowatt-hours', 'kilowatthours')
define('apparent', 1, 'va', 'volt-amp', 'volt-amps', 'voltamps')
define('apparent', 1000, 'kva')
define('voltage', 1, 'v', 'volt', 'volts', 'vac', 'vdc', 'v~', 'v=')
define('voltage', 1000, 'kv')
define('current', 1, 'a', 'amp', 'amps', 'ampere', 'amperes', 'adc', 'aac')
define('current', 0.001, 'ma', 'milliamp', 'milliamps')
define('charge', 1, 'ah', 'amp-hour', 'amp-hours', 'amphours')
define('charge', 0.001, 'mah')
define('horsepower', 1, 'hp', 'horsepower', 'h.p.', 'horse')
define('heat', 1, 'btu', 'btuh', 'btus')
define('heat', 1000, 'kbtu', 'mbh', 'kbtuh')
define('time', 1 / 60_000, 'ms')
define('time', 1 / 60, 's', 'sec', 'secs', 'second', 'seconds')
define('time', 1, 'min', 'mins', 'minute', 'minutes', 'm')
define('time', 60, 'h', 'hr', 'hrs', 'hour', 'hours')
define('time', 1440, 'd', 'day', 'days')
define('time', 10_080, 'week', 'weeks', 'wk', 'wks')
define('percent', 1, '%', 'percent', 'pct')
define('temperature', 1, '°c', 'celsius', '°f', 'fahrenheit')
define('frequency', 1, 'hz', 'hertz')
define('volume', 1, 'l', 'liter', 'liters', 'litre', 'litres')
define('volume', L_PER_GAL, 'gal', 'gallon', 'gallons')
define('volume', L_PER_FT3, 'ft3', 'ft³', 'cuft', 'cf')
define('light', 1, 'lm', 'lumen', 'lumens')
define('length', 0.0254, 'inch', 'inches', '"', '″')

/** Written in two words: taken as one unit. */
const TWO_WORDS: readonly [RegExp, string][] = [
  [/^(?:cu\.?|cubic)\s?(?:ft|feet|foot)\b\.?/i, 'ft3'],
  [/^(?:watt|kilowatt)\s(?:hours?|hrs?)\b/i, ''],
  [/^k\s?btu\b/i, 'kbtu'],
  [/^amp\s(?:hours?|hrs?)\b/i, 'ah'],
  [/^volt\s?amps?\b/i, 'va'],
]

/** "BTU/h", "BTU per hour": one unit. */
const BTU_AN_HOUR = /^(k?btus?|mbh)\s?(?:\/|per|an)\s?(?:h|hr|hour)(?![\p{L}])/iu
const WORD = /^(?:v[~=]|"|″|%|°[cf](?![\p{L}])|[\p{L}³]+(?:[-.][\p{L}]+\.?)?)/iu

/** What a unit word means, or null. */
export const unitOf = (word: string): UnitMeaning | null => UNITS.get(word.toLowerCase()) ?? null

/** A unit word that may stand before its number on a label: "HP: 3/4", "Volts 115". */
const BEFORE = /^(?:v|volts?|a|amps?|amperes?|hp|horsepower|w|watts?|kw|va|kva|hz)$/i
export const mayStandBefore = (word: string) => BEFORE.test(word)

/**
 * The unit that begins at a place of a text.
 *
 * @returns its meaning and where it ends, or null
 */
export function unitAt(text: string, at: number): (UnitMeaning & { word: string; to: number }) | null {
  const rest = text.slice(at, at + 40)
  const btu = rest.match(BTU_AN_HOUR)
  if (btu) {
    const meaning = unitOf(btu[1])!
    return { ...meaning, word: btu[1].toLowerCase(), to: at + btu[0].length }
  }
  for (const [pattern, name] of TWO_WORDS) {
    const found = rest.match(pattern)
    const word = name || (/^k/i.test(rest) ? 'kwh' : 'wh')
    if (found) return { ...unitOf(word)!, word, to: at + found[0].length }
  }
  const word = rest.match(WORD)?.[0]
  if (!word) return null
  const meaning = unitOf(word)
  if (meaning) return { ...meaning, word: word.toLowerCase(), to: at + word.length }
  // "W-2" or "h.p." apart: the part before a hyphen or a point may be the unit
  const head = word.split(/[-.]/)[0]
  const headMeaning = head !== word ? unitOf(head) : null
  return headMeaning ? { ...headMeaning, word: head.toLowerCase(), to: at + head.length } : null
}
