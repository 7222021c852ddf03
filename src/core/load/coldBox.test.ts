import { describe, expect, test } from '@jest/globals'
import {
  COLD_TYPES,
  adjustedVolumeFt3,
  coldBoxBehaviour,
  coldBoxStartW,
  energyLimitKWh,
  labelAverageW,
} from './coldBox'
import { behaviourSchema } from '../plan/schema'
import { fullLoadAmps, startByBasis, startingVaByLetter } from './start'

describe('energy limits, 10 CFR 430.32(a), worked by hand', () => {
  test.each([
    ['top-freezer', 20, 2005, 9.8 * 20 + 276],
    ['top-freezer', 20, 2016, 8.07 * 20 + 233.7],
    ['side-by-side', 28, 2010, 10.1 * 28 + 406],
    ['bottom-freezer', 25, 2003, 4.6 * 25 + 459],
    ['upright-freezer', 24, 2008, 12.43 * 24 + 326.1],
    ['upright-freezer', 24, 2015, 8.62 * 24 + 228.3],
    ['chest-freezer', 12, 2004, 9.88 * 12 + 143.7],
    ['chest-freezer', 12, 2014, 7.29 * 12 + 107.8],
  ] as const)('%s of %d ft³ made in %d', (type, volume, year, expected) =>
    expect(energyLimitKWh(type, volume, year)).toBeCloseTo(expected, 6),
  )

  test('newer asks less and larger more, of every type but where the rule itself says otherwise', () => {
    for (const type of COLD_TYPES) {
      expect(energyLimitKWh(type, 20, 1995)).toBeGreaterThan(energyLimitKWh(type, 20, 2005))
      expect(labelAverageW(type, 500, 2005)).toBeGreaterThan(labelAverageW(type, 200, 2005))
    }
  })

  test('freezing litres count for more', () => {
    expect(adjustedVolumeFt3('chest-freezer', 283.16847, 2005)).toBeCloseTo(17.3, 2)
    expect(adjustedVolumeFt3('chest-freezer', 283.16847, 2016)).toBeCloseTo(17.6, 2)
    expect(adjustedVolumeFt3('top-freezer', 283.16847, 2005)).toBeLessThan(17.3)
  })

  test('one of 1980 took more than the first limit, one of 1991 that of 1990', () => {
    // by hand: 23.5 · 20 + 471 = 941 kWh
    expect(energyLimitKWh('top-freezer', 20, 1991)).toBeCloseTo(941, 9)
    // what was sold in 1980 took some 1,250 kWh a year (from memory)
    expect(energyLimitKWh('top-freezer', 20, 1980)).toBeGreaterThan(1150)
    expect(energyLimitKWh('top-freezer', 20, 1980)).toBeLessThan(1350)
    expect(energyLimitKWh('top-freezer', 20, 1975)).toBeGreaterThan(energyLimitKWh('top-freezer', 20, 1985))
  })
})

test('every type makes a valid behaviour; an inverter has no start', () => {
  for (const type of COLD_TYPES)
    for (const isInverter of [false, true]) {
      const behaviour = coldBoxBehaviour({ type, isInverter })
      expect(behaviourSchema.safeParse(behaviour).error?.issues ?? []).toEqual([])
      expect(coldBoxStartW({ type, isInverter }) === null).toBe(isInverter)
    }
})

test('better known when volume and year are', () => {
  const spread = (litres?: number) =>
    coldBoxBehaviour({ type: 'top-freezer', litres, year: 2012 }).averageW.spread
  expect(spread(480)).toEqual({ times: 1.3 })
  expect(spread()).toEqual({ times: 1.45 })
})

describe('motor tables', () => {
  test.each([
    [1 / 3, 115, 7.2],
    [0.5, 115, 9.8],
    [0.75, 230, 6.9],
    [1, 230, 8],
    [1.5, 115, 20],
    [2, 230, 12],
  ])('%d hp at %d V: %d A (NEC Table 430.248)', (hp, volts, amps) =>
    expect(fullLoadAmps(hp, volts)).toBeCloseTo(amps, 1),
  )
  test('code letters give the top of their range (NEC Table 430.7(B))', () => {
    expect(startingVaByLetter(1, 'A')).toBe(3150)
    expect(startingVaByLetter(0.5, 'G')).toBe(3150)
    expect(startingVaByLetter(2, 'K')).toBe(18000)
    expect(() => startingVaByLetter(1, 'I')).toThrow(RangeError)
  })
  test('a start’s basis computes its volt-amps', () => {
    expect(startByBasis({ kind: 'full-load amps', amps: 8, times: 6 }, 230)).toBe(11040)
    expect(startByBasis(undefined, 120)).toBeNull()
  })
})
