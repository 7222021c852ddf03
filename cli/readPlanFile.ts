import { readFileSync } from 'node:fs'
import { type Plan, readPlan } from '@/core/plan/document'
import { sayDocument } from '@/words/reading/sayDocument'

/** One line for each fault, then exit code 2. */
export function refuse(lines: string[]): never {
  for (const line of lines) console.error(line)
  process.exit(2)
}

/** The text of a file, or of standard input for "-". */
export function readText(path: string): string {
  try {
    return readFileSync(path === '-' ? 0 : path, 'utf8')
  } catch {
    return refuse([`${path}: no such file can be read`])
  }
}

/** A plan document, or its faults told. */
export function readPlanFile(path: string): Plan {
  let input: unknown
  try {
    input = JSON.parse(readText(path))
  } catch (error) {
    return refuse([`${path}: is not valid JSON (${(error as Error).message})`])
  }
  const reading = readPlan(input)
  return reading.ok
    ? reading.plan
    : refuse(reading.faults.map(({ path: at, message }) => `${at}: ${sayDocument(message)}`))
}
