import { describe, expect, test } from '@jest/globals'
import { inWords } from '../../../tests/support/saidTold'
import { demoHousehold } from '@/catalog/demoHousehold'
import { headOf, readingAt } from '../../../tests/calibration/runs/runOf'
import { householdFile } from '../plan/householdFile'
import { planOf } from '../plan/planOf'
import { planOfRun } from './planOfRun'
import { readArchive, readRun, readRunFile } from './archive'
import { runFile } from './runDocument'

const household = demoHousehold()
const plan = planOfRun(household, planOf(household).scenario.startsAt)
const run = {
  head: headOf(plan),
  entries: [readingAt(plan, 0, { chargeFraction: 1 }), readingAt(plan, 60, { chargeFraction: 0.9 })],
  photos: [{ id: 'photo-1', jpeg: '/9j/2Q==' }],
}
const reasons = (reading: { ok: boolean; faults?: { path: string; message: string }[] }) =>
  reading.ok ? [] : reading.faults!.map(({ path, message }) => `${path}: ${message}`)

describe('a household’s file with its runs', () => {
  const file = { ...householdFile(household), runs: [runFile(run)] }
  test('is read as it was written', () => {
    expect(inWords(readArchive(JSON.stringify(file)))).toEqual({ ok: true, household, runs: [run] })
  })
  test('is read without any', () => {
    expect(inWords(readArchive(JSON.stringify(householdFile(household))))).toEqual({
      ok: true,
      household,
      runs: [],
    })
  })
  test('a fault of a run is told by its place', () => {
    const broken = { ...runFile(run), entries: [{ ...run.entries[0], chargeFraction: 1.4 }] }
    expect(reasons(inWords(readArchive(JSON.stringify({ ...file, runs: [runFile(run), broken] }))))).toEqual([
      expect.stringMatching(/^runs\[1\]\.entries\[0\]\.chargeFraction: /),
    ])
  })
  test.each([
    ['no JSON', '{', /is not JSON/],
    ['runs that are no list', JSON.stringify({ ...file, runs: {} }), /runs: must be a list/],
    ['a run alone', JSON.stringify(runFile(run)), /is a run; read it on the page Test run/],
  ])('%s is refused', (_, text, message) => expect(reasons(inWords(readArchive(text)))[0]).toMatch(message))
})

describe('a run’s file', () => {
  test('with a plan of an earlier version is read', () => {
    const older = { ...runFile(run), version: 1, plan: { ...plan, version: 8 } }
    expect(inWords(readRunFile(JSON.stringify(older)))).toEqual({ ok: true, run })
  })
  test.each([
    ['a household', { format: 'yotrope-household' }, /format: must be "yotrope-run"/],
    ['a newer one', { ...runFile(run), version: 99 }, /newer release/],
    ['a plan that is none', { ...runFile(run), plan: {} }, /^plan\./],
    ['a list', [], /must be one JSON object/],
    ['a photo that is no base64', { ...runFile(run), photos: [{ id: 'p', jpeg: '§' }] }, /photos\[0\]\.jpeg/],
  ])('%s is refused', (_, input, message) => expect(reasons(inWords(readRun(input)))[0]).toMatch(message))
})
