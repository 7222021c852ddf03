import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { bankOf, equipmentClass, sourceOf } from '@/catalog/equipment'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import { simulate } from '../simulation/simulate'
import { dcEfficiency } from './dc'
import { drainW, middlePath, steadyHours } from './loss'

describe('direct current', () => {
  test('a station’s own converter, a battery’s own terminals, and what is usual where nothing is said', () => {
    expect(dcEfficiency(sourceOf(equipmentClass('station-1000'), 'main'))).toBe(0.88)
    expect(dcEfficiency(bankOf('lfp-12-50', 1, 1, null, 'bank'))).toBe(0.98)
    expect(dcEfficiency(sourceOf(equipmentClass('car-battery'), 'main'))).toBe(0.9)
  })

  test('energy is conserved with mains and direct current on one source: taken = outlets + no-load + lost', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100 }), fc.integer({ min: 0, max: 300 }), (dcW, acW) => {
        const loads = [
          loadOf(constant(dcW), { id: 'dc', volts: 12 }),
          ...(acW > 0 ? [loadOf(constant(acW), { id: 'ac' })] : []),
        ]
        const plan = planWith(loads, [sourceOf(equipmentClass('station-2000'), 'main')], 6)
        const { chains } = simulate(plan, { runs: 5 })
        const { takenWh, outletWh, noLoadWh, conversionWh } = chains[0].energy
        expect(takenWh).toBeCloseTo(outletWh + noLoadWh + conversionWh, 6)
        expect(conversionWh).toBeGreaterThan(0)
        // with nothing on the inverter it is off
        if (acW === 0) expect(noLoadWh).toBe(0)
        else expect(noLoadWh).toBeGreaterThan(0)
      }),
      { numRuns: 25 },
    )
  })
})

describe('what a bank loses', () => {
  test('more at the outlet never takes less from the battery, and never lasts longer', () => {
    const sources = [
      bankOf('flooded-12-100', 1, 2, 'inverter-1000-12', 'bank'),
      bankOf('lfp-12-200', 2, 1, 'inverter-3000-24', 'bank'),
    ]
    fc.assert(
      fc.property(
        fc.constantFrom(...sources),
        fc.integer({ min: 0, max: 900 }),
        fc.integer({ min: 1, max: 300 }),
        (source, watts, more) => {
          const path = middlePath(source)
          expect(drainW(path, watts + more)).toBeGreaterThan(drainW(path, watts))
          expect(steadyHours(path, watts + more)).toBeLessThan(steadyHours(path, watts))
        },
      ),
    )
  })

  test('in search mode a small load is not fed, and little is drawn', () => {
    const path = middlePath(bankOf('lfp-12-200', 1, 2, 'inverter-2000-12', 'bank'))
    expect(drainW(path, 8)).toBe(5)
    expect(drainW(path, 20)).toBeGreaterThan(25)
  })
})
