import * as z from 'zod'
import { planSchema } from './document'

/** The plan document's JSON Schema (draft 2020-12), as published in docs/plan.schema.json. */
export function planJsonSchema(): object {
  return { title: 'Yotrope plan document', ...z.toJSONSchema(planSchema, { target: 'draft-2020-12' }) }
}
