import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { somePlan } from '../../../tests/support/arbitraryPlan'
import { mixedLoads, planWith } from '../../../tests/support/samplePlan'
import { simulateSlowly } from './oracle'
import { runAll } from './simulate'
import { POINT_MIN } from './sweep'

const HORIZON_MIN = 48 * 60
const RUNS = 3

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
