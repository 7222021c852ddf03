import * as z from 'zod'
import { WEEKDAYS } from './clock'
import { shape } from './shape'

export const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, shape('clock'))
export const clockOrMidnight = z.string().regex(/^(([01]\d|2[0-3]):[0-5]\d|24:00)$/, shape('clockOrEnd'))

/** A stretch of the day, on some days of the week or on all. */
export const dayWindowSchema = z.strictObject({
  from: clock,
  to: clockOrMidnight,
  days: z.array(z.enum(WEEKDAYS)).min(1).max(7).optional(),
})
