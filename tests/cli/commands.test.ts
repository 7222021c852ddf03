import { expect, test } from '@jest/globals'
import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { demoHousehold } from '@/catalog/demoHousehold'
import { planOf } from '@/core/plan/planOf'
import { PSEUDO } from '@/words/language'

const YOTROPE = join(__dirname, '../../yotrope')
const PLAIN_WORD = /(?<![\p{L}-])[a-z]{4,}(?!\p{L})/giu
const folder = mkdtempSync(join(tmpdir(), 'yotrope-cli-'))
const plan = planOf(demoHousehold())
writeFileSync(join(folder, 'plan.json'), JSON.stringify(plan))
writeFileSync(join(folder, 'readings.csv'), 'hours,percent\n1,95\nnever,90\n3,84\n')

/** A place of its own, in which nothing was started or saved. */
const PSEUDO_ENV = { ...process.env, YOTROPE_LANGUAGE: PSEUDO, YOTROPE_DATA: join(folder, 'data') }

/** Names and keys of a plan, wherever they stand. */
const namesIn = (part: unknown): string[] =>
  typeof part !== 'object' || part === null
    ? []
    : Object.entries(part).flatMap(([key, value]) =>
        (key === 'name' || key === 'id') && typeof value === 'string' ? [value] : namesIn(value),
      )

/** What stands in the plan or was asked, and is no word of the commands. */
const GIVEN = [...namesIn(plan), folder, 'plan.json', 'readings.csv', 'never', './yotrope'].sort(
  (a, b) => b.length - a.length,
)

/** Plain words of what a command says in the pseudo-language: none may be left outside the room of words. */
function plainWordsOf(...args: string[]): string[] {
  return spoken(args)
}

function spoken(args: string[], env: Record<string, string> = {}): string[] {
  const { stdout, stderr } = spawnSync(YOTROPE, args, {
    encoding: 'utf8',
    cwd: folder,
    env: { ...PSEUDO_ENV, ...env },
  })
  const said = `${stdout}\n${stderr}`.split('\n').filter((line) => line && !line.startsWith('npm warn'))
  expect(said.length).toBeGreaterThan(0)
  const own = GIVEN.reduce(
    (text, given) => text.replaceAll(given, ''),
    said.join('\n').replaceAll('yotrope: ', ''),
  )
  return own.match(PLAIN_WORD) ?? []
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

/** What is typed, and what of the answer is the name of something. */
test.each([
  [['status'], ['start']],
  [['stop'], []],
  [['backup'], ['backup', 'yotrope']],
  [['backup', 'all.sql'], []],
  [['restore', 'missing.sql'], ['missing']],
  [
    ['start', 'now'],
    ['start', 'PORT'],
  ],
  [['test', 'now'], ['test']],
  [['nothing'], ['nothing', 'help']],
])('./yotrope %j, which needs nothing installed, does so too', (args, named) => {
  expect(plainWordsOf(...args)).toEqual(named)
})

test('a port that cannot be is refused in the words spoken', () => {
  expect(spoken(['start'], { PORT: '80000' })).toEqual(['PORT'])
})

test('./yotrope help is said in the words spoken; what is typed stays as it is', () => {
  const { stdout } = spawnSync(YOTROPE, ['help'], { encoding: 'utf8' })
  expect(stdout).toContain('./yotrope simulate plan.json')
  const typed = stdout.match(/^ +(?:\.\/yotrope )?\S+(?: \S+)*(?= {2})/gm)!.map((one) => one.trim())
  expect(typed).toHaveLength(20)
  const { stdout: said } = spawnSync(YOTROPE, ['help'], { encoding: 'utf8', env: PSEUDO_ENV })
  for (const one of typed) expect(said).toContain(one)
  const left = typed.reduce((text, one) => text.replaceAll(one, ''), said)
  expect(left.match(PLAIN_WORD)).toEqual(['http', 'PORT', 'passed', 'failed'])
})

test('./yotrope simulate names the command that is wanted as it is typed', () => {
  expect(plainWordsOf('simulate')).toEqual(['simulate'])
})
