import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import {
  burner,
  coldBox,
  constant,
  exactSource,
  loadOf,
  planWith,
  scheduled,
} from '../../../tests/support/samplePlan'
import type { Plan } from '../plan/document'
import { NO_CHARGING } from '../plan/noRefill'
import type { Cycling, Load, Pump } from '../plan/schema'
import { quantity } from '../quantity/quantity'
import { simulate } from '../simulation/simulate'
import { CoolingHouse, coolsAfterMin, timeConstantMeasured, timeConstantOf } from './coolingHouse'
import { BearsMinutes, lossOf } from './course'
import { freezerKeeps, refrigeratorKeeps } from './food'
import { pitFills, pitInflow } from './pit'
import { nothingLostMin } from './nothingLost'
import type { RiskClock } from './riskClock'
import { lostWithin, riskClocks } from './riskClocks'

const indoors = (box: Cycling): Cycling => ({ ...box, follows: { ...box.follows!, surroundings: 'indoors' } })

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
  test('in frost it keeps by itself, and a refrigerator in a room as cold as itself', () => {
    expect(freezerKeeps(freezer(0.5), -10)[1]).toBe(Infinity)
    expect(refrigeratorKeeps(coldBox(150, 60), 4)).toEqual([Infinity, Infinity, Infinity])
    expect(refrigeratorKeeps(coldBox(150, 60), 4.1)[1]).toBe(4 * 60)
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
    expect(pitFills(pit, { litresH: 60, times: 1.4 })[1]).toBeCloseTo(60, 9)
    expect(pitFills(pit, { litresH: 0, times: 1.4 })[1]).toBe(Infinity)
  })
  test('fills as its outage’s rain is to the one it was measured in', () => {
    const inflow = (rain: 'dry' | 'rain' | 'downpour') =>
      pitInflow({ ...pit, inflowLH: 100 }, pump, rain)!.litresH
    expect([inflow('dry'), inflow('rain'), inflow('downpour')]).toEqual([20, 100, 300])
    expect(pitInflow(pit, pump, 'rain')).toBeNull()
    // what was measured in this pit is known better than what its pump's figures say
    const byPump = {
      ...pump,
      cycle: {
        by: 'volume' as const,
        volumeL: quantity(20, 'L', 'typical', { times: 1 }),
        rateLMin: quantity(60, 'L/min', 'typical', { times: 1 }),
        inflowLH: quantity(100, 'L/h', 'typical', { times: 1 }),
      },
    }
    expect(pitInflow(pit, byPump, 'rain')!.times).toBeGreaterThan(
      pitInflow({ ...pit, inflowLH: 100 }, byPump, 'rain')!.times,
    )
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
        critical('fridge', indoors(coldBox(150, 60))),
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
        critical('fridge', indoors(coldBox(150, 60)), { volts: 240, leg: 'both' }),
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

describe('power that comes and goes', () => {
  const minutes = (...stretches: [number, number][]) =>
    stretches.map(([from, to]): [number, number] => [from * 60, to * 60])
  const bears = (hours: number, back: number) => new BearsMinutes([hours * 60], back)

  test('a gap as long as what is borne loses nothing, a longer one does at that hour', () => {
    expect(lossOf(minutes([10, 14]), bears(4, 1))).toBe(Infinity)
    expect(lossOf(minutes([10, 14.1]), bears(4, 1))).toBe(14 * 60)
    expect(lossOf([[600, Infinity]], bears(4, 1))).toBe(840)
  })
  test('what was borne before counts on, less what came back meanwhile', () => {
    const gaps = minutes([0, 3], [4, 7])
    expect(lossOf(gaps, bears(4, 1))).toBe(6 * 60)
    expect(lossOf(gaps, bears(4, 2))).toBe(Infinity)
    expect(lossOf(minutes([0, 3], [9, 12]), bears(4, 1))).toBe(Infinity)
  })
  test('an hour whose surroundings keep it stops the clock', () => {
    const cold = Array.from({ length: 24 }, (_, h) => (h < 6 ? Infinity : 240))
    expect(lossOf([[0, Infinity]], new BearsMinutes(cold, 1))).toBe(6 * 60 + 240)
    expect(lossOf([[0, Infinity]], new BearsMinutes([Infinity], 1))).toBe(Infinity)
  })
  test('gaps never lose earlier than one gap through them, nor later than the last alone', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 300 }), fc.integer({ min: 1, max: 300 })), {
          minLength: 1,
          maxLength: 8,
        }),
        fc.integer({ min: 30, max: 400 }),
        fc.double({ min: 0.5, max: 4, noNaN: true }),
        (lengths, bearsMin, back) => {
          let at = 0
          const gaps = lengths.map(([fed, off]): [number, number] => {
            const from = at + fed
            return [from, (at = from + off)]
          })
          gaps.push([at + 5, Infinity])
          const lost = lossOf(gaps, new BearsMinutes([bearsMin], back))
          expect(lost).toBeGreaterThanOrEqual(gaps[0][0] + bearsMin - 1e-6)
          expect(lost).toBeLessThanOrEqual(at + 5 + bearsMin + 1e-6)
          const faster = lossOf(gaps, new BearsMinutes([bearsMin], back * 2))
          expect(faster).toBeGreaterThanOrEqual(lost - 1e-6)
        },
      ),
    )
  })
  test('a house warms again while it is heated, at full output, and never past its thermostat', () => {
    const house = { outdoorC: [0], indoorC: 20, timeConstantH: 40, dutyFraction: 0.5 }
    // 10 h off: 20 · e^(−10/40) = 15.6 °C; then towards 40 °C for 5 h: 18.4 °C; and again 40 · ln(18.4 / 10) h
    const afterOff = 20 * Math.exp(-10 / 40)
    const afterOn = 40 + (afterOff - 40) * Math.exp(-5 / 40)
    const gaps: [number, number][] = [
      [0, 600],
      [900, Infinity],
    ]
    expect(lossOf(gaps, new CoolingHouse(house, 10))).toBeCloseTo(900 + 40 * Math.log(afterOn / 10) * 60, 6)
    const long: [number, number][] = [
      [0, 600],
      [6000, Infinity],
    ]
    expect(lossOf(long, new CoolingHouse(house, 10))).toBeCloseTo(6000 + 40 * Math.log(2) * 60, 6)
    // a heating that has to run all the time does not bring it back
    const weak = new CoolingHouse({ ...house, dutyFraction: 1 }, 10)
    expect(lossOf(gaps, weak)).toBeLessThan(lossOf(gaps, new CoolingHouse(house, 10)))
  })

  const clockOf = (plan: Plan, kind: RiskClock['kind']) => {
    const result = simulate(plan, { runs: 40 })
    return { clock: riskClocks(plan, result).find((one) => one.kind === kind)!, result }
  }
  const fridge = loadOf(indoors(coldBox(150, 60)), { id: 'fridge', name: 'Fridge' })
  const every6 = (from: number, outageH: number) =>
    Array.from({ length: Math.ceil(outageH / 6) }, (_, k) => ({
      fromMin: (k * 6 + from) * 60,
      toMin: (k * 6 + from + 2) * 60,
    }))

  test('with the grid back 2 h in every 6 no food spoils, no room is cold, no pipe freezes', () => {
    const plan = planWith(
      [fridge, loadOf(burner(150, 70), { id: 'furnace', name: 'Furnace' })],
      [exactSource({ capacityWh: quantity(300, 'Wh', 'measured', { times: 1 }) })],
      72,
    )
    const grid = {
      ...plan,
      scenario: {
        ...plan.scenario,
        outdoor: { lowC: -8, highC: -3 },
        charging: { ...NO_CHARGING, grid: every6(4, 96) },
      },
    }
    const { clock, result } = clockOf(grid, 'refrigerator')
    expect(clock.powerEnds!.likely).toBeLessThan(4 * 60)
    expect(lostWithin(riskClocks(grid, result), result.outageMin)).toEqual([])
    // without the grid all three are lost
    const without = { ...grid, scenario: { ...grid.scenario, charging: undefined } }
    expect(clockOf(without, 'refrigerator').clock.lost!.likely).toBeLessThan(10 * 60)
    expect(clockOf(without, 'cold-room').clock.lost!.likely).toBeLessThan(72 * 60)
  })
  test('a load that rules or pauses keep off is lost by it, though its source lasts', () => {
    const big = exactSource({ capacityWh: quantity(20_000, 'Wh', 'measured', { times: 1 }) })
    const paused = { ...fridge, steering: { pauses: [{ fromMin: 60, toMin: 8 * 60 }] } }
    expect(clockOf(planWith([fridge], [big]), 'refrigerator').clock.lost!.likely).toBe(Infinity)
    const { clock } = clockOf(planWith([paused], [big]), 'refrigerator')
    expect(clock).toMatchObject({ powerEnds: { likely: Infinity }, lost: { likely: 300 } })
    const ruled = {
      ...fridge,
      steering: { rules: [{ kind: 'by charge' as const, dropBelow: 0.9, backAbove: 0.95 }] },
    }
    const shed = clockOf(
      planWith([ruled, loadOf(constant(50), { id: 'lamp', name: 'Lamp' })], [exactSource()]),
      'refrigerator',
    )
    expect(shed.clock.lost!.likely).toBeLessThan(shed.clock.powerEnds!.likely)
  })
  test('a breathing aid is missed when it is needed next, not while nobody wears it', () => {
    const aid = loadOf(scheduled(40, '22:00', '06:00'), { id: 'aid', name: 'Breathing aid', medical: true })
    // from 18:00: empty in the small hours of the first night, or between two nights
    const with_ = (wh: number) =>
      clockOf(
        planWith(
          [aid],
          [
            exactSource({
              capacityWh: quantity(wh, 'Wh', 'measured', { times: 1 }),
              noLoadW: quantity(0, 'W', 'measured', { times: 1 }),
            }),
          ],
          48,
        ),
        'breathing-aid',
      ).clock
    const atNight = with_(200)
    expect(atNight.lost!.likely).toBe(atNight.powerEnds!.likely)
    expect(atNight.lost!.likely).toBeGreaterThan(4 * 60)
    const lamp = loadOf(constant(20), { id: 'lamp', name: 'Lamp', tier: 'optional' })
    const plan = planWith(
      [aid, lamp],
      [
        exactSource({
          capacityWh: quantity(800, 'Wh', 'measured', { times: 1 }),
          noLoadW: quantity(0, 'W', 'measured', { times: 1 }),
        }),
      ],
      48,
    )
    const byDay = clockOf(plan, 'breathing-aid').clock
    const clockHour = (18 + byDay.powerEnds!.likely / 60) % 24
    expect(clockHour).toBeGreaterThan(6)
    expect(clockHour).toBeLessThan(22)
    expect(byDay.lost!.likely).toBe(28 * 60)
  })
})
