import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { shareReaching, weightedBand, weightedPercentiles } from './weighted'

test('equal weights: the middle of an odd sample is its median, and percentiles rise', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0, max: 1e6, noNaN: true }), { minLength: 1, maxLength: 30 }),
      (sample) => {
        const values = Float64Array.from(sample)
        const weights = new Float64Array(sample.length).fill(1)
        const { p10, p50, p90 } = weightedBand({ values, weights })
        expect(p10).toBeLessThanOrEqual(p50)
        expect(p50).toBeLessThanOrEqual(p90)
        if (sample.length % 2 === 1)
          expect(p50).toBeCloseTo([...sample].sort((a, b) => a - b)[sample.length >> 1], 6)
      },
    ),
  )
})

test('a value of which nothing is thought moves nothing; one that is thought twice as much counts as two', () => {
  const values = Float64Array.of(1, 2, 3, 100)
  expect(weightedPercentiles({ values, weights: Float64Array.of(1, 1, 1, 0) }, [0.5])).toEqual([2])
  const twice = weightedPercentiles({ values, weights: Float64Array.of(2, 1, 1, 0) }, [0.5])
  expect(twice[0]).toBeLessThan(2)
  expect(() => weightedPercentiles({ values, weights: new Float64Array(4) }, [0.5])).toThrow(RangeError)
})

test('what is beyond the horizon stays beyond it', () => {
  const ends = { values: Float64Array.of(10, Infinity, Infinity), weights: Float64Array.of(1, 1, 1) }
  expect(weightedBand(ends)).toMatchObject({ p10: 10, p90: Infinity })
  expect(shareReaching(ends, 20)).toBeCloseTo(2 / 3)
})
