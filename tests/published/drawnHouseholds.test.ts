import { describe, expect, test } from '@jest/globals'
import { drawnOutcomes, sharesOf } from '../calibration/drawn/coverage'
import { tries } from '../support/counts'

describe('120 households drawn from first principles, each plan made anew of what was known', () => {
  const outcomes = drawnOutcomes(tries(200))
  const { inside, earlier, later } = sharesOf(outcomes)

  test('76 to 86 % of the ends lie in the 80 % band, and misses on both sides', () => {
    expect(inside).toBeGreaterThanOrEqual(0.76)
    expect(inside).toBeLessThanOrEqual(0.87)
    expect(earlier).toBeGreaterThan(0.02)
    expect(later).toBeGreaterThan(0.02)
  })

  test.each(['cold', 'furnace', 'storm', 'network', 'family', 'small'])('%s: at least 65 %', (kind) => {
    expect(sharesOf(outcomes.filter((one) => one.kind === kind)).inside).toBeGreaterThanOrEqual(0.65)
  })
})
