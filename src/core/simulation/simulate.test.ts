import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { someLoads, somePlan, someSource } from '../../../tests/support/arbitraryPlan'
import {
  constant,
  cycling,
  exact,
  exactSource,
  loadOf,
  planWith,
  scheduled,
  session,
} from '../../../tests/support/samplePlan'
import { quantity } from '../quantity/quantity'
import { runAll, simulate } from './simulate'
import { tries } from '../../../tests/support/counts'

const total = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0)

describe('plans that can be reckoned by hand', () => {
  test('2,000 Wh, 10 W no-load, 90 %: 90 W last 2000 ÷ 110 = 18.18 h', () => {
    const { runtimeMin, reachesFraction } = simulate(planWith([loadOf(constant(90))]))
    expect(runtimeMin.p50 / 60).toBeCloseTo(2000 / 110, 6)
    expect(runtimeMin.p10).toBeCloseTo(runtimeMin.p90, 9)
    expect(reachesFraction).toBe(0)
  })

  test('the flat rule: 80 % of 2,000 Wh at 100 W last 16 h, whatever the reserve is', () => {
    for (const reserve of [0, 0.1, 0.5]) {
      const source = exactSource({
        lossRule: 'flat',
        reserveFraction: quantity(reserve, '1', 'typical', exact),
      })
      const { runtimeMin, chains } = simulate(planWith([loadOf(constant(100))], [source]))
      expect(runtimeMin.p50 / 60).toBeCloseTo(16, 6)
      expect(chains[0].sources[0].band.p50.at(-1)).toBeCloseTo(Math.min(reserve, 0.2), 6)
    }
  })

  test('a lamp from 20:00 to 22:00 takes two hours’ worth, and only then', () => {
    const { loads, chains } = simulate(planWith([loadOf(scheduled(60, '20:00', '22:00'))]))
    expect(loads[0].askedWh).toBeCloseTo(120, 9)
    const { p50 } = chains[0].sources[0].band
    const perHour = (from: number, to: number) => (p50[from * 4] - p50[to * 4]) * 2000
    expect(perHour(0, 2)).toBeCloseTo(20, 3)
    expect(perHour(2, 4)).toBeCloseTo(20 + 120 / 0.9, 2)
  })

  test('a session of six minutes at 1,200 W takes 120 Wh each time', () => {
    const { loads } = simulate(planWith([loadOf(session(1200, 6, ['19:00', '07:00']))]))
    expect(loads[0].askedWh).toBeCloseTo(240, 6)
  })

  test('a pump’s 15 seconds every 6 minutes keep their energy though a cycle is shorter than a step', () => {
    const plan = planWith([loadOf(cycling(600, 600 * (15 / 360), 6))], undefined, 48)
    // its inflow wanders from run to run, so the mean of the runs is near, not exact
    expect(simulate(plan, { runs: 400 }).loads[0].askedWh / (25 * 48)).toBeCloseTo(1, 1)
  })

  test('a refrigerator’s cycles come to its average over many runs', () => {
    const { loads } = simulate(planWith([loadOf(cycling(150, 60, 45))], undefined, 72), { runs: 200 })
    expect(loads[0].askedWh / 72).toBeGreaterThan(58.5)
    expect(loads[0].askedWh / 72).toBeLessThan(61.5)
  })

  test('an empty battery lasts no time, and no load at all lasts for the no-load draw alone', () => {
    expect(
      simulate(planWith([loadOf(constant(50))], [exactSource({ chargedFraction: 0 })])).runtimeMin.p50,
    ).toBe(0)
    expect(simulate(planWith([]), { horizonMin: 300 * 60 }).runtimeMin.p50 / 60).toBeCloseTo(200, 6)
  })

  test('what outlasts the horizon is said to, not invented', () => {
    const { runtimeMin, reachesFraction } = simulate(
      planWith([loadOf(constant(1))], [exactSource({ noLoadW: quantity(0, 'W', 'measured', exact) })]),
    )
    expect(runtimeMin).toEqual({ p10: Infinity, p50: Infinity, p90: Infinity })
    expect(reachesFraction).toBe(1)
  })
})

