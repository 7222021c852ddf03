import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { inWords } from '../../../tests/support/saidTold'
import { bankOf } from '@/catalog/equipment'
import { bankFaults } from '../plan/bankFaults'
import { pathDetail } from '../conversion/loss'
import { lifeCycles } from '../sizing/money'
import { cyclesAt, cyclesStatedAt } from './cycleLife'

describe('cycles against depth', () => {
  test('as stated at the stated depth; by hand elsewhere', () => {
    expect(cyclesAt('agm', 500, 0.5)).toBe(500)
    expect(cyclesAt('agm', 500, 0.8)).toBeCloseTo(500 * 0.625 ** 1.35, 9)
    expect(cyclesAt('lifepo4', 3500, 1)).toBeCloseTo(3500 * 0.8 ** 1.5, 9)
  })

  test('deeper never lasts longer, of any chemistry', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('agm', 'flooded', 'lifepo4' as const),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (chemistry, a, b) => {
          const [shallow, deep] = a < b ? [a, b] : [b, a]
          const at = (depth: number) => cyclesAt(chemistry as 'agm', 1000, depth)
          expect(at(deep)).toBeLessThanOrEqual(at(shallow))
        },
      ),
    )
  })

  test('a bank’s life follows the depth its owner chose', () => {
    const bank = bankOf('agm-12-110', 2, 2, 'inverter-1500-24', 'bank')
    const deeper = { ...bank, reserveFraction: { ...bank.reserveFraction, value: 0.2 } }
    expect(lifeCycles(bank)).toBe(bank.bank!.battery.cycles)
    expect(lifeCycles(deeper)).toBeLessThan(0.6 * lifeCycles(bank))
    expect(cyclesStatedAt('lifepo4')).toBe(0.8)
  })
})

describe('a battery’s own cut-off', () => {
  const bank = bankOf('lfp-12-100', 2, 1, 'inverter-1500-24', 'bank')
  const withOwn = (ownCutOffV: number, inverter = bank.bank!.inverter) => ({
    ...bank,
    bank: { ...bank.bank!, inverter, battery: { ...bank.bank!.battery, ownCutOffV } },
  })

  test('the higher of the two acts; without an inverter its own alone', () => {
    expect(pathDetail(bank)!.cutOffV).toBe(21)
    expect(pathDetail(withOwn(10))!.cutOffV).toBe(21)
    expect(pathDetail(withOwn(11))!.cutOffV).toBe(22)
    expect(pathDetail(withOwn(10, null))!.cutOffV).toBe(20)
  })

  test('above a full battery it is refused, with what would be right', () => {
    expect(inWords(bankFaults(withOwn(14).bank, 'bank'))[0]).toMatchObject({
      path: 'bank.battery.ownCutOffV',
      message: expect.stringMatching(/off at 14 V.*full.*13.5 V.*about 10 V/),
    })
    expect(inWords(bankFaults(withOwn(10).bank, 'bank'))).toEqual([])
  })
})
