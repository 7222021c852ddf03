import { describe, expect, test } from '@jest/globals'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { inWords } from '../../../tests/support/saidTold'
import { demoHousehold } from '@/catalog/demoHousehold'
import { newHousehold } from '@/catalog/newHousehold'
import { constant, exactSource, loadOf, planWith } from '../../../tests/support/samplePlan'
import { readPlan } from './document'
import { planOf } from './planOf'
import { readHousehold } from './household'
import { householdJsonSchema } from '../run/archive'
import { planJsonSchema } from './jsonSchema'
import { PLAN_VERSION } from './limits'
import { migrate } from './migrate'

type Loose = Record<string, any>

const good = (): Loose => JSON.parse(JSON.stringify(planWith([loadOf(constant(100))])))

function faultsAfter(change: (plan: Loose) => void): string[] {
  const plan = good()
  change(plan)
  const reading = inWords(readPlan(plan))
  return reading.ok ? [] : reading.faults.map(({ path, message }) => `${path}: ${message}`)
}

test('a good plan is read as it is', () => {
  expect(inWords(readPlan(good()))).toMatchObject({ ok: true })
})

describe('faults name the field and what would be right', () => {
  test.each([
    [
      'a number without a unit',
      (p: Loose) => (p.loads[0].behaviour.runningW = 150),
      /^loads\[0\]\.behaviour\.runningW: needs a value with its unit, spread and evidence/,
    ],
    [
      'the wrong unit',
      (p: Loose) => (p.loads[0].behaviour.runningW.unit = 'Wh'),
      /^loads\[0\]\.behaviour\.runningW\.unit: must be "W"/,
    ],
    [
      'negative watts',
      (p: Loose) => (p.loads[0].behaviour.runningW.value = -5),
      /^loads\[0\]\.behaviour\.runningW\.value: must be at least 0/,
    ],
    ['absurd watts', (p: Loose) => (p.loads[0].behaviour.runningW.value = 1e9), /must be at most 50,000/],
    [
      'a spread below one',
      (p: Loose) => (p.loads[0].behaviour.runningW.spread = { times: 0.5 }),
      /spread\.times: must be at least 1/,
    ],
    [
      'unknown evidence',
      (p: Loose) => (p.loads[0].behaviour.runningW.evidence = 'guess'),
      /evidence: must be "typical", "label", "measured" or "tested"/,
    ],
    [
      'an unknown field',
      (p: Loose) => (p.loads[0].colour = 'red'),
      /^loads\[0\]\.colour: no such field is known/,
    ],
    [
      'an unknown behaviour',
      (p: Loose) => (p.loads[0].behaviour.kind = 'dancing'),
      /^loads\[0\]\.behaviour.*"constant"/,
    ],
    [
      'a name of 5,000 characters',
      (p: Loose) => (p.loads[0].name = 'x'.repeat(5000)),
      /^loads\[0\]\.name: must be at most 80 characters long/,
    ],
    ['an empty name', (p: Loose) => (p.loads[0].name = '  '), /^loads\[0\]\.name: must not be empty/],
    [
      '10,000 loads',
      (p: Loose) => (p.loads = Array.from({ length: 10_000 }, (_, i) => ({ ...p.loads[0], id: `l${i}` }))),
      /^loads: must hold at most 200 entries/,
    ],
    [
      'a source nobody has',
      (p: Loose) => (p.loads[0].sourceId = 'elsewhere'),
      /^loads\[0\]\.sourceId: names no source; main would be right/,
    ],
    [
      'a date that is none',
      (p: Loose) => (p.scenario.startsAt = '2027-02-30T10:00'),
      /^scenario\.startsAt: must be a date and time such as/,
    ],
    ['a missing scenario', (p: Loose) => delete p.scenario, /^scenario: /],
    [
      'surge below continuous',
      (p: Loose) => (p.powerSystem.sources[0].surgeW.value = 10),
      /surgeW: surge watts must be at least the continuous/,
    ],
    ['the same load twice', (p: Loose) => p.loads.push(p.loads[0]), /^loads\[1\]\.id: “load” is used twice/],
    ['a newer version', (p: Loose) => (p.version = 99), /^version: is 99, made by a newer release/],
    ['a version that is no number', (p: Loose) => (p.version = 'two'), /^version: must be a whole number/],
    ['another format', (p: Loose) => (p.format = 'csv'), /^format: must be "yotrope-plan"/],
  ])('%s', (_, change, message) => {
    const faults = faultsAfter(change)
    expect(faults).toHaveLength(1)
    expect(faults[0]).toMatch(message)
  })

  test('every fault is told, not the first alone', () => {
    expect(faultsAfter((p) => ((p.loads[0].name = ''), (p.scenario.durationH = -1)))).toHaveLength(2)
  })

  test.each([null, 7, 'plan', [1]])('%j is no document', (input) => {
    expect(inWords(readPlan(input))).toMatchObject({ ok: false, faults: [{ path: 'document' }] })
  })

  test('sources that follow each other in a circle are refused', () => {
    const plan = planWith(
      [loadOf(constant(1))],
      [exactSource({ id: 'main', afterSourceId: 'two' }), exactSource({ id: 'two', afterSourceId: 'main' })],
    )
    expect(inWords(readPlan(plan))).toMatchObject({
      ok: false,
      faults: [{ message: expect.stringMatching(/circle/) }, {}],
    })
  })
})

