import * as z from 'zod'
import { planSchema } from '../plan/document'
import { epochMinute } from '../plan/clock'
import { idSchema, name, note } from '../plan/fields'
import { shape } from '../plan/shape'
import { RUN_LIMITS } from './runDocument'

/** The checker of runs and their entries; pages use the types alone. */

/** A moment in UTC, such as "2026-11-27T18:30:00.000Z". */
const instant = z.iso.datetime({ error: shape('moment') })
/** The same moment as the clock on the wall had it. */
const wallClock = z.string().refine((text) => !Number.isNaN(epochMinute(text)), shape('dateTime'))

const entryFields = {
  /** made on the device: an entry that is sent twice is one entry */
  id: idSchema,
  at: instant,
  local: wallClock,
  typedAt: instant,
  /** who wrote it down, or on which device */
  by: z.string().trim().max(80).optional(),
  /** the entry that this one corrects */
  replaces: idSchema.optional(),
  /** it seemed impossible, was asked about, and is true */
  confirmed: z.literal(true).optional(),
}

const fraction = z.number().min(0).max(1)
const wattHours = z.number().min(0).max(10_000_000)

/** What a display or an instrument shows of one source; any subset. */
const READING_FIELDS = {
  chargeFraction: fraction,
  /** at the battery's poles, while it is drawn from or at rest */
  loadedV: z.number().min(0).max(1000),
  restV: z.number().min(0).max(1000),
  outAh: z.number().min(0).max(1_000_000),
  outWh: wattHours,
  /** on a plug-in meter, since it was set to 0 */
  meterWh: wattHours,
  nowW: z.number().min(0).max(50_000),
  peakW: z.number().min(0).max(500_000),
}

const readingEntry = z.strictObject({
  ...entryFields,
  kind: z.literal('reading'),
  sourceId: idSchema,
  ...z.object(READING_FIELDS).partial().shape,
  /** the load whose start the peak was, everything else being off */
  peakOf: idSchema.optional(),
})

/** A load plugged in or pulled out, or one that was used for a while. */
const switchEntry = z.strictObject({
  ...entryFields,
  kind: z.literal('switch'),
  loadId: idSchema,
  to: z.enum(['on', 'off', 'used']),
})

/** Another source takes over, or one was charged: from where it stood to a charge. */
const sourceEntry = z.strictObject({
  ...entryFields,
  kind: z.literal('source'),
  sourceId: idSchema,
  what: z.enum(['takes over', 'charged']),
  toFraction: fraction.optional(),
})

const temperatureEntry = z.strictObject({
  ...entryFields,
  kind: z.literal('temperature'),
  where: z.enum(['room', 'outdoors', 'refrigerator', 'freezer', 'water level']),
  celsius: z.number().min(-60).max(90).optional(),
  /** of the water in a pit, below its rim */
  belowRimM: z.number().min(-2).max(20).optional(),
})

const noteEntry = z.strictObject({ ...entryFields, kind: z.literal('note'), text: note.min(1) })

/** A picture of a display; the picture itself is kept beside, under the entry's id. */
const photoEntry = z.strictObject({
  ...entryFields,
  kind: z.literal('photo'),
  bytes: z.number().int().min(1).max(RUN_LIMITS.photoBytes),
  widthPx: z.number().int().min(1).max(20_000),
  heightPx: z.number().int().min(1).max(20_000),
  text: note.optional(),
})

/** Unplugged for a while, and carried on: as it was, or at a charge. */
const pauseEntry = z.strictObject({ ...entryFields, kind: z.literal('pause') })
const resumeEntry = z.strictObject({
  ...entryFields,
  kind: z.literal('resume'),
  sourceId: idSchema.optional(),
  toFraction: fraction.optional(),
})

const END_REASONS = ['empty', 'stopped', 'grid back'] as const
const endEntry = z.strictObject({
  ...entryFields,
  kind: z.literal('end'),
  how: z.enum(END_REASONS),
  why: z.string().trim().max(200).optional(),
})

export const entrySchema = z.discriminatedUnion('kind', [
  readingEntry,
  switchEntry,
  sourceEntry,
  temperatureEntry,
  noteEntry,
  photoEntry,
  pauseEntry,
  resumeEntry,
  endEntry,
])

/** What is fixed when a run begins: its plan as it stood, and the clock. */
export const runHeadSchema = z
  .strictObject({
    id: idSchema,
    kind: z.enum(['test', 'outage']),
    name,
    startedAt: instant,
    startsLocal: wallClock,
    plan: planSchema,
    /** the source that is watched; the one the others follow */
    sourceId: idSchema,
  })
  .refine(({ plan, startsLocal }) => plan.scenario.startsAt === startsLocal, {
    path: ['plan', 'scenario', 'startsAt'],
    error: shape('startOfRun'),
  })
  .refine(({ plan, sourceId }) => plan.powerSystem.sources.some(({ id }) => id === sourceId), {
    path: ['sourceId'],
    error: shape('sourceOfRun'),
  })
