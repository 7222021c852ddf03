import { findThing, isKnownWord } from '@/catalog/appliances/findThing'
import { type LineLoad, readLoadLine } from '@/core/load/loadLine'
import type { Units } from '@/core/quantity/units'
import { type SaidQuestion, sayLine, sayQuestion } from '@/words/reading/sayLine'
import { understoodLine } from '@/words/reading/understoodLine'

/** What was read of a line, in words. */
export type SaidLine =
  | { status: 'read'; load: LineLoad; understood: string }
  | { status: 'ask'; question: SaidQuestion }
  | { status: 'refuse'; message: string }

/** Reads one line of a load with the catalogue at hand. Fetched when the page stands: it is not needed to paint it. */
export function readLine(text: string, mainsVolts: number, roomC: number, units: Units): SaidLine {
  const reading = readLoadLine(text, { mainsVolts, roomC, find: findThing, isKnownWord })
  switch (reading.status) {
    case 'read':
      return { status: 'read', load: reading.load, understood: understoodLine(reading.load, roomC, units) }
    case 'ask':
      return { status: 'ask', question: sayQuestion(reading.question, units) }
    case 'refuse':
      return { status: 'refuse', message: sayLine(reading.message, units) }
  }
}
