import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { inWords } from '../../../tests/support/saidTold'
import { parseDate } from './dateText'
import { formatDate } from '@/words/clock'

describe('dates as people write them', () => {
  test.each([
    ['2027-02-07', '2027-02-07'],
    ['2027-2-7', '2027-02-07'],
    ['7 Feb 2027', '2027-02-07'],
    ['Sunday 7 February 2027', '2027-02-07'],
    ['7. Feb. 2027', '2027-02-07'],
    ['February 7, 2027', '2027-02-07'],
    ['feb 7th 2027', '2027-02-07'],
    ['7.2.2027', '2027-02-07'],
    ['2/17/2027', '2027-02-17'],
    ['17/2/2027', '2027-02-17'],
    ['3/3/2027', '2027-03-03'],
    ['29 Feb 2028', '2028-02-29'],
  ])('%s', (text, date) => expect(inWords(parseDate(text))).toEqual({ ok: true, date }))

  test.each([
    '',
    '31 Feb 2027',
    '2027-13-01',
    '29 Feb 2027',
    '7 Foo 2027',
    'soon',
    '1999-12-31',
    '2100-01-01',
    '0 Jan 2027',
  ])('%s is refused with what would be right', (text) =>
    expect(inWords(parseDate(text))).toMatchObject({
      ok: false,
      message: expect.stringMatching(/7 Feb 2027/),
    }),
  )

  test('two numbers that may both be the month are asked', () =>
    expect(inWords(parseDate('2/7/2027'))).toEqual({
      ok: false,
      message: '“2/7/2027” is 7 Feb 2027 for some and 2 Jul 2027 for others. Write the month as a word.',
    }))

  test('what is shown is read as the same day', () => {
    const day = fc.date({ min: new Date('2000-01-01'), max: new Date('2099-12-31'), noInvalidDate: true })
    fc.assert(
      fc.property(day, (one) => {
        const date = one.toISOString().slice(0, 10)
        expect(inWords(parseDate(formatDate(date)))).toEqual({ ok: true, date })
      }),
    )
  })
})
