import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { BATTERIES } from '@/catalog/batteries'
import { bankOf } from '@/catalog/equipment'
import { INVERTERS } from '@/catalog/inverters'
import { loadOf, constant, planWith } from '../../../tests/support/samplePlan'
import { readPlan } from '../plan/document'
import { sourceSchema } from '../plan/power'
import { quantity } from '../quantity/quantity'
import { bankAh, bankVolts, bankWh, chemistryOf, refillHours, sourceOfBank } from './bank'
import { coldCapacity } from './coldCapacity'
import { piecesOf, totalWeightKg } from './expansion'

const someBank = fc
  .record({
    battery: fc.constantFrom(...BATTERIES.map(({ battery }) => battery)),
    inverter: fc.option(fc.constantFrom(...INVERTERS.map(({ inverter }) => inverter))),
    series: fc.integer({ min: 1, max: 8 }),
    parallel: fc.integer({ min: 1, max: 8 }),
    chargerA: fc.option(fc.integer({ min: 1, max: 100 })),
    aged: fc.double({ min: 0, max: 0.8, noNaN: true }),
  })
  .map(({ battery, aged, ...rest }) => ({
    ...rest,
    battery: { ...battery, agedFraction: aged },
    halfUsedSchool: 'at 12.05 V' as const,
  }))
const base = bankOf('lfp-12-100', 1, 1, 'inverter-1000-12', 'bank')

describe('a source follows from the bank it is built of', () => {
  test('whatever the bank, its figures are the parts’, and the source is valid', () => {
    fc.assert(
      fc.property(someBank, (bank) => {
        const source = sourceOfBank(base, bank)
        expect(sourceSchema.safeParse(source).error?.issues ?? []).toEqual([])
        expect(source.capacityWh.value).toBeCloseTo(bankVolts(bank) * bankAh(bank), 0)
        expect(source.continuousW.value).toBe(bank.inverter?.continuousW.value ?? source.continuousW.value)
        expect(source.noLoadW.value).toBe(bank.inverter?.noLoadW.value ?? 0)
        expect(source.price).toBeCloseTo(
          bank.battery.price! * bank.series * bank.parallel + (bank.inverter?.price ?? 0),
          6,
        )
        expect(piecesOf(source)).toBe(bank.series * bank.parallel + (bank.inverter ? 1 : 0))
        expect(totalWeightKg(source)!).toBeGreaterThanOrEqual(source.weightKg!)
        expect(chemistryOf(source)).toBe(bank.battery.chemistry)
        if (!bank.inverter) expect(source.volts).toEqual([12])
      }),
    )
  })

  test('what the owner decides stays', () => {
    const decided = {
      ...base,
      reserveFraction: quantity(0.3, '1', 'label', { plusMinus: 0 }),
      chargedFraction: 0.7,
      where: 'unheated' as const,
    }
    const next = sourceOfBank(decided, { ...base.bank!, parallel: 3 })
    expect(next).toMatchObject({ chargedFraction: 0.7, where: 'unheated', reserveFraction: { value: 0.3 } })
    expect(next.capacityWh.value).toBe(3 * base.capacityWh.value)
  })

  test('a price or a weight that one part does not tell is not made up', () => {
    const unknown = { ...base.bank!, battery: { ...base.bank!.battery, price: null, weightKg: null } }
    const source = sourceOfBank(base, unknown)
    expect(source.price).toBeNull()
    expect(totalWeightKg(source)).toBeNull()
  })

  test('age takes watt-hours, more of it more', () => {
    fc.assert(
      fc.property(someBank, fc.double({ min: 0, max: 0.1, noNaN: true }), (bank, more) => {
        const older = {
          ...bank,
          battery: { ...bank.battery, agedFraction: bank.battery.agedFraction + more },
        }
        expect(bankWh(older)).toBeLessThanOrEqual(bankWh(bank))
      }),
    )
  })

  test('a larger charger is never slower, a deeper use never quicker', () => {
    fc.assert(
      fc.property(
        someBank,
        fc.double({ min: 0.05, max: 0.9, noNaN: true }),
        fc.integer({ min: 1, max: 50 }),
        (bank, used, more) => {
          const faster = { ...bank, chargerA: (bank.chargerA ?? 0) + more }
          expect(refillHours(faster, used)).toBeLessThanOrEqual(refillHours(bank, used) + 1e-9)
          expect(refillHours(faster, used / 2)).toBeLessThanOrEqual(refillHours(faster, used) + 1e-9)
        },
      ),
    )
  })
})

describe('a plan with a bank, read', () => {
  const planOf = (change: (bank: NonNullable<typeof base.bank>) => void) => {
    const source = structuredClone(base)
    change(source.bank!)
    return readPlan(planWith([loadOf(constant(50))], [source], 12))
  }

  test('as it is, it is good', () => expect(planOf(() => {}).ok).toBe(true))

  test.each([
    ['no amp-hours', (bank: Loose) => (bank.battery.capacityAh.value = 0), /capacityAh\.value/],
    ['a billion amp-hours', (bank: Loose) => (bank.battery.capacityAh.value = 1e9), /capacityAh\.value/],
    ['a list of unequal batteries', (bank: Loose) => (bank.battery = [bank.battery, {}]), /bank\.battery/],
    ['an inverter without a battery', (bank: Loose) => delete bank.battery, /bank\.battery/],
    ['no row at all', (bank: Loose) => (bank.parallel = 0), /bank\.parallel/],
    ['half a battery', (bank: Loose) => (bank.series = 1.5), /bank\.series/],
    ['a cut-off above full', (bank: Loose) => (bank.inverter.cutOffV = 14), /inverter\.cutOffV/],
    ['older than old', (bank: Loose) => (bank.battery.agedFraction = 1), /agedFraction/],
    ['a field nobody knows', (bank: Loose) => (bank.colour = 'blue'), /bank/],
  ])('%s is refused with its path', (_, change, path) => {
    const reading = planOf(change as (bank: NonNullable<typeof base.bank>) => void)
    expect(reading.ok).toBe(false)
    if (!reading.ok) expect(reading.faults.map((fault) => fault.path).join(' ')).toMatch(path)
  })
})

type Loose = any

test('IEEE 485: a cell in the cold is chosen larger by what it gives less', () => {
  // source: IEEE 485 table 1, by 5 °F from 25 to 77 °F, from memory
  for (const [fahrenheit, correction] of [
    [77, 1],
    [70, 1.04],
    [65, 1.08],
    [60, 1.11],
    [55, 1.15],
    [50, 1.19],
    [45, 1.25],
    [40, 1.3],
    [35, 1.35],
    [30, 1.43],
    [25, 1.52],
  ])
    expect(1 / coldCapacity('flooded', ((fahrenheit - 32) * 5) / 9)).toBeCloseTo(correction, 2)
})
