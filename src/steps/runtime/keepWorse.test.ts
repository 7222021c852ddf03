import { describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { type Household, readHousehold } from '@/core/plan/household'
import { planOf } from '@/core/plan/planOf'
import { type WorseKind, findWorseCases } from '@/core/sizing/worseCases'
import { keepWorse } from './keepWorse'

const kept = (household: Household, kind: WorseKind, words = kind as string) => {
  const found = findWorseCases(planOf(household)).find((one) => one.kind === kind)!
  return keepWorse(words, found.change)(household)
}

describe('a worse case that is kept', () => {
  const household = demoHousehold()

  test.each(['colder', 'old battery', 'pump', 'doors', 'longer', 'forgotten'] as const)(
    '“%s” makes a household that can be saved',
    (kind) => expect(readHousehold(kept(household, kind))).toMatchObject({ ok: true }),
  )

  test('of weather or length is another outage, in which loads stand as in the one before', () => {
    const next = kept(household, 'colder', '10 °C colder')
    const scenario = next.scenarios.find(({ id }) => id === next.chosen.scenarioId)!
    const before = household.scenarios.find(({ id }) => id === household.chosen.scenarioId)!
    expect(scenario.name).toBe(`${before.name}, 10 °C colder`)
    expect(scenario.outdoor.lowC).toBe(before.outdoor.lowC - 10)
    expect(next.scenarios).toHaveLength(household.scenarios.length + 1)
  })

  test('of the battery is another option; the one it is made of stays', () => {
    const next = kept(household, 'old battery')
    expect(next.powerSystems).toHaveLength(household.powerSystems.length + 1)
    expect(next.powerSystems.slice(0, -1)).toEqual(household.powerSystems)
    expect(next.powerSystems.at(-1)).toMatchObject({
      name: '2 kWh station, aged',
      id: next.chosen.powerSystemId,
    })
  })

  test('of the pump changes the pump and nothing else', () => {
    const next = kept(household, 'pump')
    const changed = next.loads.filter((load, i) => load !== household.loads[i])
    expect(changed.map(({ name }) => name)).toEqual(['Sump pump'])
  })

  test('of something forgotten lists it by a name it can be found by', () => {
    const once = kept(household, 'forgotten')
    expect(once.loads.at(-1)).toMatchObject({ name: 'Something forgotten', medical: false })
    expect(kept(once, 'forgotten').loads.at(-1)!.name).toBe('Something forgotten 2')
  })

  test('a second time has a name of its own', () => {
    const once = kept(household, 'longer', 'A day longer')
    const back = { ...once, chosen: household.chosen }
    const twice = kept(back, 'longer', 'A day longer')
    expect(twice.scenarios.at(-1)!.name).toMatch(/, a day longer 2$/)
  })
})
