import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { inWords } from '../../../tests/support/saidTold'
import { type MeasureKind, type MeasureSurroundings, parseMeasure } from './measure'

const value = (text: string, kind: MeasureKind, around?: MeasureSurroundings) => {
  const parsed = inWords(parseMeasure(text, kind, around))
  return parsed.ok ? parsed.value : parsed.message
}

describe('what people write is understood', () => {
  test.each([
    ['150', 'power', 150],
    ['1.2k', 'power', 1200],
    ['1,200 W', 'power', 1200],
    ['1 400 W', 'power', 1400],
    ['1,5 kW', 'power', 1500],
    ['0,05 kW', 'power', 50],
    ['1.500 kW', 'power', 1500],
    ['6 x 9 W', 'power', 54],
    ['3 × 60', 'power', 180],
    ['3/4 hp', 'power', 1190],
    ['1 1/2 hp', 'power', 1725],
    ['120 V 6.5 A', 'power', 780],
    ['5V 2A', 'power', 10],
    ['2 kWh', 'energy', 2000],
    ['2.048 kWh', 'energy', 2048],
    ['12.8 V × 100 Ah', 'energy', 1280],
    ['90 min', 'hours', 1.5],
    ['2 hours', 'hours', 2],
    ['1 h 30', 'hours', 1.5],
    ['1:30', 'hours', 1.5],
    ['3 days', 'hours', 72],
    ['1 day 6 h', 'hours', 30],
    ['17 s', 'minutes', 17 / 60],
    ['60 min', 'minutes', 60],
    ['12 min', 'minutes', 12],
    ['1h30m', 'minutes', 90],
    ['300 ms', 'seconds', 0.3],
    ['0.85', 'fraction', 0.85],
    ['85 %', 'fraction', 0.85],
    ['15', 'fraction', 0.15],
    ['1/3', 'fraction', 1 / 3],
    ['21 °F', 'temperature', -6.1111],
    ['60F', 'temperature', 15.5556],
    ['−16', 'temperature', -16],
    ['20 °C', 'temperature', 20],
    ['53 lb', 'weight', 24.0404],
    ['34 N', 'latitude', 34],
    ['33° 30′ S', 'latitude', -33.5],
    ['118 W', 'longitude', -118],
    ['12.5 E', 'longitude', 12.5],
    ['130 gal per day', 'inflow', 20.504],
    ['$1,500', 'money', 1500],
  ] as [string, MeasureKind, number][])('%s as %s is %d', (text, kind, expected) => {
    expect(value(text, kind)).toBeCloseTo(expected, 3)
  })

  test('amps are volt-amps at the load’s voltage', () => {
    expect(value('6.5 A', 'power', { volts: 120 })).toBeCloseTo(780, 9)
    expect(value('6.5 A', 'power')).toMatch(/amps need a voltage/)
  })

  test('what was understood is said with its unit', () => {
    expect(inWords(parseMeasure('1.2k', 'power'))).toEqual({ ok: true, value: 1200, understood: '1,200 W' })
  })
})

