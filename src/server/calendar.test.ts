import { describe, expect, test } from '@jest/globals'
import { equipmentClass, systemOf } from '@/catalog/equipment'
import { generatorOf } from '@/catalog/refill'
import { NO_REFILL } from '@/core/plan/noRefill'
import { UNITS_OF } from '@/core/quantity/units'
import { upkeepOf } from '@/words/upkeep'
import { calendarOf } from './calendar'

const tasks = upkeepOf(
  systemOf(equipmentClass('station-2000')),
  { ...NO_REFILL, generator: generatorOf(2000) },
  3,
  UNITS_OF.metric,
)
const text = calendarOf('Tarn End', 'station-2000', tasks, '2027-01-15')
/** Lines as they are meant: RFC 5545 folds long ones. */
const lines = text.replace(/\r\n[ \t]/g, '').split('\r\n')

describe('the upkeep calendar', () => {
  test('has an event for every task, whole days from the first day on', () => {
    expect(lines[0]).toBe('BEGIN:VCALENDAR')
    expect(lines.filter((line) => line === 'BEGIN:VEVENT')).toHaveLength(4)
    expect(lines.filter((line) => line === 'DTSTART;VALUE=DATE:20270115')).toHaveLength(4)
  })

  test('repeats each by its own months', () => {
    const rules = lines.filter((line) => line.startsWith('RRULE'))
    expect(rules).toEqual([
      'RRULE:FREQ=MONTHLY;INTERVAL=3',
      'RRULE:FREQ=MONTHLY;INTERVAL=1',
      'RRULE:FREQ=MONTHLY;INTERVAL=6',
      'RRULE:FREQ=MONTHLY;INTERVAL=1',
    ])
  })

  test('calls to mind at nine of the day itself, not of the day after: by the start, an all-day event ends at midnight', () => {
    const triggers = lines.filter((line) => line.startsWith('TRIGGER'))
    expect(triggers).toEqual(Array(4).fill('TRIGGER;RELATED=START:PT9H'))
  })

  test('says where the generator stands, and keeps its ids from one download to the next', () => {
    expect(text.replace(/\r\n[ \t]/g, '')).toMatch(/Run the 2 kW inverter generator.*/)
    expect(lines.some((line) => /^DESCRIPTION:.*outdoors\\, 6 m \(20 ft\)/.test(line))).toBe(true)
    expect(lines).toContain('UID:station-2000-top-up-main@yotrope')
    expect(calendarOf('Tarn End', 'station-2000', tasks, '2027-01-15')).toBe(text)
  })

  test('no line is longer than 75 octets', () => {
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75)
  })
})
