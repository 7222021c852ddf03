import { describe, expect, test } from '@jest/globals'
import { type MeasureKind, parseClock, parseMeasure } from './measure'

const value = (text: string, kind: MeasureKind, volts?: number) => {
  const parsed = parseMeasure(text, kind, volts)
  return parsed.ok ? parsed.value : parsed.message
}

describe('what people write is understood', () => {
  test.each([
    ['150', 'power', 150],
    ['1.2k', 'power', 1200],
    ['1,200 W', 'power', 1200],
    ['1,5 kW', 'power', 1500],
    ['3/4 hp', 'power', 559.275],
    ['2 kWh', 'energy', 2000],
    ['90 min', 'hours', 1.5],
    ['3 days', 'hours', 72],
    ['17 s', 'minutes', 17 / 60],
    ['300 ms', 'seconds', 0.3],
    ['0.85', 'fraction', 0.85],
    ['85 %', 'fraction', 0.85],
    ['21 °F', 'temperature', -6.1111],
    ['−16', 'temperature', -16],
    ['53 lb', 'weight', 24.0404],
  ] as [string, MeasureKind, number][])('%s as %s is %d', (text, kind, expected) => {
    expect(value(text, kind)).toBeCloseTo(expected, 3)
  })

  test('amps are volt-amps at the load’s voltage', () => {
    expect(value('6.5 A', 'power', 120)).toBeCloseTo(780, 9)
    expect(value('6.5 A', 'power')).toMatch(/Amps need a voltage/)
  })

  test('what was understood is said with its unit', () => {
    expect(parseMeasure('1.2k', 'power')).toEqual({ ok: true, value: 1200, understood: '1,200 W' })
  })
})

describe('nonsense is refused with what would be right', () => {
  test.each([
    ['', 'power', /Nothing is written here\. Write watts, such as/],
    ['fridge', 'power', /not a number/],
    ['-5', 'power', /below zero/],
    ['9e9', 'power', /not a unit/],
    ['900000', 'power', /more than this can be \(50,000 W at most\)/],
    ['1/0 hp', 'power', /not a number/],
    ['40 Wh', 'power', /that is energy; running watts are wanted/],
    ['2 watts per hour', 'power', /leave out “per hour”/],
    ['600 VA', 'power', /VA counts more/],
    ['1000 W', 'energy', /that is power; how much is stored/],
    ['100 Ah', 'energy', /multiply volts by amp-hours/],
    ['15 days', 'hours', /336 h at most/],
    ['140', 'fraction', /more than this can be/],
    ['7'.repeat(50), 'power', /too long/],
  ] as [string, MeasureKind, RegExp][])('%s as %s', (text, kind, message) => {
    expect(value(text, kind)).toMatch(message)
  })
})

describe('times of day', () => {
  test.each([
    ['18:30', '18:30'],
    ['6:30 pm', '18:30'],
    ['7', '07:00'],
    ['12 am', '00:00'],
    ['0630', '06:30'],
    ['18.15', '18:15'],
  ])('%s', (text, clock) => {
    expect(parseClock(text)).toEqual({ ok: true, clock })
  })

  test('midnight ends a day as 24:00', () => {
    expect(parseClock('0:00', true)).toEqual({ ok: true, clock: '24:00' })
  })

  test.each(['25:00', '12:75', '13 pm', 'noon', ''])('“%s” is refused', (text) => {
    expect(parseClock(text)).toMatchObject({ ok: false, message: expect.stringMatching(/not a time of day/) })
  })
})
