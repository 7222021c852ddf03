import * as z from 'zod'
import { EVIDENCE_STEPS, type Unit } from '../quantity/quantity'
import { isBuiltIn } from './builtInIds'
import { LIMITS } from './limits'
import { shape } from './shape'

/** Fields that several parts of the plan document share. */

const spread = z.union([
  z.strictObject({ times: z.number().min(1).max(10) }),
  z.strictObject({ plusMinus: z.number().min(0).max(100_000) }),
])

/** A quantity in one unit, its value within bounds. */
export function quantityOf<U extends Unit>(unit: U, low: number, high: number) {
  return z.strictObject({
    value: z.number().min(low).max(high),
    unit: z.literal(unit),
    spread,
    evidence: z.enum(EVIDENCE_STEPS),
    source: z.string().max(200).optional(),
    testedOn: z.iso.date({ error: shape('day') }).optional(),
  })
}

export const idSchema = z
  .string()
  .regex(/^[A-Za-z0-9_-]{1,64}$/, shape('id'))
  .refine((id) => !isBuiltIn(id), {
    error: shape('notBuiltIn'),
  })
/** One line: a line end inside becomes a blank. */
export const name = z
  .string()
  .overwrite((text) => text.replace(/[\s\p{Cc}]+/gu, ' '))
  .trim()
  .min(1)
  .max(LIMITS.nameLength)
export const note = z.string().max(LIMITS.noteLength)
