import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { somePlan } from '../../../tests/support/arbitraryPlan'
import { bankOf, equipmentClass, sourceOf } from '@/catalog/equipment'
import type { Source } from '../plan/power'
import { mixedLoads, planWith } from '../../../tests/support/samplePlan'
import { simulateSlowly } from './oracle'
import { runAll } from './simulate'
import { POINT_MIN } from './sweep'

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

function outdoorStation(): Source {
  const station = sourceOf(equipmentClass('station-2000'), 'main')
  return { ...station, where: 'outdoors', outfit: { ...station.outfit!, dischargeC: { lowC: 2, highC: 30 } } }
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
              for (let point = 1; point * POINT_MIN <= expected.fractions[s].length; point += 7) {
                const fraction = chain.fractions[s][point * RUNS + run]
                expect(fraction).toBeCloseTo(expected.fractions[s][point * POINT_MIN - 1], 5)
              }
            })
          }
        })
      }),
      { numRuns: 150 },
    )
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
      { numRuns: 40 },
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
