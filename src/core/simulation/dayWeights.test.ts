import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { dayWeights, wholeDays } from './dayWeights'

describe('the average day of an outage', () => {
  test('whole days count evenly, less than a day as the day it begins', () => {
    expect([...dayWeights(2880, 288)]).toEqual(Array.from({ length: 288 }, (_, q) => (q < 192 ? 1 : 0)))
    expect([...dayWeights(600, 192)]).toEqual(Array.from({ length: 192 }, (_, q) => (q < 96 ? 1 : 0)))
  })

  test('of 36 h: rising over the first twelve, whole in the middle, falling over the last', () => {
    const weights = dayWeights(36 * 60, 240)
    expect(weights[23]).toBeCloseTo(23.5 / 48, 9)
    expect(weights[72]).toBe(1)
    expect(weights[120]).toBeCloseTo(23.5 / 48, 9)
    expect(weights[144]).toBe(0)
  })

  test('every hour of the clock counts as often as there are whole days', () => {
    fc.assert(
      fc.property(fc.integer({ min: 96, max: 1300 }), (outageQuarters) => {
        const outageMin = outageQuarters * 15
        const weights = dayWeights(outageMin, outageQuarters + 96)
        for (let clock = 0; clock < 96; clock++) {
          let sum = 0
          for (let q = clock; q < weights.length; q += 96) sum += weights[q]
          expect(sum).toBeCloseTo(wholeDays(outageMin), 9)
        }
      }),
      { numRuns: 60 },
    )
  })
})
