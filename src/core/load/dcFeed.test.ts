import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { WIRING_TABLES } from '@/catalog/wires'
import { constant, loadOf, planWith, exactSource } from '../../../tests/support/samplePlan'
import { simulateSlowly } from '../simulation/oracle'
import { simulate } from '../simulation/simulate'
import { Variants } from '../simulation/variants'
import { leadOf } from '../wiring/lead'
import { converterOf, dcFactor } from './dcFeed'

const router = loadOf(constant(24), { id: 'router', name: 'Router', volts: 12 })

describe('what direct current costs on the way', () => {
  test('devices of other volts need a converter, 12 V ones none', () => {
    expect(converterOf({})).toBe(1)
    expect(converterOf({ deviceV: 12 })).toBe(1)
    expect(converterOf({ deviceV: 19 })).toBe(0.9)
    expect(converterOf({ deviceV: 5, converterFraction: 0.8 })).toBe(0.8)
  })

  test('24 W through a 90 % converter and 2 m of 0.823 mm²: by hand', () => {
    // 24 ÷ 0.9 = 26.67 W, 2.22 A; 4 m × 0.0209 ÷ 0.823 = 0.1016 Ω; 0.2257 V of 12 V lost
    const wiring = { loadId: 'router', deviceV: 19, lead: { areaMm2: 0.823, lengthM: 2 } }
    expect(dcFactor(router, wiring)).toBeCloseTo((1 + 0.2257 / 12) / 0.9, 4)
    expect(dcFactor({ ...router, volts: 120 }, wiring)).toBe(1)
    expect(dcFactor(router, undefined)).toBe(1)
  })

  test('counts what the wire tables count, within a seventh of the loss', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...WIRING_TABLES.wires.filter(({ areaMm2 }) => areaMm2 < 10)),
        fc.double({ min: 0.5, max: 10, noNaN: true }),
        ({ areaMm2 }, lengthM) => {
          const wiring = { loadId: 'router', lead: { areaMm2, lengthM } }
          const { dropFraction } = leadOf(router, wiring, WIRING_TABLES.wires)!
          expect((dcFactor(router, wiring) - 1) / dropFraction).toBeGreaterThan(0.85)
          expect((dcFactor(router, wiring) - 1) / dropFraction).toBeLessThan(1.15)
        },
      ),
    )
  })

  test('every way to run a plan takes it from the battery', () => {
    const source = exactSource({ volts: [12, 120] })
    const wiring = { loads: [{ loadId: 'router', deviceV: 24, converterFraction: 0.5 }] }
    const straight = planWith([router], [source], 96)
    const converted = { ...straight, wiring }
    const double = planWith([{ ...router, behaviour: constant(48) }], [source], 96)
    const ends = (plan: typeof straight) => simulate(plan, { runs: 4 }).runtimeMin.p50
    expect(ends(converted)).toBeCloseTo(ends(double), 6)
    expect(ends(converted)).toBeLessThan(ends(straight) * 0.6)
    const variants = new Variants([straight, converted], 1)
    variants.make(0, 4)
    expect(variants.ends[1][0]).toBeCloseTo(ends(converted), 6)
    expect(simulateSlowly(converted, 1, 0)[0][0].emptyMin[0]).toBeCloseTo(ends(converted), -1)
  })
})
