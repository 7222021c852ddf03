import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { bankOf, equipmentClass, sourceOf } from '@/catalog/equipment'
import {
  constant,
  cycling,
  exact,
  exactSource,
  loadOf,
  planWith,
  scheduled,
  session,
} from '../../../tests/support/samplePlan'
import type { Plan } from '../plan/document'
import type { Load, Source } from '../plan/schema'
import { quantity } from '../quantity/quantity'
import { answerText } from '@/words/answer/answerParts'
import { evaluate } from '../../../tests/support/saidEvaluation'
import { simulateSlowly } from './oracle'
import { runAll, simulate } from './simulate'
import { tries } from '../../../tests/support/counts'

const watts = (value: number) => quantity(value, 'W', 'label', exact)
const second = (more: Partial<Source> = {}) =>
  exactSource({ id: 'second', name: 'Second', afterSourceId: 'main', ...more })
const RUNS = { runs: 4 }

describe('sources in turn are each asked for the load’s voltage', () => {
  const pump = loadOf(constant(400), { id: 'pump', name: 'Well pump', volts: 240, leg: 'both' })
  const lamp = loadOf(constant(50), { id: 'lamp' })
  const first = exactSource({
    volts: [120, 240],
    noLoadW: watts(0),
    capacityWh: quantity(1000, 'Wh', 'label', exact),
  })

  test('a 240 V load ends with the source that gives 240 V, though the next holds more', () => {
    // by hand: 1000 · 0.9 ÷ 400 = 2.25 h, not the 6.75 h of both
    const { result, gates, answer } = evaluate(planWith([pump], [first, second({ volts: [120] })]), RUNS)
    expect(result.runtimeMin.p50 / 60).toBeCloseTo(2.25, 6)
    expect(result.loads[0].suppliedWh).toBeCloseTo(900, 4)
    expect(gates.carries).toMatchObject({ verdict: 'short', wrongVoltage: [{ name: 'Well pump' }] })
    expect(answerText(answer)).toMatch(
      /^Well pump stops when the Second takes over: it gives 120 V, not 240 V/,
    )
  })

  test('what the next can feed goes on, and only that is drawn from it', () => {
    const plan = planWith([pump, lamp], [first, second({ volts: [120], noLoadW: watts(0) })], 24)
    const result = simulate(plan, RUNS)
    // 2 h on the first at 450 W, then 2000 · 0.9 ÷ 50 = 36 h of the lamp alone
    expect(result.runtimeMin.p50 / 60).toBeCloseTo(2, 6)
    expect(result.loads[0].suppliedWh).toBeCloseTo(800, 4)
    expect(result.loads[1].suppliedWh).toBeCloseTo(24 * 50, 4)
    expect(result.chains[0].sources[1].emptyMin.p50 / 60).toBeCloseTo(38, 6)
    expect(result.shortMin[0] / 60).toBeCloseTo(22, 6)
  })

  test('the first of the chain that is here decides what can be fed at all', () => {
    const plan = planWith(
      [{ ...pump, sourceId: 'second' }],
      [exactSource({ volts: [120] }), second({ volts: [120, 240] })],
    )
    expect(simulate(plan, RUNS).leftOut).toEqual([{ loadId: 'pump', why: 'voltage' }])
  })

  test('direct current goes through the converter of the source in use', () => {
    const dc = (efficiency: number, more: Partial<Source>): Source => {
      const { outfit, ...rest } = sourceOf(equipmentClass('station-1000'), 'main')
      return {
        ...exactSource({ noLoadW: watts(0), volts: [120, 12] }),
        ...more,
        kind: rest.kind,
        outfit: {
          ...outfit!,
          dc: { socketW: 120, usbW: 0, efficiencyFraction: quantity(efficiency, '1', 'label', exact) },
        },
      }
    }
    const router = loadOf(constant(50), { volts: 12 })
    const plan = planWith([router], [dc(0.9, {}), dc(0.5, { id: 'second', afterSourceId: 'main' })], 200)
    const result = simulate(plan, { ...RUNS, horizonMin: 200 * 60 })
    // 2000 · 0.9 ÷ 50 = 36 h, then 2000 · 0.5 ÷ 50 = 20 h
    expect(result.runtimeMin.p50 / 60).toBeCloseTo(56, 6)
  })

  test('the slow program agrees, whatever the voltages and converters', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<Source['volts']>([120], [120, 240], [120, 12], [12]),
        fc.constantFrom<Source['volts']>([120, 240], [120, 12, 240]),
        fc.integer({ min: 1, max: 99 }),
        (nextVolts, firstVolts, seed) => {
          const router = loadOf(constant(20), { id: 'r', volts: 12 })
          const fridge = loadOf(cycling(150, 60, 45, 1.2), { id: 'f' })
          const plan = planWith(
            [pump, lamp, router, fridge],
            [exactSource({ volts: firstVolts }), second({ volts: nextVolts })],
          )
          const fast = runAll(plan, { runs: 2, seed }).chains[0]
          const slow = simulateSlowly(plan, 2, seed)
          slow.forEach(([run], r) => {
            run.emptyMin.forEach((end, s) => {
              if (end === Infinity) expect(fast.emptyMin[s][r]).toBe(Infinity)
              else expect(fast.emptyMin[s][r]).toBeCloseTo(end, 4)
            })
          })
        },
      ),
      { numRuns: tries(15) },
    )
  })
})

