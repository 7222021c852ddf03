import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { saidError } from '../../../tests/support/saidTold'
import { LIMITS } from '../plan/limits'
import { repeated } from './repeated'

describe('what comes back', () => {
  test('an hour of grid in every six, the last cut at the end', () => {
    expect(repeated({ firstMin: 300, lengthMin: 60, everyMin: 360 }, 1050)).toEqual([
      { fromMin: 300, toMin: 360 },
      { fromMin: 660, toMin: 720 },
      { fromMin: 1020, toMin: 1050 },
    ])
  })

  test.each([
    [{ firstMin: 0, lengthMin: 60, everyMin: 60 }, /never stop/],
    [{ firstMin: 0, lengthMin: 0, everyMin: 60 }, /some minutes/],
    [{ firstMin: 1440, lengthMin: 60, everyMin: 360 }, /after the outage has ended/],
    [{ firstMin: 0, lengthMin: 1, everyMin: 2 }, /makes 720 times; 120 at most/],
  ])('%j is refused', (repeat, message) => {
    expect(saidError(() => repeated(repeat, 1440))).toMatch(message)
  })

  test('stretches never touch, lie within the outage and are as many as fit', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 2000 }),
        fc.integer({ min: 1, max: 600 }),
        fc.integer({ min: 1, max: 1440 }),
        fc.integer({ min: 2001, max: 20_000 }),
        (firstMin, lengthMin, rest, untilMin) => {
          const everyMin = lengthMin + rest
          fc.pre((untilMin - firstMin) / everyMin <= LIMITS.chargingTimes)
          const found = repeated({ firstMin, lengthMin, everyMin }, untilMin)
          found.forEach(({ fromMin, toMin }, i) => {
            expect(toMin).toBeGreaterThan(fromMin)
            expect(toMin).toBeLessThanOrEqual(untilMin)
            if (i > 0) expect(fromMin).toBeGreaterThan(found[i - 1].toMin)
          })
          expect(firstMin + found.length * everyMin).toBeGreaterThanOrEqual(untilMin)
        },
      ),
    )
  })
})
