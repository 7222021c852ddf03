import * as z from 'zod'
import { idSchema, note } from './fields'
import { sourceSchema } from './power'

/** Something that can be bought or stands in the cellar: a source as an option would have it. */
export const equipmentSchema = z.strictObject({
  id: idSchema,
  source: sourceSchema,
  /** already there: it costs nothing more */
  owned: z.boolean(),
  note,
})

export type Equipment = z.infer<typeof equipmentSchema>
