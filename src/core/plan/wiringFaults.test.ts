import { describe, expect, test } from '@jest/globals'
import { inWords } from '../../../tests/support/saidTold'
import { demoHousehold } from '@/catalog/demoHousehold'
import { readHousehold } from './household'
import type { Cord, Wiring } from './wiring'

const cord = (id: string, more: Partial<Cord> = {}): Cord => ({
  id,
  name: id,
  areaMm2: 1.5,
  lengthM: 5,
  ...more,
})
const faultsOf = (wiring: unknown) => {
  const reading = inWords(readHousehold({ ...demoHousehold(), wiring: wiring as Wiring }))
  return reading.ok ? [] : reading.faults.map(({ path, message }) => `${path}: ${message}`)
}

describe('how a household is wired', () => {
  test('may be missing, or say nothing', () => {
    expect(faultsOf(undefined)).toEqual([])
    expect(faultsOf({})).toEqual([])
    expect(faultsOf({ cords: [cord('a'), cord('b', { fromCordId: 'a' })] })).toEqual([])
  })
  test.each([
    [
      'a cord in a circle',
      { cords: [cord('a', { fromCordId: 'b' }), cord('b', { fromCordId: 'a' })] },
      /plugged into itself/,
    ],
    ['a cord into nowhere', { cords: [cord('a', { fromCordId: 'z' })] }, /fromCordId: names no cord/],
    ['a load on a cord nobody has', { loads: [{ loadId: 'boiler', cordId: 'z' }] }, /cordId: names no cord/],
    ['one cord twice', { cords: [cord('a'), cord('a')] }, /“a” is there twice/],
    ['one load twice', { loads: [{ loadId: 'boiler' }, { loadId: 'boiler' }] }, /“boiler” is there twice/],
    ['a length below nought', { cords: [cord('a', { lengthM: -1 })] }, /lengthM: must be at least/],
    ['a cord of 2 km', { cords: [cord('a', { lengthM: 2000 })] }, /lengthM: must be at most 150/],
    ['a wire as thick as an arm', { cords: [cord('a', { areaMm2: 4000 })] }, /areaMm2: must be at most/],
    ['a route nobody knows', { cords: [{ ...cord('a'), route: 'through the pond' }] }, /route: must be/],
    ['a field nobody knows', { house: { dog: true } }, /wiring.house.dog: no such field/],
  ])('%s is refused', (_, wiring, message) => {
    expect(faultsOf(wiring).join('\n')).toMatch(message)
  })
})
