import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { somePlan } from '../../../tests/support/arbitraryPlan'
import { type SomeRefill, planOfSome, someRefill, station } from '../../../tests/support/refilledPlan'
import { loadOf, mixedLoads, planWith } from '../../../tests/support/samplePlan'
import { bankOf, equipmentClass, sourceOf } from '@/catalog/equipment'
import type { Plan } from '../plan/document'
import type { Source } from '../plan/power'
import { quantity } from '../quantity/quantity'
import { drawLoad } from './chance'
import { compileLoad } from './compile'
import { DemandGrid } from './demand'
import { emptyLoadValues } from './loadValues'
import { simulateSlowly } from './oracle'
import { loadAtWork } from './oracleLoads'
import { runAll, simulate } from './simulate'
import { POINT_MIN } from './sweep'
import { tries } from '../../../tests/support/counts'

const HORIZON_MIN = 48 * 60
const RUNS = 3
/** Sources whose loss is no plain multiplication. */
const DETAILED: Record<string, Source> = {
  'flooded batteries with a cut-off and Peukert': bankOf('flooded-12-100', 1, 2, 'inverter-1000-12', 'bank'),
  'an inverter that searches under 15 W': bankOf('lfp-12-100', 1, 1, 'inverter-2000-12', 'bank'),
  'direct current alone': bankOf('agm-12-55', 1, 1, null, 'bank'),
  'a station that goes to sleep': sourceOf(equipmentClass('station-300'), 'main'),
  'a station outdoors that gives nothing in the cold hours': outdoorStation(),
}
/** Chains of one and of two, plain and not. */
const CHAINS: Record<string, Source[]> = {
  'a plain station': [station()],
  ...Object.fromEntries(Object.entries(DETAILED).map(([kind, source]) => [kind, [source]])),
  'a station, then flooded batteries': [
    station('station-1000'),
    follow(bankOf('flooded-12-100', 1, 2, 'inverter-1000-12', 'bank')),
  ],
  'a box outdoors, then one of other volts': [
    outdoorStation(),
    follow({ ...station('station-1000'), volts: [12] }),
  ],
}

function follow(source: Source): Source {
  return { ...source, id: 'next', afterSourceId: 'main' }
}

function outdoorStation(): Source {
  const source = station('station-2000')
  return { ...source, where: 'outdoors', outfit: { ...source.outfit!, dischargeC: { lowC: 2, highC: 30 } } }
}

/** A plan that is refilled somehow, with other sources: the first is called main. */
function refilledWith(of: SomeRefill, sources: readonly Source[]): Plan {
  const plan = planOfSome({ ...of, socketFrom: null }, { ...sources[0], id: 'main' })
  const [first] = plan.powerSystem.sources
  return {
    ...plan,
    scenario: { ...plan.scenario, outdoor: { lowC: -2, highC: 9 } },
    powerSystem: { ...plan.powerSystem, sources: [first, ...sources.slice(1)] },
  }
}

