import type { Told } from '@/core/quantity/told'
import type { Units } from '@/core/quantity/units'
import type { Question } from '@/core/reading/facts'
import { field } from '../en/reading/field'
import { line } from '../en/reading/line'
import { plate } from '../en/reading/plate'
import { sayToldFrom } from '../sayToldFrom'

const say = sayToldFrom({ ...field, ...line, ...plate })

/** A question in words, with what was probably meant as text to read instead. */
export interface SaidQuestion {
  message: string
  meant: { words: string; text: string }[]
}

/** Says what is wrong with a load's line or a label, or a part of what is asked about it. */
export const sayLine = (fact: Told, units: Units): string => say(fact, { units, startsAt: '' })

/** Says what is asked about a load's line or a label. */
export const sayQuestion = ({ message, meant }: Question, units: Units): SaidQuestion => ({
  message: sayLine(message, units),
  meant: meant.map(({ words, text }) => ({ words: sayLine(words, units), text })),
})
