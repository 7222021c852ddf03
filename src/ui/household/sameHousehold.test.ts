import { expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { demoHousehold } from '@/catalog/demoHousehold'
import { sameHousehold } from './sameHousehold'

test('the order of fields and what is undefined make no difference', () => {
  const household = demoHousehold()
  const { loads, ...rest } = household
  expect(sameHousehold(household, { loads, ...rest, equipment: undefined })).toBe(true)
  expect(sameHousehold(household, JSON.parse(JSON.stringify(household)))).toBe(true)
})

test('one changed figure, one load more, another order of loads do', () => {
  const household = demoHousehold()
  const other = demoHousehold()
  other.loads[0].name += '!'
  expect(sameHousehold(household, other)).toBe(false)
  expect(sameHousehold(household, { ...household, loads: household.loads.slice(1) })).toBe(false)
  expect(sameHousehold(household, { ...household, loads: [...household.loads].reverse() })).toBe(false)
  expect(sameHousehold({ a: [] }, { a: {} })).toBe(false)
  expect(sameHousehold({ a: null }, {})).toBe(false)
})

test('anything is the same as its copy, and two things are the same both ways or neither', () => {
  fc.assert(
    fc.property(fc.jsonValue(), fc.jsonValue(), (a, b) => {
      expect(sameHousehold(a, structuredClone(a))).toBe(true)
      expect(sameHousehold(a, b)).toBe(sameHousehold(b, a))
    }),
  )
})