describe('several sources', () => {
  test('two stations in turn last as long as both, and the second is untouched until then', () => {
    const second = exactSource({ id: 'second', afterSourceId: 'main' })
    const result = simulate(planWith([loadOf(constant(90))], [exactSource(), second], 48))
    expect(result.runtimeMin.p50 / 60).toBeCloseTo(4000 / 110, 6)
    const [first, follower] = result.chains[0].sources
    expect(first.emptyMin.p50 / 60).toBeCloseTo(2000 / 110, 6)
    expect(follower.band.p50[16 * 4]).toBe(1)
    expect(result.events.map(({ kind }) => kind)).toEqual(['empty', 'takes-over', 'empty'])
  })

  test('loads each on their source: the system ends when the first of them does', () => {
    const small = exactSource({ id: 'small', capacityWh: quantity(200, 'Wh', 'measured', exact) })
    const result = simulate(
      planWith(
        [loadOf(constant(90)), loadOf(constant(30), { id: 'net', sourceId: 'small' })],
        [exactSource(), small],
      ),
    )
    expect(result.runtimeMin.p50 / 60).toBeCloseTo(200 / (10 + 30 / 0.9), 6)
    expect(result.chains.map(({ endsFirstFraction }) => endsFirstFraction)).toEqual([0, 1])
  })
})

test('what takes no part is told with its reason', () => {
  const plan = planWith([
    loadOf(constant(1), { id: 'a', on: false }),
    loadOf(constant(1), { id: 'b', tier: 'notOnBattery' }),
    loadOf(constant(1), { id: 'c', tier: 'optional' }),
    loadOf(constant(1), { id: 'd', volts: 240, leg: 'both' }),
    loadOf(constant(1), { id: 'e' }),
  ])
  plan.scenario.carriedTiers = 'flexible'
  const { leftOut, loads } = simulate(plan)
  expect(leftOut).toEqual([
    { loadId: 'a', why: 'off' },
    { loadId: 'b', why: 'refused' },
    { loadId: 'c', why: 'tier' },
    { loadId: 'd', why: 'voltage' },
  ])
  expect(loads.map(({ loadId }) => loadId)).toEqual(['e'])
})

describe('limits', () => {
  const limited = exactSource({
    continuousW: quantity(1000, 'W', 'label', exact),
    surgeW: quantity(1500, 'W', 'label', exact),
  })

  test('the load that takes it past the continuous limit is named, with its hour', () => {
    const plan = planWith(
      [loadOf(constant(300), { id: 'a' }), loadOf(session(900, 5, ['20:00']), { id: 'kettle' })],
      [limited],
    )
    const { chains } = simulate(plan)
    expect(chains[0].overloads).toEqual([
      { limit: 'continuous', loadId: 'kettle', fraction: 1, medianMin: 120 },
    ])
  })

  test('a start past the surge limit is found though it is shorter than any step', () => {
    const start = { watts: quantity(1400, 'W', 'label', exact), seconds: quantity(0.3, 's', 'label', exact) }
    const plan = planWith(
      [loadOf(constant(300), { id: 'a' }), loadOf(session(100, 5, ['20:00']), { id: 'pump', start })],
      [limited],
    )
    expect(simulate(plan).chains[0].overloads).toMatchObject([
      { limit: 'surge', loadId: 'pump', medianMin: 120 },
    ])
  })

  test('loads that never coincide break nothing', () => {
    const plan = planWith(
      [loadOf(session(700, 5, ['20:00']), { id: 'a' }), loadOf(session(700, 5, ['21:00']), { id: 'b' })],
      [limited],
    )
    expect(simulate(plan).chains[0].overloads).toEqual([])
  })
})

