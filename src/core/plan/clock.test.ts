import { describe, expect, test } from '@jest/globals'
import { epochMinute, isWithin, localOf, mergeIntervals, windowIntervals } from './clock'
import { formatMoment, weekdayName } from '@/words/clock'

const FRIDAY = '2027-02-05T18:00'

test('moments of an outage on the clock', () => {
  expect(formatMoment(FRIDAY, 1183, 10)).toBe('Saturday 13:40')
  expect(formatMoment(FRIDAY, 0)).toBe('Friday 18:00')
  expect(weekdayName(epochMinute('1970-01-01T00:00'))).toBe('Thursday')
  expect(weekdayName(epochMinute('2028-02-29T12:00'))).toBe('Tuesday')
})

test('a date that does not exist is none, and good ones come back as they were', () => {
  expect(epochMinute('2027-02-29T10:00')).toBeNaN()
  expect(epochMinute('2027-13-01T10:00')).toBeNaN()
  expect(epochMinute('tomorrow')).toBeNaN()
  expect(localOf(epochMinute(FRIDAY))).toBe(FRIDAY)
})

describe('windowIntervals', () => {
  test('a night that began before the outage counts from its start', () => {
    expect(windowIntervals([{ from: '17:00', to: '19:00' }], FRIDAY, 600)).toEqual([[0, 60]])
  })

  test('nights wrap past midnight, once a day', () => {
    expect(windowIntervals([{ from: '23:00', to: '06:30' }], FRIDAY, 42 * 60)).toEqual([
      [300, 750],
      [1740, 2190],
    ])
  })

  test('only on its days', () => {
    expect(windowIntervals([{ from: '09:00', to: '14:00', days: ['sat'] }], FRIDAY, 72 * 60)).toEqual([
      [900, 1200],
    ])
  })

  test('overlapping windows are counted once', () => {
    expect(
      windowIntervals(
        [
          { from: '18:00', to: '22:00' },
          { from: '20:00', to: '24:00' },
        ],
        FRIDAY,
        600,
      ),
    ).toEqual([[0, 360]])
  })

  test('the same from and until is the whole day', () => {
    expect(windowIntervals([{ from: '06:00', to: '06:00' }], FRIDAY, 3000)).toEqual([[0, 3000]])
  })
})

test('intervals merge in order', () => {
  const merged = mergeIntervals([
    [50, 60],
    [0, 10],
    [10, 20],
  ])
  expect(merged).toEqual([
    [0, 20],
    [50, 60],
  ])
  expect([isWithin(merged, 19.9), isWithin(merged, 20), isWithin(merged, 55)]).toEqual([true, false, true])
})
