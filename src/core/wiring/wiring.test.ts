import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { bankOf } from '@/catalog/equipment'
import { WIRING_TABLES } from '@/catalog/wires'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import { quantity } from '../quantity/quantity'
import type { Plan } from '../plan/document'
import type { Load } from '../plan/schema'
import { fuseFor, inverterAmps, leastCable, shortCircuitAmps } from './batteryCable'
import { batteryCircuits, circuitOf } from './batteryCircuit'
import { connectionsOf } from './connections'
import { COILED_SHARE, MOST_RUNNING_DROP, judgeCord, leastCord } from './cord'
import { drawOf } from './draw'
import { legBalance } from './legs'
import { partsOf, partsSum } from './parts'
import { ventilationOf } from './ventilation'
import { voltsLost } from './voltageDrop'
import { wireAtMost, wireOf } from './wire'

const { wires } = WIRING_TABLES
const named = (name: string) => wires.find((wire) => wire.name === name)!
const draw = (watts: number, start = 0): ReturnType<typeof drawOf> =>
  drawOf(
    loadOf(constant(watts), {
      start: start ? { watts: quantity(start, 'W', 'label'), seconds: quantity(0.5, 's', 'typical') } : null,
    }),
  )

describe('volts lost', () => {
  test('NEC Chapter 9 Table 8: 100 ft of 12 AWG at 10 A lose 2 · 100 ft · 1.98 Ω/1,000 ft · 10 A', () => {
    expect(voltsLost(named('12 AWG'), 30.48, 10)).toBeCloseTo(3.96, 6)
    expect(voltsLost(named('14 AWG'), 15.24, 15)).toBeCloseTo(4.71, 6)
    expect(voltsLost(named('2/0 AWG'), 0.9144, 200)).toBeCloseTo(0.11604, 5)
  })
  test('IEC 60228 class 5, warm: 20 m of 2.5 mm² at 10 A', () => {
    expect(voltsLost(named('2.5 mm²'), 20, 10)).toBeCloseTo(2 * 20 * 10 * 0.00798 * 1.1965, 6)
  })
  test('a motor at its start loses less resistance and some reactance', () => {
    // R cos φ + X sin φ at 0.75: 4.99 · 0.75 + 0.054 · 0.6614 = 3.778 Ω per 1,000 ft
    expect(voltsLost(named('16 AWG'), 30.48, 13, 0.75)).toBeCloseTo(2 * 13 * 0.3778, 2)
  })
  test('property: longer never loses less, thicker never more', () => {
    const system = fc.constantFrom('AWG', 'mm²')
    fc.assert(
      fc.property(
        system,
        fc.nat(12),
        fc.double({ min: 0.1, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 50, noNaN: true }),
        fc.double({ min: 0.1, max: 60, noNaN: true }),
        (of, nth, lengthM, moreM, amps) => {
          const sizes = wires.filter((wire) => wire.system === of)
          const [thin, thick] = [sizes[nth], sizes[nth + 1]]
          const lost = voltsLost(thin, lengthM, amps, 0.8)
          expect(voltsLost(thin, lengthM + moreM, amps, 0.8)).toBeGreaterThanOrEqual(lost)
          expect(voltsLost(thick, lengthM, amps, 0.8)).toBeLessThanOrEqual(lost)
        },
      ),
    )
  })
})

