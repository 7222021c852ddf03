import * as z from 'zod'
import { planSchema } from './document'
import { householdSchema } from './household'
import { HOUSEHOLD_FORMAT } from './householdFormat'
import { PLAN_VERSION } from './limits'

/** The plan document's JSON Schema (draft 2020-12), as published in docs/plan.schema.json. */
export function planJsonSchema(): object {
  return { title: 'Yotrope plan document', ...z.toJSONSchema(planSchema, { target: 'draft-2020-12' }) }
}

/** The JSON Schema of a file of a whole household, as published in docs/household.schema.json. */
export function householdJsonSchema(): object {
  const file = z.strictObject({
    format: z.literal(HOUSEHOLD_FORMAT),
    version: z.literal(PLAN_VERSION),
    household: householdSchema,
  })
  return { title: 'Yotrope household file', ...z.toJSONSchema(file, { target: 'draft-2020-12' }) }
}
