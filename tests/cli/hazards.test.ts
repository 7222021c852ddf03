import { describe, expect, test } from '@jest/globals'
import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { demoHousehold } from '@/catalog/demoHousehold'
import { planOf } from '@/core/plan/planOf'

const command = join(__dirname, '../../yotrope')
const folder = mkdtempSync(join(tmpdir(), 'yotrope-cli-'))
writeFileSync(join(folder, 'plan.json'), JSON.stringify(planOf(demoHousehold())))
writeFileSync(join(folder, 'broken.json'), '{"format": "yotrope-plan", "version": 99}')

function run(...args: string[]) {
  const { status, stdout, stderr } = spawnSync(command, ['hazards', ...args], {
    encoding: 'utf8',
    cwd: folder,
  })
  return { status, stdout, errors: stderr.split('\n').filter((line) => line && !line.startsWith('npm warn')) }
}

describe('./yotrope hazards', () => {
  test('prints what can hurt, the worst first, and what is lost when', () => {
    const { status, stdout } = run('plan.json')
    expect(status).toBe(0)
    expect(stdout).toMatch(/^\[danger\] Boiler, two circulators: hard-wired, and no inlet/)
    expect(stdout).toContain('licensed electrician')
    expect(stdout).toMatch(/What is lost, and when:\n +\w+ \d\d:\d\d {2}/)
  })
  test('--json has findings with their facts, and clocks', () => {
    const { findings, clocks, outageMin } = JSON.parse(run('plan.json', '--json').stdout)
    expect(outageMin).toBe(2520)
    expect(findings.length).toBeGreaterThan(4)
    expect(findings[0]).toMatchObject({
      id: 'back-feed',
      severity: 'danger',
      facts: { names: ['Boiler, two circulators'] },
    })
    expect(clocks.find(({ kind }: { kind: string }) => kind === 'freezer')).toMatchObject({
      lost: { likely: null },
    })
  })
  test.each([
    [[], /one plan document is wanted/],
    [['missing.json'], /no such file can be read/],
    [['broken.json'], /version: is 99, made by a newer release/],
    [['plan.json', '--colour'], /Unknown option/],
  ])('%j is refused with what would be right', (args, message) => {
    const { status, errors } = run(...args)
    expect(status).toBe(2)
    expect(errors.join('\n')).toMatch(message)
  })
})
