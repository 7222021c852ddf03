import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { inWords } from '../../../tests/support/saidTold'
import { arrayOf } from '@/catalog/refill'
import { constant, cycling, exactSource, loadOf, planWith } from '../../../tests/support/samplePlan'
import type { Plan } from '../plan/document'
import type { LoadRule } from '../plan/loadRule'
import { readPlan } from '../plan/document'
import { NO_REFILL } from '../plan/noRefill'
import type { Load } from '../plan/schema'
import { quantity } from '../quantity/quantity'
import { runAll, simulate } from './simulate'
import { typicalRun } from './trace'
import { tries } from '../../../tests/support/counts'

const ruled = (watts: number, rules: LoadRule[], id = 'ruled'): Load => ({
  ...loadOf(constant(watts), { id }),
  steering: { rules },
})
const byCharge = (dropBelow: number, backAbove: number): LoadRule => ({
  kind: 'by charge',
  dropBelow,
  backAbove,
})
const withSun = (plan: Plan, parallel = 1): Plan => ({
  ...plan,
  scenario: { ...plan.scenario, startsAt: '2027-06-04T18:00', sky: { kind: 'days', days: ['clear'] } },
  refill: { ...NO_REFILL, panels: [arrayOf('panel-220', 'roof', { parallel })] },
  powerSystem: {
    ...plan.powerSystem,
    sources: plan.powerSystem.sources.map((source) => ({
      ...source,
      outfit: {
        ...outfitOf(source),
        input: { acW: 500, solar: { lowV: 11, highV: 60, amps: 15, watts: 500 }, dcW: 100 },
      },
    })),
  },
})
const outfitOf = (source: Plan['powerSystem']['sources'][number]) =>
  source.outfit ?? {
    outlets: { count: 4, ampsEach: 15 },
    dc: null,
    legW: null,
    expansion: null,
    input: { acW: 500, solar: null, dcW: 0 },
    passThrough: true,
    suppliesWhileCharging: true,
    transferMs: 20,
    withGridW: null,
    chargeC: { lowC: -20, highC: 50 },
    dischargeC: { lowC: -30, highC: 60 },
    hotDerating: null,
    cycles: 3000,
    warrantyYears: 5,
    sleep: null,
  }

describe('dropped below a charge, back above a higher one', () => {
  test('simulated exactly: against a plain loop over quarter hours', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 0.6, noNaN: true }),
        fc.double({ min: 0.05, max: 0.3, noNaN: true }),
        fc.integer({ min: 50, max: 400 }),
        fc.integer({ min: 10, max: 60 }),
        (drop, gap, watts, base) => {
          const plan = withSun(
            planWith([loadOf(constant(base), { id: 'base' }), ruled(watts, [byCharge(drop, drop + gap)])]),
          )
          const { chains } = runAll(plan, { runs: 1, seed: 1, horizonMin: 1440 })
          const chain = chains[0]
          // an emptied one comes back with the sun: told elsewhere
          fc.pre(chain.emptyMin[0][0] === Infinity)
          let isOff = false
          let ruledWh = 0
          for (let q = 0; q < 96; q++) {
            const charge = chain.fractions[0][q]
            isOff = isOff ? charge < drop + gap : charge < drop
            if (!isOff) ruledWh += watts / 4
          }
          expect(chain.suppliedWh[1]).toBeCloseTo(ruledWh, 6)
        },
      ),
      { numRuns: tries(40) },
    )
  })

  test('buys hours for the rest', () => {
    const hours = (rules: LoadRule[]) =>
      simulate(planWith([loadOf(constant(40), { id: 'base' }), ruled(150, rules)], undefined, 12), {
        runs: 20,
      }).runtimeMin.p50 / 60
    expect(hours([byCharge(0.5, 0.7)])).toBeGreaterThan(hours([]) * 1.3)
  })
})

test('only with supply: nothing by night, and never more than the sun’s hours', () => {
  const plan = withSun(planWith([ruled(60, [{ kind: 'with supply', aboveW: 80 }])]), 2)
  const [trace] = typicalRun(plan, 1440)
  expect(trace.stretches.length).toBeGreaterThan(0)
  for (const { fromMin, toMin } of trace.stretches) {
    // from 18:00 on: dark between about 20:00 and 04:00
    expect(fromMin < 3 * 60 || fromMin > 9 * 60).toBe(true)
    expect(toMin).toBeLessThanOrEqual(1440)
  }
  const none = { ...plan, refill: NO_REFILL }
  expect(typicalRun(none, 1440)[0].stretches).toEqual([])
  expect(simulate(none, { runs: 10 }).chains[0].refill).toBeNull()
})

describe('not together with another', () => {
  const microwave = loadOf(
    {
      kind: 'session',
      runningW: quantity(1200, 'W', 'label', { times: 1 }),
      minutesEach: quantity(6, 'min', 'label', { times: 1 }),
      when: { at: ['19:00'] },
    },
    { id: 'microwave' },
  )
  test('the other goes first, to the minute', () => {
    const plan = planWith(
      [ruled(100, [{ kind: 'not with', loadId: 'microwave' }]), microwave],
      [exactSource()],
      6,
    )
    const [mine] = typicalRun(plan, 360)
    expect(mine.stretches.map(({ fromMin, toMin }) => [fromMin, Math.round(toMin)])).toEqual([
      [0, 60],
      [66, 360],
    ])
  })

  test('two motors that part never run at the same time, in any run', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e6 }), (seed) => {
        const plan = planWith([
          {
            ...loadOf(cycling(150, 60, 40), { id: 'a' }),
            steering: { rules: [{ kind: 'not with' as const, loadId: 'b' }] },
          },
          loadOf(cycling(120, 50, 55), { id: 'b' }),
        ])
        const [a, b] = typicalRun(plan, 1440, seed)
        for (const one of a.stretches)
          for (const other of b.stretches)
            expect(
              Math.min(one.toMin, other.toMin) - Math.max(one.fromMin, other.fromMin),
            ).toBeLessThanOrEqual(1e-9)
      }),
      { numRuns: tries(25) },
    )
  })

  test('of a load that is not there says nothing', () => {
    const plan = planWith([ruled(100, [{ kind: 'not with', loadId: 'gone' }])], [exactSource()], 6)
    expect(typicalRun(plan, 360)[0].stretches).toHaveLength(1)
  })
})

test('a rule that would never come back is refused', () => {
  const plan = planWith([ruled(50, [byCharge(0.6, 0.4)])])
  const reading = inWords(readPlan(plan))
  expect(reading.ok).toBe(false)
  if (!reading.ok)
    expect(JSON.stringify(reading.faults)).toContain('must come back above the charge it is dropped at')
})