describe('limits and rules that deliberate faults broke unseen', () => {
  test('the limit is that of the source in use, not of the first of its chain', () => {
    const first = exactSource({ capacityWh: quantity(500, 'Wh', 'label', exact), noLoadW: watts(0) })
    const weak = second({ continuousW: watts(300), surgeW: watts(5000) })
    const kettle = loadOf(session(600, 10, ['18:30', '23:00']), { id: 'kettle' })
    // the first lasts until about 21:00 on 120 W, the second gives 300 W
    const plan = planWith([loadOf(constant(120)), kettle], [first, weak])
    const [overload] = simulate(plan, RUNS).chains[0].overloads
    expect(overload).toMatchObject({ loadId: 'kettle', fraction: 1, limit: 'continuous' })
    const jumpy = planWith(plan.loads, [first, second({ surgeW: watts(400) })])
    expect(simulate(jumpy, RUNS).chains[0].overloads[0]).toMatchObject({ limit: 'surge', fraction: 1 })
    expect(overload.medianMin).toBeCloseTo(5 * 60, 4)
    const strong = planWith(plan.loads, [{ ...first, continuousW: watts(300) }, second()])
    expect(simulate(strong, RUNS).chains[0].overloads[0].medianMin).toBeCloseTo(30, 4)
  })

  test('what goes off and what comes on at one instant do not meet', () => {
    const source = exactSource({ continuousW: watts(500), surgeW: watts(600) })
    const a = loadOf(scheduled(400, '19:00', '20:00'), { id: 'a' })
    const b = loadOf(scheduled(400, '20:00', '21:00'), { id: 'b' })
    // five minutes anywhere in the day: by the clock it may meet either, so every run is looked at exactly
    const short = loadOf(
      { ...session(150, 5, ['00:00']), when: { timesADay: 1, from: '18:00', to: '17:59' } },
      { id: 'short' },
    )
    for (const loads of [
      [a, b, short],
      [b, a, short],
    ]) {
      const { overloads } = simulate(planWith(loads, [source]), { runs: 200 }).chains[0]
      expect(overloads.reduce((sum, { fraction }) => sum + fraction, 0)).toBeLessThan(0.25)
    }
  })

  test('who waits for another runs again when a rule drops that one', () => {
    const heater: Load = loadOf(constant(200), {
      id: 'heater',
      steering: { rules: [{ kind: 'by charge', dropBelow: 0.6, backAbove: 0.9 }] },
    })
    const waiting = loadOf(constant(100), {
      id: 'waiting',
      steering: { rules: [{ kind: 'not with', loadId: 'heater' }] },
    })
    for (const loads of [
      [heater, waiting],
      [waiting, heater],
    ]) {
      const { loads: found } = simulate(planWith(loads, [exactSource({ noLoadW: watts(0) })]), RUNS)
      // 40 % of 2000 Wh at 200 ÷ 0.9 W are gone after 3.6 h, then the other has the battery
      const supplied = found.find(({ loadId }) => loadId === 'waiting')!.suppliedWh
      expect(supplied).toBeGreaterThan(900)
    }
  })

  test('a rule that never dropped a load has nothing to wait for', () => {
    const load = loadOf(constant(100), {
      steering: {
        rules: [
          { kind: 'by charge', dropBelow: 0.8, backAbove: 0.81 },
          { kind: 'by charge', dropBelow: 0.2, backAbove: 0.99 },
        ],
      },
    })
    const base = planWith(
      [load, loadOf(constant(20), { id: 'b' })],
      [exactSource({ chargedFraction: 0.79 })],
      20,
    )
    const plan: Plan = {
      ...base,
      scenario: {
        ...base.scenario,
        charging: { generator: [], car: [], grid: [{ fromMin: 60, toMin: 150 }] },
      },
    }
    // an hour and a half of the grid brings it above 81 %, not to 99 %
    const { loads, chains } = simulate(plan, RUNS)
    expect(Math.max(...chains[0].sources[0].band.p50)).toBeGreaterThan(0.82)
    expect(loads[0].suppliedWh).toBeGreaterThan(30)
  })
})

