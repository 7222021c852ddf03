import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { epochMinute } from '@/core/plan/clock'
import { parseDate } from '@/core/plan/dateText'
import { parseClock } from '@/core/reading/clock'
import {
  MONTH_NAMES,
  formatClock,
  formatDate,
  formatMoment,
  formatWindow,
  weekdayName,
  weekdayShort,
} from './clock'

const minuteOfYear = fc.integer({ min: 0, max: 527_039 })
const dayOf = (minute: number) => new Date(Date.UTC(2027, 0, 1) + minute * 60_000).toISOString().slice(0, 10)

describe('clocks', () => {
  test('what is shown is read back as the same minute, on either clock', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 23 }),
        fc.integer({ min: 0, max: 59 }),
        fc.constantFrom('24 h' as const, '12 h' as const),
        (hour, minute, style) => {
          const clock = `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`
          expect(parseClock(formatClock(clock, style))).toEqual({ ok: true, clock })
        },
      ),
    )
  })

  test('the end of a day is midnight on a clock of twelve hours, and is read back as it', () => {
    expect(formatClock('24:00', '12 h')).toBe('midnight')
    expect(formatClock('24:00', '24 h')).toBe('24:00')
    expect(parseClock(formatClock('24:00', '12 h'), true)).toEqual({ ok: true, clock: '24:00' })
  })

  test('a stretch has both its ends', () => {
    expect(formatWindow({ from: '23:00', to: '06:30' }, '12 h')).toBe('11:00 pm–6:30 am')
    expect(formatWindow({ from: '23:00', to: '06:30' }, '24 h')).toBe('23:00–06:30')
  })
})

describe('days and dates', () => {
  test('a date is read back as the same day', () => {
    fc.assert(
      fc.property(minuteOfYear, (minute) => {
        const date = dayOf(minute)
        expect(parseDate(formatDate(date))).toEqual({ ok: true, date })
      }),
    )
  })

  test('the short name of a day begins the long one, and a week has seven', () => {
    const start = epochMinute('2027-02-01T00:00')
    const week = Array.from({ length: 7 }, (_, i) => start + i * 1440)
    expect(week.map(weekdayName)).toEqual([
      'Monday',
      'Tuesday',
      'Wednesday',
      'Thursday',
      'Friday',
      'Saturday',
      'Sunday',
    ])
    for (const day of week) expect(weekdayName(day).startsWith(weekdayShort(day))).toBe(true)
  })

  test('twelve months, each once', () => {
    expect(new Set(MONTH_NAMES).size).toBe(12)
    expect(MONTH_NAMES[1]).toBe('February')
  })
})

describe('moments of an outage', () => {
  test('are rounded to their step, over midnight too', () => {
    expect(formatMoment('2027-02-05T18:00', 1183, 10)).toBe('Saturday 13:40')
    expect(formatMoment('2027-02-05T18:00', 358, 10)).toBe('Saturday 00:00')
    expect(formatMoment('2027-02-05T18:00', 0, 1, '12 h')).toBe('Friday 6:00 pm')
  })

  test.each([Infinity, -Infinity, NaN])('%s is not in sight', (minute) =>
    expect(formatMoment('2027-02-05T18:00', minute, 10)).toBe('not in sight'),
  )

  test('never say anything that is not there', () => {
    fc.assert(
      fc.property(minuteOfYear, fc.constantFrom(1, 5, 10, 30), (minute, step) => {
        expect(formatMoment('2027-02-05T18:00', minute, step)).toMatch(/^[A-Z][a-z]+day \d\d:\d\d$/)
      }),
    )
  })
})
