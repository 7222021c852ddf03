import { type LabelReading, readLabel } from '@/core/load/label'
import type { PlateKind } from '@/core/plan/limits'
import type { Units } from '@/core/quantity/units'
import { type SaidQuestion, sayLine, sayQuestion } from '@/words/reading/sayLine'

export { labelChanges } from '@/core/load/labelChanges'

/** What was read of a label, in words. */
export type SaidLabel =
  | Extract<LabelReading, { kind: 'empty' | 'read' }>
  | { kind: 'question'; question: SaidQuestion }
  | { kind: 'refused'; message: string }

/** Reads a label. Fetched when one is typed: it is not needed to paint the page. */
export function readLabelInWords(text: string, on: PlateKind, mainsVolts: number, units: Units): SaidLabel {
  const reading = readLabel(text, on, mainsVolts)
  switch (reading.kind) {
    case 'question':
      return { kind: 'question', question: sayQuestion(reading.question, units) }
    case 'refused':
      return { kind: 'refused', message: sayLine(reading.message, units) }
    default:
      return reading
  }
}
