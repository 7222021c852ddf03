import { describe, expect, test } from '@jest/globals'
import { inWords } from '../../../tests/support/saidTold'
import { parseClock } from './clock'

describe('times of day', () => {
  test.each([
    ['18:30', '18:30'],
    ['6:30 pm', '18:30'],
    ['6:30 p.m.', '18:30'],
    ['7', '07:00'],
    ['12 am', '00:00'],
    ['0630', '06:30'],
    ['18.15', '18:15'],
    ['18h30', '18:30'],
    ['noon', '12:00'],
    ['midnight', '00:00'],
  ])('%s', (text, clock) => {
    expect(inWords(parseClock(text))).toEqual({ ok: true, clock })
  })

  test.each(['0:00', 'midnight', '24:00'])('%s ends a day as 24:00', (text) => {
    expect(inWords(parseClock(text, true))).toEqual({ ok: true, clock: '24:00' })
  })

  test.each(['25:00', '12:75', '13 pm', 'soon', '24:10', ''])('“%s” is refused', (text) => {
    expect(inWords(parseClock(text))).toMatchObject({
      ok: false,
      message: expect.stringMatching(/not a time of day/),
    })
  })
})
