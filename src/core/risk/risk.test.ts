import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { burner, coldBox, constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import type { Plan } from '../plan/document'
import type { Load, Pump } from '../plan/schema'
import { quantity } from '../quantity/quantity'
import { simulate } from '../simulation/simulate'
import { coolsAfterMin, timeConstantMeasured, timeConstantOf } from './coolingHouse'
import { freezerKeeps, refrigeratorKeeps } from './food'
import { pitFills, pitInflow } from './pit'
import { nothingLostMin } from './nothingLost'
import type { RiskClock } from './riskClock'
import { lostWithin, riskClocks } from './riskClocks'

describe('food, as the FDA and USDA give it', () => {
  const freezer = (fillFraction: number) => ({
    ...coldBox(100, 50),
    box: { ...coldBox(100, 50).box!, fillFraction },
  })
  test('a closed refrigerator keeps for 4 h, a full freezer 48 h, a half full one 24 h', () => {
    expect(refrigeratorKeeps(coldBox(150, 60), 20)[1]).toBe(4 * 60)
    expect(freezerKeeps(freezer(1), 20)[1]).toBe(48 * 60)
    expect(freezerKeeps(freezer(0.5), 20)[1]).toBe(24 * 60)
  })
  test('in frost it keeps by itself', () => {
    expect(freezerKeeps(freezer(0.5), -10)[1]).toBe(Infinity)
  })
  test('a measured time constant goes before the published hours', () => {
    const box = { ...coldBox(150, 60).box!, timeConstantH: quantity(12, 'h', 'measured', { times: 1 }) }
    // from −3 °C to 4 °C in a room of 20 °C: 12 · ln(23 / 16) h, and 2 h above
    expect(refrigeratorKeeps({ ...coldBox(150, 60), box }, 20)[1] / 60).toBeCloseTo(
      12 * Math.log(23 / 16) + 2,
      6,
    )
  })
})

describe('a house that cools', () => {
  test('Newton’s law: from 20 to 10 °C at 0 °C outside in τ · ln 2', () => {
    expect(coolsAfterMin([0], 0, 20, 10, 40) / 60).toBeCloseTo(40 * Math.log(2), 0)
    expect(coolsAfterMin([5], 0, 20, 4, 40)).toBe(Infinity)
  })
  test('a measured night gives the time constant back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 120, noNaN: true }),
        fc.double({ min: 2, max: 14, noNaN: true }),
        (tau, hours) => {
          const endC = -5 + 25 * Math.exp(-hours / tau)
          expect(timeConstantMeasured(20, endC, -5, hours)).toBeCloseTo(tau, 6)
        },
      ),
    )
    expect(() => timeConstantMeasured(20, 21, 0, 8)).toThrow(RangeError)
    expect(() => timeConstantMeasured(20, 5, 6, 8)).toThrow(RangeError)
  })
  test('what was measured is known better than a guess', () => {
    const width = ([low, , high]: [number, number, number]) => high / low
    expect(width(timeConstantOf({ timeConstantH: 40, isMeasured: true }))).toBeLessThan(
      width(timeConstantOf(undefined)),
    )
  })
})

const pump: Pump = {
  kind: 'pump',
  runningW: quantity(500, 'W', 'label', { times: 1 }),
  cycle: {
    by: 'spacing',
    onMin: quantity(0.5, 'min', 'measured', { times: 1 }),
    everyMin: quantity(10, 'min', 'measured', { times: 1 }),
  },
  inflowFollows: 'rain',
  knownIn: 'rain',
}
const pit = { loadId: 'pump', areaM2: 0.2, toRimM: 0.3 }

describe('a pit', () => {
  test('(rim − level) · area ÷ inflow: 60 L at 60 L/h are an hour', () => {
    expect(pitFills(pit, 60)[1]).toBeCloseTo(60, 9)
    expect(pitFills(pit, 0)[1]).toBe(Infinity)
  })
  test('fills as its outage’s rain is to the one it was measured in', () => {
    const inflow = (rain: 'dry' | 'rain' | 'downpour') => pitInflow({ ...pit, inflowLH: 100 }, pump, rain)
    expect([inflow('dry'), inflow('rain'), inflow('downpour')]).toEqual([20, 100, 300])
    expect(pitInflow(pit, pump, 'rain')).toBeNull()
  })
})

