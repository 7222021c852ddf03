import { describe, expect, test } from '@jest/globals'
import { burner, coldBox } from '../../../tests/support/samplePlan'
import { quantity } from '../quantity/quantity'
import { onDesignDay } from './designDay'

describe('the design day of heating', () => {
  const typical = { ...burner(500, 225), averageW: quantity(225, 'W' as const, 'typical') }
  test('follows the coldest of the place where that is colder, and nothing else changes', () => {
    const colder = onDesignDay(typical, -27)
    expect(colder).toEqual({
      ...typical,
      follows: { ...typical.follows, knownAtC: { ...typical.follows!.knownAtC, value: -27 } },
    })
    expect(onDesignDay(typical, -5)).toBe(typical)
  })
  test('a measured average stays where it was measured, and a cold box has none', () => {
    const measured = { ...typical, averageW: quantity(225, 'W' as const, 'measured') }
    expect(onDesignDay(measured, -30)).toBe(measured)
    const box = coldBox(150, 60)
    expect(onDesignDay(box, -30)).toBe(box)
  })
})
