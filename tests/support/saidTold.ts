import { type Told, ToldError } from '@/core/quantity/told'
import { UNITS_OF } from '@/core/quantity/units'
import { bankLine } from '@/words/en/reading/bankLine'
import { document } from '@/words/en/reading/document'
import { field } from '@/words/en/reading/field'
import { line } from '@/words/en/reading/line'
import { meter } from '@/words/en/reading/meter'
import { plate } from '@/words/en/reading/plate'
import { sheet } from '@/words/en/reading/sheet'
import { told } from '@/words/en/told'
import { sayToldFrom } from '@/words/sayToldFrom'

/** The messages of every fact of the core. */
export const FACTS = {
  ...told,
  ...field,
  ...line,
  ...plate,
  ...bankLine,
  ...meter,
  ...sheet,
  ...document,
}

const say = sayToldFrom(FACTS)

/** A fact of the core as a metric household reads it; null stays null. */
export const said = <T extends Told | null>(fact: T): T extends null ? string | null : string =>
  (fact && say(fact, { units: UNITS_OF.metric, startsAt: '2027-02-05T18:00' })) as never

/** What was said of a reading that failed, in words. */
export function saidError(read: () => unknown): string {
  try {
    read()
  } catch (error) {
    if (error instanceof ToldError) return said(error.fact)
    throw error
  }
  throw new Error('nothing was wrong with it')
}

/** A value with every fact in it said. */
export type InWords<T> = T extends Told
  ? string
  : T extends object
    ? { [Key in keyof T]: InWords<T[Key]> }
    : T

export function inWords<T>(value: T): InWords<T> {
  const words = (part: unknown): unknown => {
    if (typeof part !== 'object' || part === null) return part
    if (Array.isArray(part)) return part.map(words)
    if ('what' in part && 'with' in part) return said(part as Told)
    return Object.fromEntries(Object.entries(part).map(([key, one]) => [key, words(one)]))
  }
  return words(value) as InWords<T>
}
