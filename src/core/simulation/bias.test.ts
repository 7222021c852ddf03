import { describe, expect, test } from '@jest/globals'
import { coldBox, cycling, exactSource, loadOf, planWith } from '../../../tests/support/samplePlan'
import { quantity } from '../quantity/quantity'
import type { Cycling } from '../plan/schema'
import { applyDrift } from './drift'
import { simulate } from './simulate'

const big = exactSource({ capacityWh: quantity(1e6, 'Wh', 'measured', { times: 1 }) })
/** Mean watts of all runs over four days. */
const meanW = (behaviour: Cycling) =>
  simulate(planWith([loadOf(behaviour)], [big], 96), { runs: 300 }).loads[0].askedWh / 96

describe('the runs come to the average that was known', () => {
  test.each([0.2, 0.5, 0.75, 0.9, 0.97])('at %d of full duty, wandering', (duty) => {
    const mean = meanW(cycling(150, 150 * duty, 40))
    expect(Math.abs(mean / (150 * duty) - 1)).toBeLessThan(0.012)
  })

  test.each([
    [150, 60, 8],
    [120, 90, 6],
    [150, 130, 12],
  ])('with defrosts: %d W running, %d W on average, every %d h', (running, average, everyRunH) => {
    const { defrost } = coldBox(1, 1)
    const behaviour: Cycling = {
      ...cycling(running, average, 45),
      defrost: { ...defrost!, everyRunH: quantity(everyRunH, 'h', 'typical', { times: 1 }) },
    }
    expect(Math.abs(meanW(behaviour) / average - 1)).toBeLessThan(0.015)
  })

  test('wandering keeps the mean of any share, and never leaves 0 to 1', () => {
    for (const share of [0.05, 0.3, 0.5, 0.6, 0.8, 0.95, 0.99])
      for (const logSd of [0.12, 0.156, 0.24]) {
        let sum = 0
        const runs = 4000
        for (let run = 0; run < runs; run++) {
          const values = new Float64Array(24).fill(share)
          applyDrift(values, 24, run * 7919 + 13, logSd)
          for (const value of values) {
            if (value < 0) throw new Error('below nothing')
            sum += Math.min(1, value)
          }
        }
        expect(Math.abs(sum / (runs * 24) / share - 1)).toBeLessThan(0.012)
      }
  })
})
