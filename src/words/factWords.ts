import {
  formatDuration,
  formatEnergy,
  formatExactDuration,
  formatNumber,
  formatPercent,
  formatWatts,
} from '@/words/format'
import type { Units } from '@/core/quantity/units'
import { formatLength, formatMass, formatOpening, formatTemperature, formatVolume } from '@/words/inUnits'
import { eitherOf, listed } from './listed'
import { formatDate } from './clock'
import { formatMoment } from '@/words/clock'
import { factWords } from './en/facts'
import { wordsOf } from './translate'

const say = wordsOf(factWords)

/** What facts are said in: the household's units, and the clock minutes are counted from. */
export interface Saying {
  units: Units
  /** local start of the outage */
  startsAt: string
}

/** Stands for what is not known, for messages that choose by it. */
export const NONE = 'none'

type Fact = string | number | boolean | null | readonly string[]

const CUBIC_FEET_PER_M3 = 35.3147

const WRITTEN: readonly [ending: RegExp, write: (value: number, saying: Saying) => string][] = [
  [/(^a|A)mps$|A$/, (value) => `${formatNumber(value, value < 10 ? 1 : 0)} A`],
  [/Fraction$/, (value) => formatPercent(value)],
  [/Kg$/, (value, { units }) => formatMass(value, units)],
  [/Cm2$/, (value, { units }) => formatOpening(value, units)],
  [
    /m3PerH$/,
    (value, { units }) =>
      units.length === 'ft'
        ? say('cubicFeetAnHour', { number: formatNumber(value * CUBIC_FEET_PER_M3, 0) })
        : say('mAnHour', { number: formatNumber(value, 1) }),
  ],
  // of one's own, as it was typed
  [/(^f|F)igure$/, (value) => formatNumber(Number(value.toPrecision(6)), 3)],
  [/(^e|E)xactMin$/, (value) => formatExactDuration(value)],
  [/LongMin$/, (value) => formatDuration(value)],
  [/Min$/, (value, { startsAt, units }) => formatMoment(startsAt, value, 5, units.clock)],
  [/Ms$/, (value) => `${formatNumber(value)} ms`],
  [/[a-z]M$/, (value, { units }) => formatLength(value, units)],
  [/[a-z]L$/, (value, { units }) => formatVolume(value, units)],
  [/[a-z]C$/, (value, { units }) => formatTemperature(value, units)],
  [/[a-z]Wh$/, (value) => formatEnergy(value)],
  [/Amperes$/, (value) => `${formatNumber(value, 1)} A`],
  [/Volts$/, (value) => `${formatNumber(value, 1)} V`],
  [/[a-z]H$/, (value) => `${formatNumber(value)} h`],
  [/[a-z]Va$/, (value) => `${formatNumber(value, 0)} VA`],
  [/[a-z]V$/, (value) => `${formatNumber(value, 0)} V`],
  [/[a-z]W$/, (value) => formatWatts(value)],
]

/**
 * A fact as it stands in a sentence, with its unit: the ending of its name says which, as everywhere in the code.
 *
 * @returns "none" for null, "yes" and "no", a list of names
 */
export function factText(name: string, fact: Fact, saying: Saying): string {
  if (fact === null) return NONE
  if (typeof fact === 'boolean') return fact ? 'yes' : 'no'
  if (typeof fact === 'string') return /[a-z]Date$/.test(name) ? formatDate(fact) : fact
  if (typeof fact !== 'number') return /(^c|C)hoices$/.test(name) ? eitherOf(fact) : listed(fact)
  const written = WRITTEN.find(([ending]) => ending.test(name))
  return written ? written[1](fact, saying) : formatNumber(fact)
}
