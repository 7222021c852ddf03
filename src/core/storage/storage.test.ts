import { describe, expect, test } from '@jest/globals'
import { inWords } from '../../../tests/support/saidTold'
import { said } from '../../../tests/support/saidTold'
import fc from 'fast-check'
import { bankOf } from '@/catalog/equipment'
import { CHEMISTRIES } from '../plan/limits'
import { bankFaults } from '../plan/bankFaults'
import type { Bank } from '../plan/power'
import { bankAh, bankOhm, bankVolts, bankWarnings, bankWh, chargerAmps, refillHours } from './bank'
import { coldCapacity } from './coldCapacity'
import { piecesOf, totalWeightKg, withExpansions } from './expansion'
import { loadedV } from './loadedVoltage'
import { MOST_GAIN, peukertFactor, peukertHours } from './peukert'
import { fractionAtRest, fractionPerReading, restingV } from './restingVoltage'
import { equipmentClass, sourceOf } from '@/catalog/equipment'

const bank = (battery: string, series: number, parallel: number, inverter: string | null = null) =>
  bankOf(battery, series, parallel, inverter, 'bank').bank!

describe('resting volts', () => {
  test('both schools of the half-used point lie within the usual table (common practice, no source)', () => {
    expect(restingV('flooded', 0.5, 12)).toBeCloseTo(12.05, 6)
    expect(fractionAtRest('flooded', 12.05, 12)).toBeCloseTo(0.5, 6)
    // the earlier school recharges at 12.10 V, where the usual one sees a little more than half left
    expect(fractionAtRest('flooded', 12.1, 12, 'at 12.10 V earlier')).toBeCloseTo(0.5, 6)
    expect(fractionAtRest('flooded', 12.1, 12)).toBeGreaterThan(0.5)
    expect(fractionAtRest('flooded', 12.1, 12)).toBeLessThan(0.6)
  })

  test('reading back what was laid down gives the same charge, at any bank voltage', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CHEMISTRIES),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.constantFrom(1, 2, 4),
        (chemistry, fraction, times) => {
          const volts = (chemistry === 'lifepo4' ? 12.8 : 12) * times
          expect(fractionAtRest(chemistry, restingV(chemistry, fraction, volts), volts)).toBeCloseTo(
            fraction,
            6,
          )
        },
      ),
    )
  })

  test('beyond the table it is full or empty', () => {
    expect(fractionAtRest('agm', 14, 12)).toBe(1)
    expect(fractionAtRest('agm', 9, 12)).toBe(0)
  })

  test('a voltmeter says little on LiFePO4', () => {
    expect(fractionPerReading('lifepo4')).toBeGreaterThan(2 * fractionPerReading('flooded'))
  })
})

describe('volts under load', () => {
  test('a 55 W filter on 100 Ah of deep-cycle: 13.0, 12.6 and 11.7 V under load (common practice, no source)', () => {
    const one = bank('flooded-12-100', 1, 1)
    const voltage = {
      chemistry: 'flooded' as const,
      volts: 12,
      ohm: bankOhm(one),
      ratedA: 5,
      school: 'at 12.05 V' as const,
    }
    expect(loadedV(voltage, 1, 4.5)).toBeCloseTo(13.05, 0)
    expect(Math.abs(loadedV(voltage, 1 - 0.225, 4.5) - 12.6)).toBeLessThan(0.1)
    expect(Math.abs(loadedV(voltage, 1 - 0.495, 4.5) - 11.7)).toBeLessThan(0.15)
    expect(Math.abs(restingV('flooded', 0.505, 12) - 12.1)).toBeLessThan(0.1)
  })

  test('a furnace’s load sags lead-acid by about 0.6 V (common practice, no source)', () => {
    const voltage = {
      chemistry: 'agm' as const,
      volts: 12,
      ohm: 0.004,
      ratedA: 10,
      school: 'at 12.05 V' as const,
    }
    const sag = loadedV(voltage, 0.6, 2) - loadedV(voltage, 0.6, 45)
    expect(sag).toBeGreaterThan(0.3)
    expect(sag).toBeLessThan(0.8)
  })

  test('more amps never show more volts', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CHEMISTRIES),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 200, noNaN: true }),
        (chemistry, fraction, a, b) => {
          const voltage = { chemistry, volts: 24, ohm: 0.01, ratedA: 5, school: 'at 12.05 V' as const }
          const [low, high] = a < b ? [a, b] : [b, a]
          expect(loadedV(voltage, fraction, high)).toBeLessThanOrEqual(loadedV(voltage, fraction, low) + 1e-9)
        },
      ),
    )
  })
})

