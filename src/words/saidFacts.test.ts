import { describe, expect, test } from '@jest/globals'
import { equipmentBase } from '@/catalog/equipmentBase'
import { told } from '@/core/quantity/told'
import { equipmentOfRows } from '@/core/storage/equipmentRows'
import { inWords, said } from '../../tests/support/saidTold'
import { candidateName } from './candidateName'
import { eitherOf, listed } from './listed'

describe('what would open a shut gate', () => {
  const bought = (expansions: number, price: number) =>
    said(told('opener.bought', { name: '2 kWh station', expansions, price, currency: 'USD' }))

  test('names what is bought, its expansions and its price', () => {
    expect(bought(0, 1500)).toBe('2 kWh station, 1,500 USD')
    expect(bought(1, 1500)).toBe('2 kWh station with one expansion, 1,500 USD')
    expect(bought(3, 0)).toBe('2 kWh station with 3 expansions, which is there already')
  })

  test.each<[string[] | null, string[] | null, string]>([
    [['Router'], null, 'feed Router with 12 V direct current'],
    [null, ['Kettle', 'Well pump'], 'leave Kettle and Well pump off'],
    [['Router'], ['Kettle'], 'feed Router with 12 V direct current and leave Kettle off'],
  ])('direct current for %j, without %j', (forDc, others, words) =>
    expect(said(told('opener.otherFeed', { forDc, others }))).toBe(words),
  )
})

test('a find is called by its name and its expansions', () => {
  const named = (expansions: number) => candidateName({ name: '2 kWh station', expansions })
  expect([0, 1, 2].map(named)).toEqual([
    '2 kWh station',
    '2 kWh station with one expansion',
    '2 kWh station with 2 expansions',
  ])
})

test('names in a row, and what may be chosen', () => {
  expect([[], ['a'], ['a', 'b'], ['a', 'b', 'c']].map(listed)).toEqual(['', 'a', 'a and b', 'a, b and c'])
  expect([[], ['a'], ['a', 'b'], ['a', 'b', 'c']].map(eitherOf)).toEqual(['', 'a', 'a or b', 'a, b or c'])
})

test('a wrong cell of equipment is told in the file’s own figures, without commas', () => {
  const { refused } = inWords(
    equipmentOfRows(
      [{ name: 'x', capacity_wh: '9999999', continuous_w: '100', volts: '120' }],
      equipmentBase(),
    ),
  )
  expect(refused).toHaveLength(1)
  expect(refused[0].message).toMatch(/^capacity_wh is “9999999”; a number from \d+ to \d+ would be right/)
})