test('names keep emoji and right-to-left text', () => {
  const plan = good()
  plan.loads[0].name = 'ثلاجة المطبخ 🧊'
  const reading = inWords(readPlan(plan))
  expect(reading.ok && reading.plan.loads[0].name).toBe('ثلاجة المطبخ 🧊')
})

describe('older versions', () => {
  test('a version 1 plan, with its single station, becomes one with a list of sources', () => {
    const { powerSystem, refill, ...rest } = good()
    void refill
    const { sourceId, ...load } = rest.loads[0]
    void sourceId
    const reading = inWords(readPlan({ ...rest, version: 1, station: powerSystem.sources[0], loads: [load] }))
    expect(reading).toMatchObject({
      ok: true,
      plan: {
        version: PLAN_VERSION,
        scenario: { indoorC: 20, rain: 'dry' },
        loads: [{ sourceId: 'main' }],
        powerSystem: { sources: [{ id: 'main' }] },
      },
    })
  })

  test('a damaged older one is told, not half-read', () => {
    expect(inWords(readPlan({ format: 'yotrope-plan', version: 1 }))).toMatchObject({
      ok: false,
      faults: [{ message: expect.stringMatching(/says version 1/) }],
    })
  })

  test('steps are taken one after the other', () => {
    const steps = { 1: (d: Loose) => ({ ...d, a: 1 }), 2: (d: Loose) => ({ ...d, b: d.a + 1 }) }
    expect(inWords(migrate({ format: 'f', version: 1 }, 'f', 3, steps))).toEqual({
      ok: true,
      document: { format: 'f', version: 1, a: 1, b: 2 },
    })
  })
})

describe('households', () => {
  test('the sample and a new one are valid, and so is every plan of theirs', () => {
    for (const household of [demoHousehold(), newHousehold('Our house', '230 V', '2027-01-01T18:00')]) {
      expect(inWords(readHousehold(household))).toMatchObject({ ok: true })
      for (const { id: scenarioId } of household.scenarios)
        for (const { id } of household.powerSystems)
          expect(inWords(readPlan(planOf(household, scenarioId, id)))).toMatchObject({ ok: true })
    }
  })

  test('a choice of something that is not there is refused', () => {
    const household = { ...demoHousehold(), chosen: { scenarioId: 'gone', powerSystemId: 'gone' } }
    expect(inWords(readHousehold(household))).toMatchObject({
      ok: false,
      faults: [{ path: 'chosen.scenarioId' }, { path: 'chosen.powerSystemId' }],
    })
    expect(() => planOf(household)).toThrow(RangeError)
  })

  test('a load hangs on the source its power system gives it, else on the first', () => {
    const household = demoHousehold()
    const [system] = household.powerSystems
    system.sources.push({ ...system.sources[0], id: 'second' })
    household.hangsOn = { [system.id]: { network: 'second', boiler: 'gone' } }
    const { loads } = planOf(household, 'february-ice', system.id)
    const sourceOf = (id: string) => loads.find((load) => load.id === id)?.sourceId
    expect([sourceOf('network'), sourceOf('boiler')]).toEqual(['second', 'main'])
  })
})

test.each([
  ['plan', planJsonSchema],
  ['household', householdJsonSchema],
])('docs/%s.schema.json is the schema of this release (npm run json-schema writes it)', (name, schemaOf) => {
  const published = JSON.parse(readFileSync(join(__dirname, `../../../docs/${name}.schema.json`), 'utf8'))
  expect(published).toEqual(JSON.parse(JSON.stringify(schemaOf())))
})