describe('cords', () => {
  test('NEC Table 400.5(A)(1), column B: 16 AWG carries 13 A, in its coil a third', () => {
    const piece = { wire: named('16 AWG'), lengthM: 3, draw: draw(1400) }
    expect(judgeCord([piece], 120, 15)).toMatchObject({ ratedA: 13, isOverloaded: false })
    expect(judgeCord([{ ...piece, isCoiled: true }], 120, 15)).toMatchObject({
      ratedA: 13 * COILED_SHARE,
      limitedBy: 'coil',
      isOverloaded: true,
    })
  })
  test('the weakest of a chain decides, and their drops add up', () => {
    const strong = { wire: named('12 AWG'), lengthM: 15, draw: draw(1300) }
    const weak = { wire: named('18 AWG'), lengthM: 2, draw: draw(1300) }
    const chain = judgeCord([strong, weak], 120, 15)
    expect(chain).toMatchObject({ ratedA: 10, isOverloaded: true })
    expect(chain.runningDrop).toBeCloseTo(
      judgeCord([strong], 120, 15).runningDrop + judgeCord([weak], 120, 15).runningDrop,
      9,
    )
  })
  test('a strip is made for 15 A, whatever its wire', () => {
    const piece = { wire: named('10 AWG'), lengthM: 2, isStrip: true, draw: draw(1900) }
    expect(judgeCord([piece], 120, 15)).toMatchObject({ limitedBy: 'strip', isOverloaded: true })
  })
  test('a sump pump at 100 ft: 16 AWG loses 9 % at its start, which it bears; 18 AWG is too thin', () => {
    const pump = draw(520, 1560)
    const at = (name: string) => judgeCord([{ wire: named(name), lengthM: 30.48, draw: pump }], 120, 15)
    expect(at('16 AWG').startDrop).toBeCloseTo((2 * 13 * 0.3778) / 120, 3)
    expect(at('18 AWG')).toMatchObject({ dropsTooMuch: true, atStart: true })
    expect(leastCord(WIRING_TABLES, 'AWG', pump, 30.48)?.name).toBe('16 AWG')
    expect(leastCord(WIRING_TABLES, 'AWG', pump, 60)?.name).toBe('12 AWG')
  })
  test('property: the least cord holds, the next thinner one does not', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 2200 }), fc.integer({ min: 1, max: 60 }), (watts, lengthM) => {
        const asked = draw(watts)
        const least = leastCord(WIRING_TABLES, 'AWG', asked, lengthM)
        if (!least) return
        const verdict = judgeCord([{ wire: least, lengthM, draw: asked }], 120, 15)
        expect(verdict.isOverloaded || verdict.dropsTooMuch).toBe(false)
        const thinner = wires.filter(
          ({ system, areaMm2 }) => system === 'AWG' && areaMm2 < least.areaMm2 && areaMm2 > 1.2,
        )
        for (const wire of thinner) {
          const worse = judgeCord([{ wire, lengthM, draw: asked }], 120, 15)
          expect(worse.isOverloaded || worse.runningDrop > MOST_RUNNING_DROP).toBe(true)
        }
      }),
    )
  })
  test('100 loads on one cord: told as what it is', () => {
    const loads = Array.from({ length: 100 }, (_, i) => loadOf(constant(60), { id: `l${i}` }))
    const plan: Plan = {
      ...planWith(loads),
      wiring: {
        cords: [{ id: 'c', name: 'C', areaMm2: 1.31, lengthM: 5 }],
        loads: loads.map(({ id }) => ({ loadId: id, cordId: 'c' })),
      },
    }
    const [use] = connectionsOf(plan, WIRING_TABLES).cords
    expect(use.loads).toHaveLength(100)
    expect(use.draw.runningA).toBeCloseTo(50, 6)
    expect(use).toMatchObject({ verdict: { isOverloaded: true }, least: null })
  })
})