describe('so that nothing is lost', () => {
  const clock = (kind: RiskClock['kind'], endsMin: number | null, bearsMin: number): RiskClock => ({
    kind,
    loadId: null,
    name: kind,
    powerEnds: endsMin === null ? null : { early: endsMin, likely: endsMin, late: endsMin },
    lost: { early: (endsMin ?? 0) + bearsMin, likely: (endsMin ?? 0) + bearsMin, late: Infinity },
    basis: 'own',
    missing: null,
  })
  test('the power has to last the outage less what the most delicate bears', () => {
    expect(nothingLostMin([clock('freezer', 600, 1440), clock('refrigerator', 600, 240)], 2880)).toBe(2640)
    expect(nothingLostMin([clock('breathing-aid', 600, 0)], 2880)).toBe(2880)
    expect(nothingLostMin([clock('freezer', 600, 5000)], 2880)).toBe(0)
  })
  test('a telephone and what is not fed at all set no hour', () => {
    expect(nothingLostMin([clock('phone', 600, 0), clock('freezer', null, 1440)], 2880)).toBeNull()
  })
})

describe('the clocks of a plan', () => {
  const critical = (id: string, behaviour: Load['behaviour'], more: Partial<Load> = {}) =>
    loadOf(behaviour, { id, name: id, ...more })
  const of = (plan: Plan) => {
    const result = simulate(plan, { runs: 40 })
    return { clocks: riskClocks(plan, result), result }
  }
  const winter = (loads: Load[], wiring?: Plan['wiring']): Plan => {
    const plan = planWith(loads, undefined, 96)
    return {
      ...plan,
      scenario: { ...plan.scenario, outdoor: { lowC: -12, highC: -6 } },
      ...(wiring && { wiring }),
    }
  }
  test('stand behind the hour the power ends, the first loss first', () => {
    const { clocks, result } = of(
      winter([
        critical('furnace', burner(150, 70)),
        critical('fridge', coldBox(150, 60)),
        critical('Router', constant(10)),
      ]),
    )
    const ends = result.chains[0].runtimeMin.p50
    const at = (kind: string) => clocks.find((clock) => clock.kind === kind)!.lost!.likely
    expect(at('phone')).toBe(ends)
    expect(at('refrigerator')).toBe(ends + 240)
    expect(at('cold-room')).toBeGreaterThan(ends)
    expect(at('frozen-pipes')).toBeGreaterThan(at('cold-room'))
    expect(clocks.map(({ lost }) => lost!.likely)).toEqual(
      clocks.map(({ lost }) => lost!.likely).sort((a, b) => a - b),
    )
    expect(lostWithin(clocks, result.outageMin).every(({ kind }) => kind !== 'phone')).toBe(true)
  })
  test('of a load nothing feeds the clock starts with the outage', () => {
    const { clocks } = of(
      winter([
        critical('fridge', coldBox(150, 60), { volts: 240, leg: 'both' }),
        critical('lamp', constant(10)),
      ]),
    )
    expect(clocks[0]).toMatchObject({ kind: 'refrigerator', powerEnds: null, lost: { likely: 240 } })
  })
  test('a pit that was not described has no hour, and says what is missing', () => {
    const { clocks } = of(winter([critical('pump', pump)]))
    expect(clocks).toMatchObject([{ kind: 'flooded-pit', lost: null, missing: 'pit' }])
    const told = of(winter([critical('pump', pump)], { risk: { pits: [{ ...pit, inflowLH: 100 }] } }))
    expect(told.clocks).toMatchObject([{ kind: 'flooded-pit', basis: 'own', missing: null }])
  })
  test('no pipes, no clock for pipes; what is not critical has none', () => {
    const { clocks } = of(winter([critical('furnace', burner(150, 70))], { risk: { hasWaterPipes: false } }))
    expect(clocks.map(({ kind }) => kind)).toEqual(['cold-room'])
    expect(of(winter([critical('fridge', coldBox(150, 60), { tier: 'optional' })])).clocks).toEqual([])
  })
  test('medicine is lost so many hours after the load that keeps it, or after the wall', () => {
    const needs = [
      { id: 'm', kind: 'medicine' as const, name: 'Insulin box', loadId: 'fridge', hours: 8 },
      { id: 'r', kind: 'roots' as const, name: 'Seedlings', hours: 2 },
    ]
    const { clocks, result } = of(winter([critical('fridge', coldBox(150, 60))], { risk: { needs } }))
    const at = (name: string) => clocks.find((clock) => clock.name === name)!.lost!.likely
    const spare = of(
      winter([critical('fridge', coldBox(150, 60), { tier: 'flexible' })], { risk: { needs } }),
    )
    expect(spare.clocks.map(({ name }) => name).sort()).toEqual(['Insulin box', 'Seedlings'])
    expect(at('Seedlings')).toBe(120)
    expect(at('Insulin box')).toBe(result.chains[0].runtimeMin.p50 + 480)
  })
})
