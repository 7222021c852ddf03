import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { aged } from './aged'
import { type Quantity, quantity } from './quantity'

const tested = (value: number, spread: Quantity['spread']): Quantity => ({
  ...quantity(value, 'W', 'tested', spread),
  testedOn: '2027-01-10',
})

describe('a tested figure with the months', () => {
  test('a load’s interval is 1.02 times as wide with each, 1.27 after a year', () => {
    const after = aged(tested(80, { times: 1.1 }), '2028-01-10', 'load')
    expect(after.value).toBe(80)
    expect(after.spread).toEqual({ times: expect.closeTo(1.1 * 1.02 ** 11.99, 3) })
  })
  test('a capacity loses 2 % in a year', () =>
    expect(aged(tested(2000, { times: 1.05 }), '2028-01-10', 'capacity').value).toBeCloseTo(1960, 0))
  test('after many years it says no less than a usual figure', () =>
    expect(aged(tested(80, { times: 1.1 }), '2047-01-10', 'load').spread).toEqual({ times: 1.5 }))
  test('an interval in the value’s own unit stops at four times its width', () =>
    expect(aged(tested(4, { plusMinus: 1 }), '2097-01-10', 'load').spread).toEqual({ plusMinus: 4 }))
  test('what was not tested, and what is looked at earlier, stays', () => {
    const measured = quantity(80, 'W', 'measured')
    expect(aged(measured, '2047-01-10', 'load')).toBe(measured)
    const one = tested(80, { times: 1.1 })
    expect(aged(one, '2026-01-10', 'load')).toBe(one)
  })
  test('to a day at once is as to a day between and on', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 900 }), fc.integer({ min: 1, max: 900 }), (a, b) => {
        const day = (days: number) =>
          new Date(Date.UTC(2027, 0, 10) + days * 86_400_000).toISOString().slice(0, 10)
        const one = tested(900, { times: 1.2 })
        const at = aged(one, day(a + b), 'capacity')
        const over = aged(aged(one, day(a), 'capacity'), day(a + b), 'capacity')
        expect(over.value).toBeCloseTo(at.value, 6)
        expect((over.spread as { times: number }).times).toBeCloseTo(
          (at.spread as { times: number }).times,
          9,
        )
      }),
    ))
})
