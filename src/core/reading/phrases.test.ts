import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { readPhrases } from './phrases'
import { tokensOf } from './token'

const facts = (text: string) => readPhrases(text).facts
const left = (text: string) => readPhrases(text).unread.map((piece) => piece.text)

describe('pieces of a text', () => {
  test('nothing but spaces is left out', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 80 }), (text) => {
        const kept = tokensOf(text)
          .map((token) => text.slice(token.from, token.to))
          .join('')
        expect(kept.replace(/\s/g, '')).toBe(text.replace(/\s/g, ''))
      }),
    ))

  test('a minus before its number, a dash between hours, a sign of a product', () => {
    expect(tokensOf('TV -50W')[1]).toMatchObject({ kind: 'quantity', value: -50, isNegative: true })
    expect(tokensOf('Volts -115')).toMatchObject([{ kind: 'quantity', value: -115, isNegative: true }])
    expect(tokensOf('A-0')).toMatchObject([{ kind: 'quantity', isNegative: true, text: 'A-0' }])
    expect(tokensOf('6-8').map(({ kind }) => kind)).toEqual(['number', 'mark', 'number'])
    expect(tokensOf('4x24W').map(({ kind }) => kind)).toEqual(['number', 'word', 'quantity'])
  })

  test('units before their numbers', () => {
    expect(tokensOf('HP: 3/4, V: 115').filter(({ kind }) => kind === 'quantity')).toMatchObject([
      { dimension: 'horsepower', value: 0.75 },
      { dimension: 'voltage', value: 115 },
    ])
    expect(tokensOf('Volts 115 Amps 7.2')).toMatchObject([
      { dimension: 'voltage', value: 115 },
      { dimension: 'current', value: 7.2 },
    ])
  })
})

describe('phrases', () => {
  test.each([
    ['17s every 8min', { minutes: 17 / 60, everyMin: 8 }],
    ['5 min every hour', { minutes: 5, everyMin: 60 }],
    ['20 min an hour', { minutes: 20, everyMin: 60 }],
    ['on 20 min off 40 min', { minutes: 20, everyMin: 60 }],
    ['12 hours per day', { perDayMin: 720 }],
    ['5h/day', { perDayMin: 300 }],
    ['2 h a week', { perWeekMin: 120 }],
    ['8h night', { perDayMin: 480, partOfDay: 'night' }],
    ['twice a day', { times: { n: 2, per: 'day' } }],
    ['3x/day', { times: { n: 3, per: 'day' } }],
    ['once a week', { times: { n: 1, per: 'week' } }],
    ['10 min x 3', { minutes: 10, times: { n: 3, per: 'day' } }],
    ['1/3 on', { dutyFraction: 1 / 3 }],
    ['40% duty', { dutyFraction: 0.4 }],
    ['duty cycle 0.4', { dutyFraction: 0.4 }],
    ['half the time', { dutyFraction: 0.5 }],
    ['a third of the time', { dutyFraction: 1 / 3 }],
    ['24/7', { isAlways: true }],
    ['always on', { isAlways: true }],
    ['50W average', { averageW: 50, watts: null }],
    ['avg. 50 W', { averageW: 50 }],
    ['150 W avg 50 W', { watts: 150, averageW: 50 }],
    ['75W starts 700W', { watts: 75, startW: 700 }],
    ['700 W surge', { startW: 700 }],
    ['LRA 18', { lockedRotorA: 18 }],
    ['0.5 W standby, 60 W on', { idleW: 0.5, watts: 60 }],
    ['at 7, 12 and 18:30', { atMin: [420, 720, 1110] }],
    ['18:00-24:00', { stretches: [{ fromMin: 1080, toMin: 1440 }] }],
    ['6-11pm', { stretches: [{ fromMin: 1080, toMin: 1380 }] }],
    ['from 8 to 20', { stretches: [{ fromMin: 480, toMin: 1200 }] }],
    ['until midnight', { untilMin: 1440 }],
    ['1.2 kWh a day', { energy: { wh: 1200, per: 'day' } }],
    ['0.95 kWh per 24 h', { energy: { wh: 950, per: 'day' } }],
    ['350 kWh/annum', { energy: { wh: 350_000, per: 'year' } }],
    ['charge 500Wh', { chargeWh: 500 }],
    ['60-80 W', { watts: 60, wattsTo: 80 }],
    ['6 x 9 W', { count: 6, watts: 9 }],
    ['10W x 3', { count: 3, watts: 10 }],
    ['8W each 5h/day', { watts: 8, perDayMin: 300, everyMin: null }],
    ['120 V AC 6.5 A 60 Hz', { volts: [120], amps: [6.5] }],
    ['18 cu ft 2005', { year: 2005 }],
  ])('%s', (text, expected) => {
    expect(facts(text)).toMatchObject(expected)
    expect(left(text)).toEqual([])
  })

  test('a second amount of a kind, a sum of money and odd signs are not understood', () => {
    expect(left('lamp 10 W 20 W')).toEqual(['20 W'])
    expect(left('lamp 10 W $5')).toEqual(['$5'])
    expect(left('lamp 10 W >>')).toEqual(['>>'])
  })

  test('words of habit are never part of a name, nor one with a letter wrong', () => {
    expect(readPhrases('lamp sometimes 10 W')).toMatchObject({
      runs: [{ text: 'lamp' }],
      unread: [{ text: 'sometimes' }],
    })
    expect(left('fridge evry 10 min')).toEqual(['evry'])
    expect(readPhrases('tower light').runs[0].text).toBe('tower light')
  })

  const PHRASES = ['lamp', '9 W', '18:00-23:00', 'x 3', '120 V', '0.5 W standby']
  test('any order of whole phrases, spaces and cases reads the same', () =>
    fc.assert(
      fc.property(
        fc.shuffledSubarray(PHRASES, { minLength: PHRASES.length }),
        fc.constantFrom(' ', '  ', ', ', '; '),
        fc.boolean(),
        (order, space, isUpper) => {
          const text = order.join(space)
          const { facts: found, runs, unread } = readPhrases(isUpper ? text.toUpperCase() : text)
          expect(found).toMatchObject({ watts: 9, count: 3, volts: [120], idleW: 0.5 })
          expect(found.stretches).toEqual([{ fromMin: 1080, toMin: 1380 }])
          expect(runs.map(({ words }) => words)).toEqual([['lamp']])
          expect(unread).toEqual([])
        },
      ),
    ))

  test('every piece is told, part of a name, a silent mark, or not understood', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.constantFrom(
            'fridge',
            '150W',
            '§',
            'every',
            '6 min',
            '1/3',
            'on',
            '12:00',
            '-',
            '7',
            'x',
            '%',
            '$9',
            'a day',
          ),
          { minLength: 1, maxLength: 8 },
        ),
        (words) => {
          const text = words.join(' ')
          const { told, runs, unread, tokens } = readPhrases(text)
          const covered = [...told, ...runs, ...unread]
          for (const token of tokens) {
            const isCovered = covered.some(({ from, to }) => from <= token.from && to >= token.to)
            const isSilent =
              (token.kind === 'mark' && token.text !== '§') || (token.kind === 'word' && token.word === 'on')
            const isJoin = token.kind === 'word' && ['a', 'x'].includes(token.word)
            expect([token.text, isCovered || isSilent || isJoin]).toEqual([token.text, true])
          }
        },
      ),
    ))
})