describe('properties of any plan', () => {
  const options = { runs: 8, horizonMin: 48 * 60 }

  test('energy is conserved: taken = outlets + no-load + conversion, and what is left is left', () => {
    fc.assert(
      fc.property(somePlan, (plan) => {
        const all = runAll(plan, { ...options, runs: 1 })
        const [chain] = all.chains
        const { runs } = all
        const points = chain.fractions[0].length / runs
        const { energy } = simulate(plan, { ...options, runs: 1 }).chains[0]
        expect(energy.takenWh).toBeCloseTo(energy.outletWh + energy.noLoadWh + energy.conversionWh, 6)
        expect(energy.conversionWh).toBeGreaterThanOrEqual(-1e-6)
        // at the end of the outage the batteries have lost what was taken, if that is a point of the curve
        const at = (plan.scenario.durationH * 60) / 15
        if (
          at < points &&
          all.chains.length === 1 &&
          plan.powerSystem.sources.every(
            ({ capacityWh }) => (capacityWh.spread as { times: number }).times === 1,
          )
        ) {
          const lost = total(
            chain.chain.sources.map(
              (source, s) =>
                source.capacityWh.value *
                chain.chain.coldShares[s] *
                (chain.fractions[s][0] - chain.fractions[s][at]),
            ),
          )
          // the sweep spreads a load evenly over the minute in which the battery ends: that much may differ
          const minuteWh = (total(plan.loads.map(({ behaviour }) => behaviour.runningW.value)) * 3) / 60
          expect(Math.abs(energy.takenWh - lost)).toBeLessThan(minuteWh + 0.01)
        }
      }),
      { numRuns: tries(100) },
    )
  })

  test('more watts never last longer', () => {
    fc.assert(
      fc.property(someLoads(), someSource, fc.integer({ min: 1, max: 300 }), (loads, source, more) => {
        const before = simulate(planWith(loads, [source]), options).runtimesMin
        const after = simulate(
          planWith([...loads, loadOf(constant(more), { id: 'more' })], [source]),
          options,
        ).runtimesMin
        after.forEach((end, run) => expect(end).toBeLessThanOrEqual(before[run] + 1e-6))
      }),
      { numRuns: tries(60) },
    )
  })

  test('more capacity never lasts shorter', () => {
    fc.assert(
      fc.property(someLoads(), someSource, fc.integer({ min: 0, max: 3000 }), (loads, source, more) => {
        const larger = {
          ...source,
          capacityWh: { ...source.capacityWh, value: source.capacityWh.value + more },
        }
        const before = simulate(planWith(loads, [source]), options).runtimesMin
        const after = simulate(planWith(loads, [larger]), options).runtimesMin
        after.forEach((end, run) => expect(end).toBeGreaterThanOrEqual(before[run] - 1e-6))
      }),
      { numRuns: tries(60) },
    )
  })

  test('the order of loads does not matter', () => {
    fc.assert(
      fc.property(someLoads(), someSource, (loads, source) => {
        const forward = simulate(planWith(loads, [source]), options)
        const backward = simulate(planWith([...loads].reverse(), [source]), options)
        expect(backward.runtimeMin.p50 === Infinity ? 1e9 : backward.runtimeMin.p50).toBeCloseTo(
          forward.runtimeMin.p50 === Infinity ? 1e9 : forward.runtimeMin.p50,
          5,
        )
      }),
      { numRuns: tries(40) },
    )
  })

  test('the same seed gives the same result; another gives another', () => {
    const plan = planWith([loadOf(cycling(150, 60, 45, 1.5))])
    expect(simulate(plan, { seed: 3 }).runtimesMin).toEqual(simulate(plan, { seed: 3 }).runtimesMin)
    expect(simulate(plan, { seed: 3 }).runtimeMin.p50).not.toBe(simulate(plan, { seed: 4 }).runtimeMin.p50)
  })

  test('a wider spread never narrows the band', () => {
    const width = (times: number) => {
      const { runtimeMin } = simulate(planWith([loadOf(cycling(150, 90, 45, times))], [exactSource()], 48), {
        runs: 800,
        horizonMin: 200 * 60,
      })
      return runtimeMin.p90 - runtimeMin.p10
    }
    const widths = [1, 1.1, 1.3, 1.6, 2].map(width)
    expect(widths).toEqual([...widths].sort((a, b) => a - b))
  })
})

describe('plans with very much to do', () => {
  test('get fewer runs, so that they end; a usual one gets 400', () => {
    const busy = Array.from({ length: 200 }, (_, i) => loadOf(cycling(100, 1, 0.5), { id: `pump-${i}` }))
    expect(simulate(planWith(busy, undefined, 336), { horizonMin: 48 * 60 }).runs).toBeLessThan(50)
    expect(simulate(planWith([loadOf(cycling(100, 40, 45))])).runs).toBe(400)
  })

  test('cycles drawn much shorter than expected all count', () => {
    const hasty = loadOf({
      ...cycling(600, 300, 20),
      periodMin: quantity(20, 'min', 'typical', { times: 4 }),
    } as never)
    const { loads } = simulate(planWith([hasty], undefined, 48), { runs: 200 })
    expect(loads[0].askedWh / 48).toBeGreaterThan(292)
    expect(loads[0].askedWh / 48).toBeLessThan(308)
  })
})