describe('nonsense is refused with what would be right', () => {
  test.each([
    ['', 'power', /Nothing is written here\. Write watts, such as/],
    ['fridge', 'power', /not a number/],
    ['-5', 'power', /below zero/],
    ['9e9', 'power', /more than this can be/],
    ['900000', 'power', /more than this can be \(50,000 W at most\)/],
    ['1/0 hp', 'power', /not a number/],
    ['40 Wh', 'power', /that is energy; running watts are wanted/],
    ['412 kWh/year', 'power', /1 kWh a year 0\.1 W/],
    ['2 watts per hour', 'power', /leave out “per hour”/],
    ['2 W/h', 'power', /leave out “per hour”/],
    ['600 VA', 'power', /VA counts more/],
    ['10,000 BTU/h', 'power', /heat moved or burnt/],
    ['1000 W', 'energy', /that is power; how much is stored/],
    ['100 Ah', 'energy', /multiply volts by amp-hours/],
    ['15 days', 'hours', /336 h at most/],
    ['1000 h', 'hours', /336 h at most/],
    ['140', 'fraction', /more than this can be/],
    ['150 %', 'fraction', /100 % at most/],
    ['34 W', 'latitude', /north or south/],
    ['118 N', 'longitude', /east or west/],
    ['500 W battery backup', 'power', /“W battery backup” is not a unit/],
    ['7'.repeat(70), 'power', /too long/],
  ] as [string, MeasureKind, RegExp][])('%s as %s', (text, kind, message) => {
    expect(value(text, kind)).toMatch(message)
  })

  test('what can be read in two ways is asked, unless only one of them can be', () => {
    expect(value('1.500 W', 'power')).toMatch(/two ways\. Write 1\.5 or 1500/)
    expect(value('1', 'fraction')).toMatch(/1 % or 100 %/)
    expect(value('45.400', 'voltage')).toBe(45.4)
  })

  test('amps beside a battery’s volts are asked where the mains are known', () => {
    expect(value('7 A 12 V', 'power', { volts: 120 })).toMatch(/at 120 V are 840 W, at 12 V 84 W/)
    expect(value('7 A 12 V', 'power', { volts: 12 })).toBe(84)
  })

  test('the bounds of the very field count, and whole numbers where no parts can be', () => {
    expect(value('40', 'count', { low: 1, high: 30, isWhole: true })).toMatch(/30 at most/)
    expect(value('2.5', 'count', { low: 1, high: 30, isWhole: true })).toMatch(/not a whole number/)
    expect(value('20', 'fraction', { low: 0.3, high: 1 })).toMatch(/too little to be meant; from 30 to 100 %/)
  })
})

test('any value written with its unit, in any of the usual ways, reads the same', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 49_999 }), fc.integer({ min: 0, max: 9 }), (whole, tenth) => {
      const watts = whole + tenth / 10
      const grouped = whole.toLocaleString('en-US')
      for (const text of [
        `${whole}.${tenth}`,
        `${whole},${tenth} W`,
        `${grouped}.${tenth} w`,
        `${grouped.replace(/,/g, ' ')},${tenth} watts`,
        ` ${whole}.${tenth}W `,
        `${watts / 1000} kW`,
      ])
        if (!/^\d{1,3}\.\d{3} /.test(text)) expect(value(text, 'power')).toBeCloseTo(watts, 6)
    }),
  )
})

test('a bare number of watt-hours that no battery holds is asked about, one with its unit is not', () => {
  const read = (text: string) => parseMeasure(text, 'energy', { low: 1, high: 1e6, asksUnitBelow: 30 })
  for (const text of ['1', ' 2.4 ', '29'])
    expect(read(text)).toMatchObject({ ok: false, message: { what: 'field.whichEnergy' } })
  expect(read('1 kWh')).toMatchObject({ ok: true, value: 1000 })
  expect(read('20 Wh')).toMatchObject({ ok: true, value: 20 })
  expect(read('30')).toMatchObject({ ok: true, value: 30 })
  expect(parseMeasure('1', 'energy')).toMatchObject({ ok: true, value: 1 })
})

test('weeks, and numbers as calculators write them', () => {
  const read = (text: string, kind: MeasureKind) => inWords(parseMeasure(text, kind))
  expect(read('1 week', 'hours')).toMatchObject({ ok: true, value: 168 })
  expect(read('3 weeks', 'hours')).toMatchObject({ ok: false, message: expect.stringContaining('336') })
  expect(read('1e3', 'power')).toMatchObject({ ok: true, value: 1000 })
  expect(read('1.2e3 W', 'power')).toMatchObject({ ok: true, value: 1200 })
  expect(read('1e9', 'power')).toMatchObject({ ok: false, message: expect.stringMatching(/50,?000 W/) })
  expect(read('e9', 'power')).toMatchObject({ ok: false, message: expect.stringContaining('not a number') })
})
