import type { Told } from '../quantity/told'
import type { Token } from './token'

/** Where a period's energy or sessions belong. */
export type Period = 'day' | 'week' | 'month' | 'year' | 'cycle'

/** A likely confusion: what is wrong, and what was probably meant, the likeliest first, as text to read instead. */
export interface Question {
  message: Told
  meant: { words: Told; text: string }[]
}

/** A stretch of the day, minutes since midnight; it reaches over midnight where it ends before it begins. */
export interface Stretch {
  fromMin: number
  toMin: number
}

/** A day of the week, as the plan document writes it. */
export type DayName = 'mon' | 'tue' | 'wed' | 'thu' | 'fri' | 'sat' | 'sun'

export type PartOfDay = 'night' | 'evening' | 'morning' | 'daytime'

/** Everything a text may say of a load, as far as it says it; SI units as named. */
export interface Facts {
  watts: number | null
  /** the other end of "60-80 W" */
  wattsTo: number | null
  volts: number[]
  isDirect: boolean
  amps: number[]
  va: number | null
  hp: number | null
  powerFactor: number | null
  btuH: number | null
  codeLetter: string | null
  averageW: number | null
  startW: number | null
  lockedRotorA: number | null
  idleW: number | null
  energy: { wh: number; per: Period | null } | null
  /** energy that goes into a battery */
  chargeWh: number | null
  chargeAh: number | null
  dutyFraction: number | null
  /** a length of time that stands alone: "5 min" */
  minutes: number | null
  everyMin: number | null
  perDayMin: number | null
  perWeekMin: number | null
  times: { n: number; per: 'day' | 'week' } | null
  atMin: number[]
  stretches: Stretch[]
  fromMin: number | null
  untilMin: number | null
  partOfDay: PartOfDay | null
  /** the only days of the week it runs on */
  days: DayName[] | null
  isAlways: boolean
  count: number | null
  /** the watts are those of all of them together */
  isTotal: boolean
  litres: number | null
  year: number | null
  /** a heater that thaws a cold box */
  defrostW: number | null
  /** output of a device beside its input */
  output: { watts: number | null; volts: number | null; amps: number | null } | null
  questions: Question[]
  faults: Told[]
}

export const noFacts = (): Facts => ({
  watts: null,
  wattsTo: null,
  volts: [],
  isDirect: false,
  amps: [],
  va: null,
  hp: null,
  powerFactor: null,
  btuH: null,
  codeLetter: null,
  averageW: null,
  startW: null,
  lockedRotorA: null,
  idleW: null,
  energy: null,
  chargeWh: null,
  chargeAh: null,
  dutyFraction: null,
  minutes: null,
  everyMin: null,
  perDayMin: null,
  perWeekMin: null,
  times: null,
  atMin: [],
  stretches: [],
  fromMin: null,
  untilMin: null,
  partOfDay: null,
  days: null,
  isAlways: false,
  count: null,
  isTotal: false,
  litres: null,
  year: null,
  defrostW: null,
  output: null,
  questions: [],
  faults: [],
})

/** What a phrase needs: the pieces, the text they were cut from, and what is known so far. */
export interface Sight {
  text: string
  tokens: readonly Token[]
  facts: Facts
}

/**
 * A way of saying something: tried at a piece of the text; it tells its facts and returns the place behind its last piece,
 * or null where it does not apply.
 */
export type Phrase = (sight: Sight, at: number) => number | null

/** A text with what stands from one place to another put in other words. */
export function reworded({ text, tokens }: Sight, from: number, to: number, words: string): string {
  const before = text.slice(0, tokens[from].from)
  const after = text.slice(tokens[to - 1].to)
  return `${before}${words}${after}`.replace(/\s+/g, ' ').trim()
}