describe('battery cables', () => {
  test('1 kW at 10.5 V and 88 %: 108 A, a fuse of 150 A, 1/0 AWG', () => {
    const amps = inverterAmps(1000, 0.88, 10.5)
    expect(amps).toBeCloseTo(108.2, 1)
    expect(fuseFor(WIRING_TABLES, amps)).toBe(150)
    expect(leastCable(WIRING_TABLES, 'AWG', { amps, volts: 12, lengthM: 0.6 })?.name).toBe('1/0 AWG')
  })
  test('a longer way asks for a thicker cable, by its drop', () => {
    const duty = { amps: 40, volts: 12 }
    expect(leastCable(WIRING_TABLES, 'mm²', { ...duty, lengthM: 0.5 })?.name).toBe('10 mm²')
    expect(leastCable(WIRING_TABLES, 'mm²', { ...duty, lengthM: 3 })?.name).toBe('25 mm²')
    expect(leastCable(WIRING_TABLES, 'mm²', { amps: 400, volts: 12, lengthM: 1 })).toBeNull()
  })
  test('property: more load never takes a smaller fuse, nor a thinner cable', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 200 }), fc.integer({ min: 0, max: 60 }), (amps, more) => {
        const [less, greater] = [fuseFor(WIRING_TABLES, amps)!, fuseFor(WIRING_TABLES, amps + more)!]
        expect(greater).toBeGreaterThanOrEqual(less)
        const duty = { volts: 12, lengthM: 1 }
        const thin = leastCable(WIRING_TABLES, 'AWG', { ...duty, amps })
        const thick = leastCable(WIRING_TABLES, 'AWG', { ...duty, amps: amps + more })
        if (thick) expect(thin!.areaMm2).toBeLessThanOrEqual(thick.areaMm2)
      }),
    )
  })
  test('a short: volts over battery and cable', () => {
    expect(shortCircuitAmps(12.8, 0.004, named('2/0 AWG'), 1)).toBeCloseTo(
      12.8 / (0.004 + (2 * 0.0967) / 304.8),
      3,
    )
  })
  test('a bank’s circuit, its fuse and cable judged', () => {
    const plan = (said: object): Plan => ({
      ...planWith([], [{ ...bankOf('lfp-12-200', 1, 1, 'inverter-1500-12', 'bank'), id: 'main' }]),
      wiring: { sources: [{ powerSystemId: 'system', sourceId: 'main', ...said }] },
    })
    const of = (said: object) => batteryCircuits(plan(said), WIRING_TABLES)[0]
    const { amps, lowestV } = of({})
    expect(amps).toBeCloseTo(1500 / (of({}).source.efficiencyFraction.value * lowestV), 6)
    const cable = { areaMm2: 120, lengthM: 0.5 }
    expect(of({ fuse: { ratedA: 100 }, cable }).fuseTrouble).toBe('too small')
    expect(of({ fuse: { ratedA: 600 }, cable }).fuseTrouble).toBe('too large')
    expect(of({ fuse: { ratedA: 250, interruptingA: 20000, awayM: 1 }, cable }).fuseTrouble).toBe('far away')
    expect(of({ fuse: { ratedA: 250, interruptingA: 20000 }, cable }).fuseTrouble).toBeNull()
    expect(of({ cable: { areaMm2: 120, lengthM: 12 } }).cableTrouble).toBe('drop')
    expect(of({ cable: { areaMm2: 67.4, lengthM: 0.5 }, fuse: { ratedA: 250 } }).cableTrouble).toBe(
      'over its fuse',
    )
  })
})

test('IEC 62485-2: 12 flooded cells, 200 Ah: 2.4 m³/h, 67.2 cm²', () => {
  const { bank } = bankOf('flooded-12-100', 2, 2, 'inverter-1500-24', 'bank')
  const fresh = { ...bank!, battery: { ...bank!.battery, agedFraction: 0 } }
  const { m3PerH, openingCm2 } = ventilationOf(fresh)
  expect(m3PerH).toBeCloseTo(2.4, 6)
  expect(openingCm2).toBeCloseTo(67.2, 6)
  // age takes capacity, not gas
  const aged = { ...fresh, battery: { ...fresh.battery, agedFraction: 0.3 } }
  expect(ventilationOf(aged)).toEqual(ventilationOf(fresh))
})

describe('legs', () => {
  const on = (id: string, leg: Load['leg'], watts: number) => loadOf(constant(watts), { id, leg })
  test('the move that evens them out is told', () => {
    const balance = legBalance([on('a', 'A', 1200), on('b', 'A', 600), on('c', 'B', 120)])
    expect(balance.amps).toEqual({ A: 15, B: 1 })
    expect(balance.move).toEqual({ loadId: 'b', to: 'B', fullerA: 10 })
  })
  test('even legs need none, and 240 V counts on both', () => {
    const balance = legBalance([
      on('a', 'A', 600),
      on('b', 'B', 600),
      { ...on('w', 'both', 2400), volts: 240 },
    ])
    expect(balance.amps).toEqual({ A: 15, B: 15 })
    expect(balance.move).toBeNull()
  })
})

