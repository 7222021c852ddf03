import { describe, expect, test } from '@jest/globals'
import { inWords } from '../../../tests/support/saidTold'
import { arrangement, readBankLine } from './bankLine'

const read = (text: string) => {
  const reading = inWords(readBankLine(text))
  return reading.ok ? reading.line : reading.message
}

describe('batteries in one line', () => {
  test('so many of one kind', () => {
    expect(read('4 × 12 V 100 Ah AGM')).toMatchObject({
      count: 4,
      series: null,
      battery: {
        name: '12 V 100 Ah AGM',
        chemistry: 'agm',
        volts: 12,
        rateH: 20,
        capacityAh: { value: 100 },
      },
    })
    expect(read('2 x 12.8V 200Ah')).toMatchObject({ count: 2, battery: { chemistry: 'lifepo4' } })
    expect(read('6 V 225 Ah deep-cycle')).toMatchObject({ count: 1, battery: { chemistry: 'flooded' } })
  })

  test('arranged by its own words, or for an inverter', () => {
    const line = read('2S2P 12,8 V 200 Ah LiFePO4')
    expect(line).toMatchObject({ series: 2, parallel: 2, count: 4 })
    const { battery } = read('8 × 6 V 225 Ah flooded') as Exclude<ReturnType<typeof read>, string>
    expect(arrangement(battery, 8, 24)).toEqual({ series: 4, parallel: 2 })
    expect(arrangement(battery, 7, 24)).toBeNull()
  })

  test('unequal ones are refused, with what would be right', () => {
    expect(read('2 × 12 V 100 Ah + 2 × 12 V 80 Ah')).toMatch(/Unequal batteries.*equal ones of one age/)
    expect(read('12 V 100 Ah, 6 V 100 Ah')).toMatch(/Unequal/)
  })

  test.each([
    ['12 V 0 Ah', /1 Ah at least/],
    ['12 V 1000000000 Ah', /more than any battery/],
    ['200 V 100 Ah', /1 to 100 V/],
    ['20S1P 12 V 100 Ah', /16 in series/],
    ['900 × 12 V 100 Ah', /more than a bank takes/],
    ['some batteries', /Volts and amp-hours/],
    ['  ', /Write the batteries/],
  ])('%s is refused', (text, message) => expect(read(text)).toMatch(message))
})
