import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { bankOf } from '@/catalog/equipment'
import { arrayOf } from '@/catalog/refill'
import { constant, exactSource, loadOf, planWith } from '../../../tests/support/samplePlan'
import type { Plan } from '../plan/document'
import type { Source } from '../plan/power'
import { quantity } from '../quantity/quantity'
import { simulate } from '../simulation/simulate'
import { steadyRuntime, usableAtOutletsWh } from './steadyRuntime'

const exact = <T>(tree: T): T =>
  JSON.parse(JSON.stringify(tree, (key, value) => (key === 'spread' ? { times: 1 } : value))) as T
const plan = (source: Source, watts: number, celsius: number, hours = 24): Plan => {
  const base = planWith([loadOf(constant(watts))], [source], hours)
  return { ...base, scenario: { ...base.scenario, outdoor: { lowC: celsius, highC: celsius } } }
}

describe('the sum a working shows is the one the runs make', () => {
  test('of banks: Peukert, cold, ageing and cut-off, whatever they come to', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('agm-12-110', 'flooded-12-100', 'lfp-12-100'),
        fc.integer({ min: 20, max: 500 }),
        fc.integer({ min: -8, max: 25 }),
        fc.double({ min: 0, max: 0.3, noNaN: true }),
        fc.double({ min: 0.6, max: 1, noNaN: true }),
        (battery, watts, celsius, agedFraction, chargedFraction) => {
          const bank = bankOf(battery, 1, 2, 'inverter-1000-12', 'bank')
          const aged = { ...bank.bank!, battery: { ...bank.bank!.battery, agedFraction } }
          const share = (1 - agedFraction) / (1 - bank.bank!.battery.agedFraction)
          const source = exact({
            ...bank,
            id: 'main',
            bank: aged,
            where: 'outdoors' as const,
            chargedFraction,
            capacityWh: { ...bank.capacityWh, value: bank.capacityWh.value * share },
          })
          const of = plan(source, watts, celsius)
          const { result } = { result: simulate(of, { runs: 3 }) }
          const steady = steadyRuntime(of, source, watts, 0)
          const ranMin = result.runtimeMin.p50
          if (ranMin === Infinity) return
          expect(Math.abs(steady.hours * 60 - ranMin)).toBeLessThanOrEqual(Math.max(3, 0.02 * ranMin))
        },
      ),
      { numRuns: 60 },
    )
  })
  test('each line by itself makes the figure', () => {
    const bank = exact({
      ...bankOf('agm-12-110', 1, 1, 'inverter-1000-12', 'bank'),
      id: 'main',
      where: 'outdoors' as const,
    })
    const of = plan(bank, 120, -5)
    const one = steadyRuntime(of, bank, 120, 0)
    expect(one.availableWh).toBeCloseTo(
      one.capacityWh * one.coldShare * (one.chargedFraction - one.floorFraction),
      6,
    )
    expect(one.drainW).toBeCloseTo(
      (one.idleW + one.outletW / one.efficiencyFraction + one.squareLossW) * one.peukertFactor,
      6,
    )
    expect(one.hours).toBeCloseTo(one.availableWh / one.drainW, 9)
    expect(one.usableWh).toBeCloseTo(one.hours * 120, 6)
    expect(one.coldShare).toBeLessThan(0.8)
    expect(one.peukertFactor).toBeGreaterThan(1)
  })
})

describe('usable at the outlets', () => {
  test('is the battery’s, whatever the sun brings and however long the outage', () => {
    const source = exactSource({ noLoadW: quantity(0, 'W', 'measured', { times: 1 }) })
    const usable = (of: Plan) => usableAtOutletsWh(of, simulate(of, { runs: 3 }))
    const short = plan(source, 60, 10, 6)
    const sunny = {
      ...plan(source, 60, 10, 72),
      refill: { ...short.refill, panels: [arrayOf('panel-220', 'roof')] },
    }
    expect(usable(short)).toBeCloseTo(2000 * 0.9, 3)
    expect(usable(sunny)).toBeCloseTo(2000 * 0.9, 3)
  })
})
