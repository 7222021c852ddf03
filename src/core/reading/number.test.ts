import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { numberAt, onlyNumber } from './number'

describe('numbers as people write them', () => {
  test.each([
    ['1,200', 1200],
    ['1 400 W', 1400],
    ['12’500', 12_500],
    ['1.2', 1.2],
    ['0,5', 0.5],
    ['1.234,5', 1234.5],
    ['1,234.5', 1234.5],
    ['1.234.567', 1_234_567],
    ['.5', 0.5],
    ['3/4', 0.75],
    ['1 1/2', 1.5],
    ['1-1/2', 1.5],
    ['½', 0.5],
    ['2½', 2.5],
  ])('%s is %d', (text, value) => expect(numberAt(text, 0)?.value).toBeCloseTo(value, 9))

  test('a point before three digits may part thousands; after a nought it does not', () => {
    expect(numberAt('1.500', 0)).toMatchObject({ value: 1.5, other: 1500 })
    expect(numberAt('0.500', 0)).toMatchObject({ value: 0.5, other: null })
    expect(numberAt('1,500', 0)).toMatchObject({ value: 1500, other: null })
  })

  test('a stroke parts two numbers where it cannot divide', () => {
    expect(numberAt('115/230V', 0)).toMatchObject({ pair: [115, 230], isShare: false })
    expect(numberAt('9.8/4.9A', 0)).toMatchObject({ pair: [9.8, 4.9], value: 9.8 })
    expect(numberAt('1/3', 0)).toMatchObject({ isShare: true })
  })

  test('two numbers in a row are not one where a unit of small numbers follows', () =>
    expect(numberAt('7 230 V', 0)).toMatchObject({ value: 7, to: 1 }))

  test.each(['', 'W', 'x4', '1.2.3', ','])('“%s” begins with none', (text) =>
    expect(numberAt(text, 0)).toBeNull(),
  )

  test('a whole text as one number, or none', () => {
    expect(onlyNumber(' −16 ')).toBe(-16)
    expect(onlyNumber('1.500')).toBeNull()
    expect(onlyNumber('115/230')).toBeNull()
    expect(onlyNumber('12 W')).toBeNull()
  })

  test('English and continental writing of any number are read back', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 9_999_999 }), fc.integer({ min: 0, max: 99 }), (whole, cents) => {
        const part = String(cents).padStart(2, '0')
        const english = `${whole.toLocaleString('en-US')}.${part}`
        const continental = `${whole.toLocaleString('de-DE')},${part}`
        const value = whole + cents / 100
        expect(onlyNumber(english)).toBeCloseTo(value, 6)
        expect(onlyNumber(continental)).toBeCloseTo(value, 6)
      }),
    ))
})
