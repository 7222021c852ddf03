import * as z from 'zod'
import { parseClock } from '@/core/reading/clock'
import type { RunHead } from '@/core/run/runDocument'
import { UNITS_OF } from '@/core/quantity/units'
import { sayField } from '@/words/reading/sayField'
import { type EventKind, eventEntry } from './eventEntry'
import { READING_ROWS, type ReadingTexts, readReading } from './readingForm'

const text = z.string().optional()

/** What the form of a reading holds: a text for each figure, the clock where it was not now, which load's start a peak was. */
export type ReadingForm = ReadingTexts & { clock: string; peakOf: string }

/** The form of a reading: every figure as it is typed off a display. */
export const readingFormSchema = z
  .object({
    ...(Object.fromEntries(READING_ROWS.map(({ field }) => [field, text])) as Record<
      keyof ReadingTexts,
      typeof text
    >),
    clock: z.string(),
    peakOf: z.string(),
  })
  .superRefine((form, { addIssue }) => {
    const read = readReading(form)
    if (!read.ok)
      for (const { field, message } of read.faults)
        addIssue({ code: 'custom', path: [field ?? 'root'], message })
    const clock = form.clock.trim() ? parseClock(form.clock) : null
    if (clock && !clock.ok)
      addIssue({ code: 'custom', path: ['clock'], message: sayField(clock.message, UNITS_OF.metric) })
  })

/** What the form of an event holds. */
export interface EventForm {
  which: string
  how: string
  text: string
}

const NO_STAMP = { id: '', at: '', local: '', typedAt: '' }

/** The form of an event of one kind, in a run. */
export const eventFormSchema = (head: RunHead, kind: EventKind, sourceId: string) =>
  z.object({ which: z.string(), how: z.string(), text: z.string() }).superRefine((form, { addIssue }) => {
    const entry = eventEntry(head, kind, { ...form, sourceId }, NO_STAMP)
    if (typeof entry === 'string') addIssue({ code: 'custom', path: ['text'], message: entry })
  })
