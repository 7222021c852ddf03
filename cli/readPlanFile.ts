import { readFileSync } from 'node:fs'
import { type Plan, readPlan } from '@/core/plan/document'
import { commandLine } from '@/words/en/commands'
import { sayDocument } from '@/words/reading/sayDocument'
import { wordsOf } from '@/words/translate'

const say = wordsOf(commandLine)

/** One line for each fault, then exit code 2. */
export function refuse(lines: string[]): never {
  for (const line of lines) console.error(line)
  process.exit(2)
}

/** What is told of options that could not be read. */
export const unknownOption = (error: unknown) =>
  say('helpListsTheOptions', { trouble: (error as Error).message.split('\n')[0], command: './yotrope help' })

/** What is told of a time that could not be read. */
export const notATime = (trouble: string) => say('atIsNotATime', { trouble })

/** The text of a file, or of standard input for "-". */
export function readText(path: string): string {
  try {
    return readFileSync(path === '-' ? 0 : path, 'utf8')
  } catch {
    return refuse([say('noSuchFile', { path })])
  }
}

/** A plan document, or its faults told. */
export function readPlanFile(path: string): Plan {
  let input: unknown
  try {
    input = JSON.parse(readText(path))
  } catch (error) {
    return refuse([say('notJson', { path, reason: (error as Error).message })])
  }
  const reading = readPlan(input)
  return reading.ok
    ? reading.plan
    : refuse(reading.faults.map(({ path: at, message }) => `${at}: ${sayDocument(message)}`))
}
