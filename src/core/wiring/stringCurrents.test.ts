import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { stringCurrents } from './stringCurrents'

describe('strings beside each other', () => {
  test('two at the same end, by hand: i₁ R = i₂ (R + 2 r)', () => {
    const [first, second] = stringCurrents(2, 0.01, 0.001, 'same end')
    expect(first / second).toBeCloseTo(1.2, 9)
    expect(first + second).toBeCloseTo(1, 12)
  })
  test('two taken off diagonally share alike', () => {
    expect(stringCurrents(2, 0.01, 0.001, 'diagonal')).toEqual([
      expect.closeTo(0.5, 9),
      expect.closeTo(0.5, 9),
    ])
  })
  test('four at one end: the first works hardest', () => {
    const shares = stringCurrents(4, 0.004, 0.0004, 'same end')
    expect(shares).toEqual([...shares].sort((a, b) => b - a))
    expect(shares[0] / shares[3]).toBeGreaterThan(1.5)
  })
  test('property: shares are positive, add up to one, and a diagonal never parts them further', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 8 }),
        fc.double({ min: 0.001, max: 0.1, noNaN: true }),
        fc.double({ min: 0, max: 0.005, noNaN: true }),
        (strings, stringOhm, linkOhm) => {
          const same = stringCurrents(strings, stringOhm, linkOhm, 'same end')
          const diagonal = stringCurrents(strings, stringOhm, linkOhm, 'diagonal')
          for (const shares of [same, diagonal]) {
            expect(shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9)
            expect(Math.min(...shares)).toBeGreaterThan(0)
          }
          expect(Math.max(...diagonal)).toBeLessThanOrEqual(Math.max(...same) + 1e-9)
        },
      ),
    )
  })
})
