import { writeFileSync } from 'node:fs'
import { planJsonSchema } from '@/core/plan/jsonSchema'

writeFileSync(
  new URL('../docs/plan.schema.json', import.meta.url),
  `${JSON.stringify(planJsonSchema(), null, 2)}\n`,
)
