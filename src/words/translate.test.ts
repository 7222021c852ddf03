import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { sayFrom } from './translate'

const say = sayFrom({ number: '{value, number}', times: '{value, plural, one {once} other {# times}}' })
const inEnglish = new Intl.NumberFormat('en')

test('numbers are written as the language writes them, small ones too', () => {
  expect([0, 7, 999, 1000, 12345.6, -1500].map((value) => say('number', { value }))).toEqual([
    '0',
    '7',
    '999',
    '1,000',
    '12,345.6',
    '-1,500',
  ])
  fc.assert(
    fc.property(fc.oneof(fc.integer({ min: -2000, max: 2000 }), fc.double({ noNaN: true })), (value) =>
      expect(say('number', { value })).toBe(inEnglish.format(value + 0)),
    ),
  )
})

test('how often: small and large', () => {
  expect([1, 2, 999, 1200].map((value) => say('times', { value }))).toEqual([
    'once',
    '2 times',
    '999 times',
    '1,200 times',
  ])
})
