import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { CHEMISTRIES } from '../plan/limits'
import { acceptedW, chargingOf, coldestChargeC } from './chargeAcceptance'

describe('how a battery takes a charge', () => {
  test('lithium keeps its rate nearly to the end, lead-acid tapers from four fifths on', () => {
    expect(acceptedW(chargingOf('lifepo4'), 2000, 0.9)).toBe(acceptedW(chargingOf('lifepo4'), 2000, 0.2))
    expect(acceptedW(chargingOf('agm'), 2000, 0.9)).toBeLessThan(
      0.5 * acceptedW(chargingOf('agm'), 2000, 0.5),
    )
  })
  test('never more as it fills, and always something', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CHEMISTRIES),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (chemistry, a, b) => {
          const [low, high] = [Math.min(a, b), Math.max(a, b)]
          const acceptedAt = (fraction: number) => acceptedW(chargingOf(chemistry), 1000, fraction)
          expect(acceptedAt(high)).toBeLessThanOrEqual(acceptedAt(low) + 1e-9)
          expect(acceptedAt(high)).toBeGreaterThan(0)
        },
      ),
    )
  })
  test('no lithium below freezing; lead-acid gives back less of what it takes', () => {
    expect(coldestChargeC('lifepo4')).toBe(0)
    expect(coldestChargeC('flooded')).toBe(-Infinity)
    expect(chargingOf('flooded').efficiency).toBeLessThan(chargingOf('lifepo4').efficiency)
  })
})