test('a size between two sold ones counts as the thinner', () => {
  expect(wireOf(wires, 3.31)?.name).toBe('12 AWG')
  expect(wireOf(wires, 3)).toBeNull()
  expect(wireAtMost(wires, 3).name).toBe('2.5 mm²')
  expect(wireAtMost(wires, 0.5).name).toBe('0.75 mm²')
})

describe('the parts list', () => {
  const bank = { ...bankOf('lfp-12-200', 1, 3, 'inverter-1500-12', 'Bank'), id: 'main' }
  const plan: Plan = {
    ...planWith([loadOf(constant(100), { id: 'tv', name: 'Television' })], [bank]),
    wiring: { house: { smokeAlarms: 2 }, prices: [{ part: 'busbars', price: 20 }] },
  }
  const parts = partsOf(plan, WIRING_TABLES)
  test('holds what a bank needs, with amounts, sizes and what is known of prices', () => {
    expect(parts.map(({ kind }) => kind)).toEqual([
      'cord',
      'battery-cable',
      'lugs',
      'battery-fuse',
      'disconnect',
      'busbars',
    ])
    expect(parts.find(({ kind }) => kind === 'busbars')).toMatchObject({
      count: 2,
      price: 20,
      sourceId: 'main',
    })
    expect(parts.find(({ kind }) => kind === 'lugs')).toMatchObject({ count: 10 })
    expect(partsSum(parts)).toEqual({ price: 40, unpriced: 5 })
  })
  test('equal parts are counted together', () => {
    const two = { ...plan, loads: [...plan.loads, { ...plan.loads[0], id: 'radio', name: 'Radio' }] }
    expect(partsOf(two, WIRING_TABLES)[0]).toMatchObject({
      kind: 'cord',
      count: 2,
      names: ['Television', 'Radio'],
    })
  })
})

describe('a battery cable that no household cable replaces', () => {
  const circuit = (
    watts: number,
    series = 1,
    said?: { areaMm2: number; lengthM: number; isDouble?: true },
  ) => {
    const bank = bankOf(
      'lfp-12-200',
      series,
      1,
      series === 1 ? 'inverter-2000-12' : 'inverter-3000-24',
      'bank',
    )
    const source = { ...bank, continuousW: quantity(watts, 'W', 'label', { times: 1 }) }
    const wiring = said ? { powerSystemId: 'system', sourceId: 'main', cable: said } : null
    return circuitOf(source, wiring, WIRING_TABLES, 'AWG')
  }
  test('2 kW at 12 V: free air, by its own table; a thinner load stays with the household’s', () => {
    const large = circuit(2000)
    expect(large.amps).toBeGreaterThan(200)
    expect(large.leastLies).toEqual({ isInFreeAir: true, isDouble: false })
    expect(large.least!.freeAirA).toBeGreaterThanOrEqual(large.leastFuseA!)
    expect(large.least!.cableA).toBeLessThan(large.leastFuseA!)
    expect(circuit(1000).leastLies).toEqual({ isInFreeAir: false, isDouble: false })
  })
  test('more than any carries: two beside each other, which may be said', () => {
    const huge = circuit(3600)
    expect(huge.leastLies).toEqual({ isInFreeAir: true, isDouble: true })
    const { areaMm2 } = huge.least!
    expect(circuit(3600, 1, { areaMm2, lengthM: 1 }).cableTrouble).toBe('too thin')
    expect(circuit(3600, 1, { areaMm2, lengthM: 1, isDouble: true }).cableTrouble).toBeNull()
  })
  test('free air never carries less than a wall', () => {
    for (const { freeAirA, cableA } of WIRING_TABLES.wires) expect(freeAirA).toBeGreaterThanOrEqual(cableA)
  })
})
