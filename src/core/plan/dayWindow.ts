import * as z from 'zod'
import { WEEKDAYS } from './clock'

export const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time of day such as "18:30"')
export const clockOrMidnight = z
  .string()
  .regex(/^(([01]\d|2[0-3]):[0-5]\d|24:00)$/, 'a time of day such as "23:00" or "24:00"')

/** A stretch of the day, on some days of the week or on all. */
export const dayWindowSchema = z.strictObject({
  from: clock,
  to: clockOrMidnight,
  days: z.array(z.enum(WEEKDAYS)).min(1).max(7).optional(),
})
