import { describe, expect, test } from '@jest/globals'
import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import * as fc from 'fast-check'
import { formatEnergy } from '@/words/format'
import { answerText } from '@/words/answer/answerParts'
import { evaluate } from '../support/saidEvaluation'
import { anyHousehold } from '../support/anyHousehold'
import { constant, loadOf, planWith } from '../support/samplePlan'
import { tries } from '../support/counts'

const command = join(__dirname, '../../yotrope')
const folder = mkdtempSync(join(tmpdir(), 'yotrope-cli-'))

function run(...args: string[]) {
  const { status, stdout, stderr } = spawnSync(command, args, { encoding: 'utf8', cwd: folder })
  return { status, stdout, lines: stderr.split('\n').filter((line) => line && !line.startsWith('npm warn')) }
}

function file(name: string, content: unknown): string {
  writeFileSync(join(folder, name), typeof content === 'string' ? content : JSON.stringify(content))
  return name
}

const plan = () => JSON.parse(JSON.stringify(planWith([loadOf(constant(90), { name: 'Router' })])))

describe('./yotrope simulate', () => {
  const good = file('good.json', plan())

  test('prints the sentence', () => {
    const { status, stdout } = run('simulate', good)
    expect(status).toBe(0)
    expect(stdout).toMatch(/^In Test outage, from Friday 18:00, the test station carries .* for 18 h 10 min/)
  })

  test('--json prints the whole result, with the state of charge at the hours asked for', () => {
    const { status, stdout } = run(
      'simulate',
      good,
      '--json',
      '--runs',
      '50',
      '--seed',
      '7',
      '--at',
      '8h',
      '--at',
      '19h',
    )
    expect(status).toBe(0)
    const result = JSON.parse(stdout)
    expect(result).toMatchObject({
      runs: 50,
      seed: 7,
      outageMin: 1440,
      endsAt: { p50: 'Saturday 12:11' },
      gates: { lasts: { verdict: 'short' } },
    })
    expect(result.runtimeMin.p50 / 60).toBeCloseTo(2000 / 110, 5)
    expect(result.loads).toEqual([
      {
        loadId: 'load',
        name: 'Router',
        shedMin: 0,
        askedWh: expect.closeTo(2160, 6),
        suppliedWh: expect.closeTo(90 * (2000 / 110), 5),
      },
    ])
    expect(result.at[0].stateOfCharge.main.p50).toBeCloseTo(1 - (8 * 110) / 2000, 6)
    expect(result.at[1].stateOfCharge.main.p50).toBeCloseTo(0, 6)
    expect(result.events).toMatchObject([{ kind: 'empty', sourceId: 'main', fraction: 1 }])
  })

  test('arbitrary households: the figures of the gates, in words and as data', () => {
    for (const any of fc.sample(anyHousehold, { numRuns: tries(3), seed: 11 })) {
      const { result, gates, answer } = evaluate(any)
      const text = run('simulate', file('any.json', any)).stdout
      expect(text).toContain(answerText(answer))
      for (const { askedWh, suppliedWh } of result.loads)
        expect(text).toMatch(new RegExp(`asks +${formatEnergy(askedWh)}, gets +${formatEnergy(suppliedWh)}`))
      const data = JSON.parse(run('simulate', 'any.json', '--json').stdout)
      expect(data.answer).toBe(answerText(answer))
      for (const name of ['carries', 'starts', 'lasts', 'refills'] as const)
        expect(data.gates[name].verdict).toBe(gates[name].verdict)
      expect(data.gates.lasts.shortMin).toBe(gates.lasts.shortMin)
    }
  })

  test('the same seed prints the same', () => {
    expect(run('simulate', good, '--json', '--seed', '3').stdout).toBe(
      run('simulate', good, '--json', '--seed', '3').stdout,
    )
  })

  test('a bad document: exit 2, one line per fault with its path', () => {
    const bad = plan()
    bad.loads[0].behaviour.runningW = 90
    bad.scenario.durationH = -4
    bad.colour = 'red'
    const { status, stdout, lines } = run('simulate', file('bad.json', bad))
    expect(status).toBe(2)
    expect(stdout).toBe('')
    expect(lines).toEqual([
      'scenario.durationH: must be at least 0.25',
      expect.stringMatching(
        /^loads\[0\]\.behaviour\.runningW: needs a value with its unit, spread and evidence/,
      ),
      'colour: no such field is known; remove it or check its spelling',
    ])
  })

  test.each([
    ['no file', ['simulate', 'nowhere.json'], /nowhere\.json: no such file/],
    ['no JSON', ['simulate', file('broken.json', '{"format":')], /broken\.json: is not valid JSON/],
    ['no name', ['simulate'], /one plan document is wanted/],
    [
      'runs that are no number',
      ['simulate', good, '--runs', 'many'],
      /--runs: “many” must be a whole number from 1/,
    ],
    ['an hour past the horizon', ['simulate', good, '--at', '99h'], /--at: 99h is past the 48 h/],
    ['an unknown option', ['simulate', good, '--fast'], /--fast/],
    ['an unknown command', ['simulate-all'], /there is no command “simulate-all”/],
  ])('%s: exit 2 and one line', (_, args, message) => {
    const { status, lines } = run(...args)
    expect(status).toBe(2)
    expect(lines).toHaveLength(1)
    expect(lines[0]).toMatch(message)
  })
})

test('./yotrope help lists the commands, and so does no command at all', () => {
  for (const args of [['help'], []]) {
    const { status, stdout } = run(...args)
    expect(status).toBe(0)
    for (const name of ['start', 'stop', 'status', 'test', 'simulate'])
      expect(stdout).toContain(`./yotrope ${name}`)
  }
})
