import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { demoHousehold } from '@/catalog/demoHousehold'
import { planOf } from '../plan/planOf'
import { type Plan, readPlan } from '../plan/document'
import { LIMITS } from '../plan/limits'
import { quantity } from '../quantity/quantity'
import { coldBox, constant, exact, exactSource, loadOf, planWith } from '../../../tests/support/samplePlan'
import { somePlan } from '../../../tests/support/arbitraryPlan'
import { tries } from '../../../tests/support/counts'
import { DEFAULT_SEED } from '../simulation/simulate'
import { runtimesOf } from './runtimes'
import { WORSE, WORSE_KINDS, agedSource, findWorseCases, withWorse, worseOutcomes } from './worseCases'

const kinds = (plan: Plan) => findWorseCases(plan).map(({ kind }) => kind)
const last = <T>(all: Iterable<T>) => [...all].at(-1)!
const exactly = (wh: number) =>
  exactSource({
    capacityWh: quantity(wh, 'Wh', 'measured', exact),
    noLoadW: quantity(0, 'W', 'measured', exact),
  })
const middleMin = (plan: Plan) => {
  const ends = runtimesOf(plan, undefined, DEFAULT_SEED).sort()
  return ends[Math.floor(ends.length / 2)]
}
const outcome = (plan: Plan, kind: string) => last(worseOutcomes(plan)).find((one) => one.kind === kind)!

describe('worse cases', () => {
  test('are those that touch the plan: a lamp knows neither doors nor frost', () => {
    expect(kinds(planWith([loadOf(constant(20))]))).toEqual(['old battery', 'longer', 'forgotten'])
    expect(kinds(planWith([loadOf({ ...coldBox(150, 60), follows: undefined })]))).not.toContain('doors')
  })

  test('of nothing carried there are none', () => {
    expect(kinds(planWith([]))).toEqual([])
    expect(kinds(planWith([loadOf(constant(20), { on: false })]))).toEqual([])
  })

  test('of the sample, in its outages, are of the kinds that are worded', () => {
    const household = demoHousehold()
    for (const { id } of household.scenarios)
      for (const kind of kinds(planOf(household, id, household.chosen.powerSystemId)))
        expect(WORSE_KINDS).toContain(kind)
  })

  test('a constant load on an exact battery: a fifth less capacity is a fifth less time', () => {
    const plan = planWith([loadOf(constant(50))], [exactly(1000)])
    const hours = middleMin(plan) / 60
    expect(outcome(plan, 'old battery').lostH).toBeCloseTo(hours * WORSE.agedFraction, 0)
    // 60 W beside 50 W
    expect(outcome(plan, 'forgotten').lostH).toBeCloseTo(hours * (1 - 50 / (50 + WORSE.forgottenW)), 0)
  })

  test('a day longer loses no runtime, and may be more than it lasts', () => {
    const plan = planWith([loadOf(constant(100))], [exactly(1000)])
    plan.scenario.durationH = 8
    const { lostH, lastsMin, holds } = outcome(plan, 'longer')
    expect(lostH).toBe(0)
    expect(holds).toBe(false)
    const alone = runtimesOf(
      { ...plan, scenario: { ...plan.scenario, durationH: 32 } },
      undefined,
      DEFAULT_SEED,
    ).sort()
    expect(lastsMin).toBeCloseTo(alone[Math.floor(alone.length * (1 - plan.scenario.confidence))], -1)
    plan.scenario.durationH = 6
    expect(outcome(plan, 'old battery').holds).toBe(true)
  })

  test('a pump that must empty twice as much runs twice as often, and never again before it has stopped', () => {
    const pump = (everyMin: number) =>
      ({
        kind: 'pump',
        runningW: quantity(500, 'W', 'label'),
        cycle: {
          by: 'spacing',
          onMin: quantity(2, 'min', 'label'),
          everyMin: quantity(everyMin, 'min', 'label'),
        },
        inflowFollows: 'nothing',
      }) as const
    for (const [everyMin, then] of [
      [20, 10],
      [3, 2],
    ]) {
      const plan = planWith([loadOf(pump(everyMin))])
      const { change } = findWorseCases(plan).find(({ kind }) => kind === 'pump')!
      const [load] = withWorse(plan, change).loads
      expect(load.behaviour).toMatchObject({ cycle: { everyMin: { value: then } } })
      expect(plan.loads[0].behaviour).toMatchObject({ cycle: { everyMin: { value: everyMin } } })
    }
  })

  test('a battery of parts ages by its batteries, beside what they had lost already', () => {
    const household = demoHousehold()
    const bank = household.powerSystems.flatMap(({ sources }) => sources).find((source) => source.bank)!
    const aged = agedSource(bank)
    expect(aged.capacityWh.value).toBeCloseTo(bank.capacityWh.value * (1 - WORSE.agedFraction), 0)
    expect(aged.bank!.battery.agedFraction).toBeGreaterThan(bank.bank!.battery.agedFraction)
  })

  test('are plans that can be read and kept, whatever the plan', () => {
    fc.assert(
      fc.property(somePlan, (plan) => {
        if (!readPlan(plan).ok) return
        for (const { kind, change } of findWorseCases(plan))
          expect({ kind, reading: readPlan(withWorse(plan, change)) }).toMatchObject({
            reading: { ok: true },
          })
      }),
      { numRuns: tries(60) },
    )
  })

  test('at the end of what a plan may hold there is no day more, nor a load more', () => {
    const plan = planWith(
      Array.from({ length: LIMITS.loads }, (_, i) => loadOf(constant(1), { id: `l${i}` })),
    )
    plan.scenario.durationH = 336
    expect(kinds(plan)).toEqual(['old battery'])
    const pumps = Array.from({ length: 10 }, (_, i) =>
      loadOf(
        {
          kind: 'pump',
          runningW: quantity(500, 'W', 'label'),
          cycle: {
            by: 'spacing',
            onMin: quantity(0.2, 'min', 'label'),
            everyMin: quantity(1, 'min', 'label'),
          },
          inflowFollows: 'nothing',
        },
        { id: `pump-${i}` },
      ),
    )
    expect(kinds(planWith(pumps, undefined, 24))).toContain('pump')
    // for so long, twice as often is more than can be computed
    expect(kinds(planWith(pumps, undefined, 160))).not.toContain('pump')
  })

  test('never make it last longer, whatever the load', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 400 }), fc.integer({ min: 300, max: 3000 }), (watts, wh) => {
        const plan = planWith([loadOf(constant(watts))], [exactly(wh)])
        for (const { lostH, lastsMin } of last(worseOutcomes(plan, 1, 60))) {
          expect(lostH).toBeGreaterThanOrEqual(0)
          expect(lastsMin).toBeGreaterThanOrEqual(0)
        }
      }),
      { numRuns: tries(20) },
    )
  })
})