describe('one rule for an end, refilled or not', () => {
  /** The same plan through the sweep of what is refilled: a rule that never acts makes it look at the charge. */
  const asRefilled = (plan: Plan): Plan => ({
    ...plan,
    loads: plan.loads.map((load, i) =>
      i === 0
        ? { ...load, steering: { rules: [{ kind: 'by charge', dropBelow: 0.0001, backAbove: 0.0002 }] } }
        : load,
    ),
  })
  test('a low-voltage cut-off is final until something charges it', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('agm-12-110', 'lfp-12-100'),
        fc.integer({ min: 200, max: 1300 }),
        fc.integer({ min: 1, max: 50 }),
        (battery, heavyW, seed) => {
          const bank = bankOf(battery, 1, 1, 'inverter-1500-12', 'main')
          const plan = planWith(
            [loadOf(constant(40)), loadOf(session(heavyW, 45, ['20:00', '23:00', '03:00']), { id: 'b' })],
            [bank],
            20,
          )
          const bare = simulate(plan, { runs: 5, seed })
          const refilled = simulate(asRefilled(plan), { runs: 5, seed })
          expect(refilled.runtimeMin.p50 / bare.runtimeMin.p50).toBeCloseTo(1, 2)
          expect(refilled.shortMin[2] - bare.shortMin[2]).toBeLessThan(16)
          expect(bare.shortMin[2] - refilled.shortMin[2]).toBeLessThan(16)
        },
      ),
      { numRuns: tries(25) },
    )
  })
  test('a store below its reserve feeds nothing, refilled or not, until it is charged', () => {
    const low = exactSource({ reserveFraction: quantity(0.3, '1', 'label', exact), chargedFraction: 0.25 })
    const plan = planWith([loadOf(constant(50))], [low])
    expect(simulate(plan, RUNS).runtimeMin.p50).toBe(0)
    expect(simulate(asRefilled(plan), RUNS).runtimeMin.p50).toBe(0)
    const grid = { generator: [], car: [], grid: [{ fromMin: 120, toMin: 240 }] }
    const charged = simulate({ ...plan, scenario: { ...plan.scenario, charging: grid } }, RUNS)
    expect(charged.runtimeMin.p50).toBe(0)
    expect(charged.loads[0].suppliedWh).toBeGreaterThan(200)
  })
  test('more capacity never means more hours without', () => {
    const without = (capacityWh: number) => {
      const source = exactSource({
        capacityWh: quantity(capacityWh, 'Wh', 'label', exact),
        chargedFraction: 0.3,
      })
      const base = planWith([loadOf(constant(60))], [source], 48)
      const grid = Array.from({ length: 8 }, (_, i) => ({ fromMin: 300 + i * 360, toMin: 345 + i * 360 }))
      return simulate(
        { ...base, scenario: { ...base.scenario, charging: { generator: [], car: [], grid } } },
        RUNS,
      ).shortMin[1]
    }
    let before = Infinity
    for (const capacity of [600, 1000, 1800, 3200, 6000]) {
      const now = without(capacity)
      expect(now).toBeLessThanOrEqual(before + 15)
      before = now
    }
  })
})
