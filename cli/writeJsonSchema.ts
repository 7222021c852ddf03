import { writeFileSync } from 'node:fs'
import { householdJsonSchema, planJsonSchema } from '@/core/plan/jsonSchema'

for (const [name, schema] of [
  ['plan', planJsonSchema()],
  ['household', householdJsonSchema()],
] as const)
  writeFileSync(
    new URL(`../docs/${name}.schema.json`, import.meta.url),
    `${JSON.stringify(schema, null, 2)}\n`,
  )
