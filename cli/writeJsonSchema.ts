import { writeFileSync } from 'node:fs'
import { planJsonSchema } from '@/core/plan/jsonSchema'
import { householdJsonSchema } from '@/core/run/archive'

for (const [name, schema] of [
  ['plan', planJsonSchema()],
  ['household', householdJsonSchema()],
] as const)
  writeFileSync(
    new URL(`../docs/${name}.schema.json`, import.meta.url),
    `${JSON.stringify(schema, null, 2)}\n`,
  )
