import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { CHEMISTRIES } from '../plan/limits'
import { acceptedW, chargeEfficiency, coldestChargeC } from './chargeAcceptance'

describe('how a battery takes a charge', () => {
  test('lithium keeps its rate nearly to the end, lead-acid tapers from four fifths on', () => {
    expect(acceptedW('lifepo4', 2000, 0.9)).toBe(acceptedW('lifepo4', 2000, 0.2))
    expect(acceptedW('agm', 2000, 0.9)).toBeLessThan(0.5 * acceptedW('agm', 2000, 0.5))
  })
  test('never more as it fills, and always something', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CHEMISTRIES),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (chemistry, a, b) => {
          const [low, high] = [Math.min(a, b), Math.max(a, b)]
          expect(acceptedW(chemistry, 1000, high)).toBeLessThanOrEqual(acceptedW(chemistry, 1000, low) + 1e-9)
          expect(acceptedW(chemistry, 1000, high)).toBeGreaterThan(0)
        },
      ),
    )
  })
  test('no lithium below freezing; lead-acid gives back less of what it takes', () => {
    expect(coldestChargeC('lifepo4')).toBe(0)
    expect(coldestChargeC('flooded')).toBe(-Infinity)
    expect(chargeEfficiency('flooded')).toBeLessThan(chargeEfficiency('lifepo4'))
  })
})
