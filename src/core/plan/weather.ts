import * as z from 'zod'
import { bounded } from './bounded'
import { LIMITS, SKY_CLASSES } from './limits'
import { shape } from './shape'

const MOST_HOURS = 24 * 16
const hoursOf = (low: number, high: number) => z.array(z.number().min(low).max(high)).min(1).max(MOST_HOURS)

export const skySchema = z.discriminatedUnion('kind', [
  /** one word a calendar day, the first that of the start; the last goes on */
  z.strictObject({ kind: z.literal('days'), days: z.array(z.enum(SKY_CLASSES)).min(1).max(16) }),
  /** share of clear-sky light by the hour of the outage; the last goes on */
  z.strictObject({
    kind: z.literal('hours'),
    name: z.string().max(LIMITS.nameLength),
    sunShare: z.array(bounded('scenario.sunShare')).min(1).max(MOST_HOURS),
  }),
  /** hours of a weather file from the start of the outage: °C and W/m²; they repeat where it is longer */
  z
    .strictObject({
      kind: z.literal('measured'),
      name: z.string().max(LIMITS.nameLength),
      temperatureC: hoursOf(-90, 70),
      globalW: hoursOf(0, 1600),
      directW: hoursOf(0, 1600),
      diffuseW: hoursOf(0, 1600),
    })
    .refine(
      (sky) =>
        [sky.globalW, sky.directW, sky.diffuseW].every(({ length }) => length === sky.temperatureC.length),
      shape('evenHours'),
    ),
])

export type Sky = z.infer<typeof skySchema>