describe('Peukert', () => {
  test('worked examples of t = H (C ÷ IH)^k', () => {
    expect(peukertHours(100, 20, 1.2, 5)).toBeCloseTo(20, 9)
    expect(peukertHours(100, 20, 1.2, 10)).toBeCloseTo(20 * 0.5 ** 1.2, 9)
    expect(peukertHours(120, 20, 1.25, 40)).toBeCloseTo(20 * (120 / 800) ** 1.25, 9)
    expect(peukertHours(100, 20, 1.2, 0)).toBe(Infinity)
  })

  test('below the rated current it gains 5 % at most', () => {
    expect(peukertHours(100, 20, 1.3, 0.5)).toBeCloseTo((MOST_GAIN * 100) / 0.5, 9)
    expect(peukertFactor(0.5, 5, 1.3)).toBeCloseTo(1 / MOST_GAIN, 9)
    expect(peukertFactor(50, 5, 1)).toBe(1)
  })
})

describe('cold', () => {
  test('lead-acid by IEEE 485: 1.00 at 25 °C, 1.30 at 40 °F', () => {
    expect(coldCapacity('agm', 25)).toBe(1)
    expect(coldCapacity('flooded', 4.4)).toBeCloseTo(1 / 1.3, 6)
    expect(coldCapacity('flooded', -60)).toBe(0.4)
    expect(coldCapacity('lifepo4', 35)).toBe(1)
  })

  test('colder never gives more', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CHEMISTRIES),
        fc.double({ min: -60, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        (chemistry, celsius, colder) => {
          expect(coldCapacity(chemistry, celsius - colder)).toBeLessThanOrEqual(
            coldCapacity(chemistry, celsius),
          )
        },
      ),
    )
  })
})

describe('banks', () => {
  test('series adds volts, parallel adds amp-hours', () => {
    const four = bank('agm-12-110', 2, 2, 'inverter-1500-24')
    expect([bankVolts(four), bankAh(four), bankWh(four)]).toEqual([24, 220, 5280])
    expect(bankOhm(four)).toBeCloseTo(0.005, 9)
    const aged: Bank = { ...four, battery: { ...four.battery, agedFraction: 0.25 } }
    expect(bankAh(aged)).toBeCloseTo(165, 9)
  })

  test('the wrong volts for the inverter, a cut-off above full and an alarm below the cut-off are refused', () => {
    const good = bank('agm-12-110', 2, 1, 'inverter-1500-24')
    expect(inWords(bankFaults(good, 'bank'))).toEqual([])
    expect(inWords(bankFaults({ ...good, series: 1 }, 'bank'))).toMatchObject([
      { path: 'bank.series', message: expect.stringMatching(/makes 12 V.*2 in series would be right/) },
    ])
    const inverter = (part: object) => ({ ...good, inverter: { ...good.inverter!, ...part } })
    expect(inWords(bankFaults(inverter({ cutOffV: 27 }), 'bank'))).toMatchObject([
      { path: 'bank.inverter.cutOffV', message: expect.stringMatching(/25.7 V.*never run.*21 V is usual/) },
    ])
    expect(inWords(bankFaults(inverter({ alarmV: 20 }), 'bank'))).toMatchObject([
      { path: 'bank.inverter.alarmV' },
    ])
  })

  test('what speaks against a bank: many rows, modified sine, great currents, gas', () => {
    const words = bankWarnings(bank('flooded-12-100', 1, 6, 'inverter-1500-12-modified'))
      .map(said)
      .join(' ')
    expect(words).toMatch(/6 strings in parallel/)
    expect(words).toMatch(/modified sine/)
    expect(words).toMatch(/hydrogen/)
    expect(bankWarnings(bank('lfp-12-100', 1, 1, 'inverter-600-12'))).toEqual([])
  })

  test('a small charger takes days, lead-acid some hours of absorption at least', () => {
    const flooded = { ...bank('flooded-12-100', 1, 4, 'inverter-1000-12'), chargerA: 6 }
    expect(chargerAmps(flooded)).toBe(6)
    expect(refillHours(flooded, 0.5)).toBeGreaterThan(24)
    expect(refillHours({ ...flooded, chargerA: null }, 0.5)).toBe(Infinity)
    expect(refillHours(bank('lfp-12-200', 2, 1, 'inverter-3000-24'), 0.9)).toBeLessThan(4)
  })
})

describe('expansions', () => {
  const station = sourceOf(equipmentClass('station-2000'), 'main')

  test('each adds its watt-hours, its price and a piece', () => {
    const two = withExpansions(station, 2)
    expect(two).toMatchObject({ capacityWh: { value: 6144 }, price: 3060 })
    expect(piecesOf(two)).toBe(3)
    expect(totalWeightKg(two)).toBe(68)
    expect(withExpansions(two, 0)).toEqual(station)
  })

  test('more than it takes is refused', () => {
    expect(() => withExpansions(station, 3)).toThrow(/2 expansion batteries at most/)
    expect(() => withExpansions(sourceOf(equipmentClass('station-300'), 'main'), 1)).toThrow(RangeError)
  })
})