describe('the fast program agrees with the slow one', () => {
  test('on any plan: the minute every source is empty, and its state of charge on the way', () => {
    fc.assert(
      fc.property(somePlan, fc.integer({ min: 0, max: 1e6 }), (plan, seed) => {
        const slow = simulateSlowly(plan, RUNS, seed, HORIZON_MIN)
        const fast = runAll(plan, { runs: RUNS, seed, horizonMin: HORIZON_MIN })
        fast.chains.forEach((chain, c) => {
          for (let run = 0; run < RUNS; run++) {
            const expected = slow[run][c]
            chain.emptyMin.forEach((ends, s) => {
              if (expected.emptyMin[s] === Infinity) expect(ends[run]).toBe(Infinity)
              else expect(ends[run]).toBeCloseTo(expected.emptyMin[s], 5)
              for (let q = 0; q < expected.fractions[s].length; q += 7)
                expect(chain.fractions[s][(q + 1) * RUNS + run]).toBeCloseTo(expected.fractions[s][q], 5)
            })
          }
        })
      }),
      { numRuns: tries(150) },
    )
  })

  test('a burner shorter than its blower’s lag, just before a defrost: nothing is drawn twice meanwhile', () => {
    const known = <U extends 'W' | 'min' | 'h'>(value: number, unit: U) =>
      quantity(value, unit, 'label', { times: 1 })
    const load = loadOf(
      {
        kind: 'cycling',
        runningW: known(20, 'W'),
        averageW: known(6.022694781733492, 'W'),
        periodMin: known(4, 'min'),
        idleW: known(6, 'W'),
        drive: { kind: 'two-stage', lowW: known(10, 'W'), lowOutputFraction: 0.6 },
        defrost: {
          watts: known(100, 'W'),
          minutes: known(5, 'min'),
          everyRunH: known(1, 'h'),
          control: 'timer',
        },
        blower: { watts: known(14, 'W'), lagMin: 1 },
      },
      { id: 'l0' },
    )
    const compiled = compileLoad(load, 0, planWith([load]).scenario, HORIZON_MIN)
    const values = () => drawLoad(compiled, 18, 1, emptyLoadValues(48))
    const grid = new DemandGrid([compiled], HORIZON_MIN)
    grid.write(0, compiled, values())
    const slow = loadAtWork(compiled, values(), HORIZON_MIN)
    const list = grid.lists[0]
    for (let minute = 0; minute < HORIZON_MIN; minute++) {
      let fast = 0
      for (let k = 0; k < list.count; k++)
        fast +=
          list.watts(k) * Math.max(0, Math.min(list.offMin(k), minute + 1) - Math.max(list.onMin(k), minute))
      expect(Math.abs(fast - slow.wattsIn(minute))).toBeLessThan(1e-6)
    }
  })

  test.each(Object.entries(DETAILED))('on %s', (_, source) => {
    fc.assert(
      fc.property(somePlan, fc.integer({ min: 0, max: 1e6 }), (plan, seed) => {
        const loads = plan.loads.map((load) => ({ ...load, sourceId: 'main' }))
        const own = { ...plan, loads, powerSystem: { ...plan.powerSystem, sources: [source] } }
        const slow = simulateSlowly(own, RUNS, seed, HORIZON_MIN)
        const [chain] = runAll(own, { runs: RUNS, seed, horizonMin: HORIZON_MIN }).chains
        for (let run = 0; run < RUNS; run++) {
          const expected = slow[run][0].emptyMin[0]
          const found = chain.emptyMin[0][run]
          if (expected === Infinity) expect(found).toBe(Infinity)
          // volts looked up in a table may pass a cut-off a minute apart
          else expect(Math.abs(found - expected)).toBeLessThan(1.001)
          // a bank never ends below the depth chosen, but for what its spread leaves open
          const last = chain.fractions[0][Math.min(192, Math.ceil(found / POINT_MIN)) * RUNS + run]
          expect(last).toBeGreaterThan(source.reserveFraction.value - 0.08)
        }
      }),
      { numRuns: tries(40) },
    )
  })

  test.each(Object.entries(CHAINS))('on %s, refilled somehow, in any weather', (kind, sources) => {
    fc.assert(
      fc.property(someRefill, (of) => {
        const plan = refilledWith(of, sources)
        const chains = runAll(plan, { runs: 2, seed: of.seed, horizonMin: HORIZON_MIN }).chains
        const c = chains.findIndex(({ refill }) => refill)
        if (c < 0) return
        const slow = simulateSlowly(plan, 2, of.seed, HORIZON_MIN).map((run) => run[c])
        const chain = chains[c]
        const isPlain = kind === 'a plain station'
        slow.forEach((expected, run) => {
          const firstEnd = Math.min(...expected.emptyMin)
          expected.emptyMin.forEach((ends, s) => {
            const found = chain.emptyMin[s][run]
            // volts looked up in a table may pass a cut-off a minute apart; what that leaves to the next one is its own matter
            if (s > 0 && Math.abs(chain.emptyMin[0][run] - expected.emptyMin[0]) > 1e-4) return
            if (ends === Infinity) expect(found).toBe(Infinity)
            else expect(Math.abs(found - ends)).toBeLessThan(isPlain ? 1e-4 : 1.001)
            for (let q = 0; q < expected.fractions[s].length; q += 5)
              if (isPlain || (q + 1) * POINT_MIN < firstEnd - 1)
                expect(chain.fractions[s][(q + 1) * 2 + run]).toBeCloseTo(
                  expected.fractions[s][q],
                  isPlain ? 5 : 3,
                )
          })
        })
        if (!isPlain) return
        const sumOf = (pick: (run: (typeof slow)[0]) => number) =>
          slow.reduce((sum, run) => sum + pick(run), 0)
        const { sum } = chain.refill!
        expect(sum.fuelL).toBeCloseTo(
          sumOf(({ fuelL }) => fuelL),
          5,
        )
        expect(sum.sunWh + sum.dcWh + sum.acWh + sum.directWh).toBeCloseTo(
          sumOf(({ inWh }) => inWh),
          4,
        )
      }),
      { numRuns: tries(kind === 'a plain station' ? 60 : 30) },
    )
  })

  test.each(Object.entries(CHAINS))('a refill that brings nothing changes nothing on %s', (_, sources) => {
    fc.assert(
      fc.property(someRefill, (of) => {
        const nothing = { ...of, panels: 0, generatorFrom: null, socketFrom: null }
        // the wall is planned for the last minutes alone
        const planned = refilledWith({ ...nothing, gridFrom: 47 * 4 + 3 }, sources)
        const bare = refilledWith({ ...nothing, gridFrom: null }, sources)
        const [with_, without] = [planned, bare].map((plan) =>
          simulate(plan, { runs: 4, seed: of.seed, horizonMin: HORIZON_MIN }),
        )
        without.runtimesMin.forEach((end, run) => {
          if (end > 47 * 60) return
          expect(Math.abs(with_.runtimesMin[run] - end)).toBeLessThan(1.001)
        })
        without.shortMin.forEach((short, run) =>
          expect(Math.abs(with_.shortMin[run] - short)).toBeLessThan(12),
        )
      }),
      { numRuns: tries(20) },
    )
  })

  test('on the energy every load is supplied with, when nothing runs out', () => {
    const plan = planWith(mixedLoads(), undefined, 4)
    const minutes = 240
    const slow = simulateSlowly(plan, RUNS, 5, minutes)
    const { chains } = runAll(plan, { runs: RUNS, seed: 5, horizonMin: minutes })
    chains[0].suppliedWh.forEach((wh, slot) => {
      const expected = slow.reduce((sum, run) => sum + run[0].suppliedWh[slot], 0)
      expect(wh).toBeCloseTo(expected, 6)
    })
  })
})
