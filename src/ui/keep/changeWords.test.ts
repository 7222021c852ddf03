import { expect, test } from '@jest/globals'
import type { HouseholdChanges } from '@/core/plan/householdChanges'
import { changeWords } from './changeWords'

const NONE: HouseholdChanges = { lists: [], profile: false, refill: false, wiring: false, settings: false }

test('a line for each list and what happened to it, with a few of the names', () => {
  const changes: HouseholdChanges = {
    ...NONE,
    lists: [
      { list: 'loads', added: ['Kettle'], removed: [], changed: ['a', 'b', 'c', 'd', 'e', 'f'] },
      { list: 'powerSystems', added: [], removed: ['2 kWh station', 'Bank'], changed: [] },
    ],
    refill: true,
  }
  expect(changeWords(changes)).toEqual([
    '1 load added: Kettle',
    '6 loads changed: a, b, c, d and 2 more',
    '2 power systems removed: 2 kWh station, Bank',
    'panels, generator or car',
  ])
})

test('nothing is said to be so', () => {
  expect(changeWords(NONE)).toEqual(['nothing'])
})
