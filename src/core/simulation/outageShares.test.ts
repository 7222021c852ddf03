import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { outageShares } from './outageShares'

describe('the hours of an outage', () => {
  test('count evenly to its end, a quarter that it cuts by its share, and none after it', () => {
    expect([...outageShares(60, 6)]).toEqual([1, 1, 1, 1, 0, 0])
    expect([...outageShares(40, 4)]).toEqual([1, 1, expect.closeTo(10 / 15, 12), 0])
  })

  test('add up to its length, or to what is looked at', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 20_000 }),
        fc.integer({ min: 1, max: 1500 }),
        (outageMin, quarters) => {
          const sum = outageShares(outageMin, quarters).reduce((total, share) => total + share, 0)
          expect(sum * 15).toBeCloseTo(Math.min(outageMin, quarters * 15), 6)
        },
      ),
    )
  })
})
