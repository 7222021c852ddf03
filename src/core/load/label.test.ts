import { describe, expect, test } from '@jest/globals'
import { type LabelResult, type PlateKind, readLabel } from './label'
import type { LabelQuestion } from './labelGuards'

const read = (text: string, kind: PlateKind = 'electronics', volts = 120): LabelResult => {
  const reading = readLabel(text, kind, volts)
  if (reading.kind !== 'read') throw new Error(JSON.stringify(reading))
  return reading.result
}
const asked = (text: string): LabelQuestion => {
  const reading = readLabel(text, 'motor', 120)
  if (reading.kind !== 'question') throw new Error(JSON.stringify(reading))
  return reading.question
}

describe('what a plate says', () => {
  test('volts and amps are volt-amps; a motor draws three quarters of them', () => {
    const result = read('120 V 6.5 A', 'motor')
    expect(result.limitW?.value).toBe(780)
    expect(result.runningW?.value).toBe(585)
    expect(result.steps.map(({ label }) => label)).toEqual(['Volt-amps', 'Most it may draw', 'Running'])
  })

  test('the higher of V × A and W is the limit, and a cold box adds its defrost', () => {
    const result = read('355 W 120 V 3 A', 'cold box')
    expect(result.limitW?.value).toBe(360 + 75)
    expect(result.runningW?.value).toBe(355)
  })

  test('horsepower gives full-load amps and a start, by letter where there is one', () => {
    const plain = read('1/3 hp', 'motor')
    expect(plain.runningW?.value).toBeCloseTo(7.2 * 115 * 0.75, 0)
    expect(plain.startVa).toBe(Math.round(7.2 * 115 * 6))
    expect(read('1/2 hp code K', 'motor').startVa).toBe(4500)
  })

  test('kWh a year become an average, Wh a cycle stay what they are', () => {
    expect(read('412 kWh/year', 'cold box').averageW?.value).toBe(47)
    expect(read('1.1 kWh per cycle').whCycle?.value).toBe(1100)
  })

  test('ranges, thousands, milliamps and power factors are read', () => {
    expect(read('100-240V 500mA').limitW?.value).toBe(120)
    expect(read('1,250 W').limitW?.value).toBe(1250)
    expect(read('600 VA pf 0.6').runningW?.value).toBe(360)
  })

  test.each([
    ['pf 1.4 600 VA', /between 0 and 1/],
    ['900 V 2 A', /not a voltage/],
    ['120 V 400 A', /main fuse/],
    ['99 kW', /more than a household/],
    ['1 hp code O', /no code letter O/],
    ['quite strong', /with its units/],
  ])('%s is refused with what would be right', (text, message) => {
    const reading = readLabel(text, 'motor', 120)
    expect(reading).toMatchObject({ kind: 'refused' })
    expect(reading.kind === 'refused' && reading.message).toMatch(message)
  })
})

describe('the usual confusions are asked about, with what was probably meant', () => {
  test.each([
    ['2 watts per hour', 'watts per hour', '2 W'],
    ['150 Wh', 'watt-hours for watts', '150 W'],
    ['450 kWh/day', 'year for day', '450 kWh/year'],
    ['450 kWh', 'energy without a time', '450 kWh/year'],
    ['UPS 900 W', 'UPS watts', 'UPS 10 W'],
    ['6.5 A 12 V', 'battery amps', '6.5 A 120 V'],
    ['80,000 BTU/h', 'BTU', '550 W'],
    ['12000 BTU', 'BTU', '1200 W'],
    ['600 VA', 'volt-amps', '600 VA pf 0.75'],
  ])('%s: %s, meaning %s', (text, id, meant) => {
    const question = asked(text)
    expect(question.id).toBe(id)
    expect(question.meant[0].text).toBe(meant)
  })

  test('what is meant, once accepted, is read without another question', () => {
    for (const text of ['2 W/h', '150 Wh', '450 kWh/day', 'UPS 900 W', '6.5 A 12 V', '80 kBTU', '600 VA'])
      for (const { text: meant } of asked(text).meant)
        expect(readLabel(meant, 'motor', 120).kind).toBe('read')
  })

  test('7 A at 120 V are told as about 80 A from a 12 V battery', () => {
    expect(asked('7 A 12 V').message).toMatch(/840 VA, about 80 A/)
  })
})
