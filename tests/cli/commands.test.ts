import { expect, test } from '@jest/globals'
import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { demoHousehold } from '@/catalog/demoHousehold'
import { planOf } from '@/core/plan/planOf'
import { PSEUDO } from '@/words/language'

const folder = mkdtempSync(join(tmpdir(), 'yotrope-cli-'))
const plan = planOf(demoHousehold())
writeFileSync(join(folder, 'plan.json'), JSON.stringify(plan))
writeFileSync(join(folder, 'readings.csv'), 'hours,percent\n1,95\nnever,90\n3,84\n')

/** Names and keys of a plan, wherever they stand. */
const namesIn = (part: unknown): string[] =>
  typeof part !== 'object' || part === null
    ? []
    : Object.entries(part).flatMap(([key, value]) =>
        (key === 'name' || key === 'id') && typeof value === 'string' ? [value] : namesIn(value),
      )

/** What stands in the plan or was asked, and is no word of the commands. */
const GIVEN = [...namesIn(plan), 'plan.json', 'readings.csv', 'never', './yotrope'].sort(
  (a, b) => b.length - a.length,
)

/** Plain words of what a command says in the pseudo-language: none may be left outside the room of words. */
function plainWordsOf(...args: string[]): string[] {
  const { stdout, stderr } = spawnSync(join(__dirname, '../../yotrope'), args, {
    encoding: 'utf8',
    cwd: folder,
    env: { ...process.env, YOTROPE_LANGUAGE: PSEUDO },
  })
  const said = `${stdout}\n${stderr}`.split('\n').filter((line) => line && !line.startsWith('npm warn'))
  expect(said.length).toBeGreaterThan(0)
  const own = GIVEN.reduce((text, given) => text.replaceAll(given, ''), said.join('\n'))
  return own.match(/(?<![\p{L}-])[a-z]{4,}(?!\p{L})/giu) ?? []
}

test.each([
  ['simulate', 'plan.json', '--at', '5h'],
  ['hazards', 'plan.json'],
  ['run', 'plan.json', 'readings.csv'],
  ['read', '--mains', '100'],
  ['read', '--room', '90'],
])('./yotrope %s says all of its words from the room of words', (...args) => {
  expect(plainWordsOf(...args)).toEqual([])
})

test('./yotrope simulate names the command that is wanted as it is typed', () => {
  expect(plainWordsOf('simulate')).toEqual(['simulate'])
})
