import { describe, expect, test } from '@jest/globals'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { inWords } from '../../../tests/support/saidTold'
import { demoHousehold } from '@/catalog/demoHousehold'
import { cycling, loadOf, planWith } from '../../../tests/support/samplePlan'
import { readPlan } from './document'
import { readHousehold } from './household'
import { PLAN_VERSION } from './limits'
import { upgradeHousehold } from './migrate'

/** A plan as version 2 wrote it. */
function olderPlan() {
  const plan = planWith([loadOf(cycling(150, 60, 40))])
  const { indoorC, rain, ...scenario } = plan.scenario
  void [indoorC, rain]
  return {
    ...plan,
    version: 2,
    scenario,
    loads: plan.loads.map((load) => ({ ...load, behaviour: { ...load.behaviour, dutyFollows: 'nothing' } })),
  }
}

describe('a plan of version 2', () => {
  test('is read: its loads follow nothing, its scenario is dry and indoors at 20 °C', () => {
    const reading = inWords(readPlan(olderPlan()))
    expect(reading).toMatchObject({
      ok: true,
      plan: { version: PLAN_VERSION, scenario: { indoorC: 20, rain: 'dry' } },
    })
    if (reading.ok) expect(reading.plan.loads[0].behaviour).toEqual(cycling(150, 60, 40))
  })
  test('damaged, is refused with what it lacks', () => {
    const { loads, ...damaged } = olderPlan()
    void loads
    expect(inWords(readPlan(damaged))).toMatchObject({
      ok: false,
      faults: [{ path: 'document', message: expect.stringContaining('version 2') }],
    })
  })
})

describe('a household stored by an older release', () => {
  test('is read as it is kept now', () => {
    const { scenarios, loads, ...rest } = demoHousehold()
    const older = {
      ...rest,
      scenarios: scenarios.map(({ indoorC, rain, ...scenario }) => (void [indoorC, rain], scenario)),
      loads: loads.map((load) => ({
        ...load,
        behaviour: { ...cycling(90, 30, 40), dutyFollows: 'nothing' },
      })),
    }
    const reading = readHousehold(older)
    expect(reading.ok).toBe(true)
    if (reading.ok) expect(reading.household.scenarios[0]).toMatchObject({ indoorC: 20, rain: 'dry' })
  })
  test('what is no household is left for the check to refuse', () => {
    expect(upgradeHousehold(null)).toBeNull()
    expect(upgradeHousehold({ scenarios: 'none', loads: [1, null] })).toEqual({
      scenarios: 'none',
      loads: [1, null],
    })
    expect(readHousehold({}).ok).toBe(false)
  })
})

describe('what the new fields refuse', () => {
  const faultsOf = (change: (plan: ReturnType<typeof planWith>) => void) => {
    const plan = planWith([loadOf(cycling(150, 60, 40))])
    change(plan)
    const reading = inWords(readPlan(plan))
    return reading.ok ? [] : reading.faults.map(({ path }) => path)
  }
  test.each([
    [
      'a rain nobody knows',
      'scenario.rain',
      (p: ReturnType<typeof planWith>) => (p.scenario.rain = 'hail' as 'rain'),
    ],
    [
      'an indoor temperature of 90 °C',
      'scenario.indoorC',
      (p: ReturnType<typeof planWith>) => (p.scenario.indoorC = 90),
    ],
    [
      'a set-back of 50 °C',
      'loads[0].steering.setBackK',
      (p: ReturnType<typeof planWith>) => (p.loads[0].steering = { setBackK: 50 }),
    ],
    [
      'a session moved to 25:00',
      'loads[0].steering.sessionsAt[0]',
      (p: ReturnType<typeof planWith>) => (p.loads[0].steering = { sessionsAt: ['25:00'] }),
    ],
    [
      'a behaviour nobody knows',
      'loads[0].behaviour.kind',
      (p: ReturnType<typeof planWith>) => (p.loads[0].behaviour = { kind: 'dreaming' } as never),
    ],
  ])('%s, by its path', (_, path, change) => expect(faultsOf(change)).toContain(path))
})

test.each([1, 2, 3, 4, 5, 6, 7, 8, 9])('a plan that version %d wrote is read as one of today', (version) => {
  const path = join(__dirname, `../../../tests/fixtures/plans/version-${version}.json`)
  const written = JSON.parse(readFileSync(path, 'utf8'))
  expect(written.version).toBe(version)
  const reading = inWords(readPlan(written))
  expect(reading.ok ? [] : reading.faults).toEqual([])
  if (!reading.ok) return
  expect(reading.plan.version).toBe(PLAN_VERSION)
  expect(reading.plan.loads.map(({ name }) => name)).toEqual(
    written.loads.map((load: { name: string }) => load.name),
  )
  expect(reading.plan.refill.car ?? {}).not.toHaveProperty('stepUpW')
})
