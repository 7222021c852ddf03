import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { bankOf, equipmentClass, sourceOf } from '@/catalog/equipment'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import type { Source } from '../plan/power'
import { quantity } from '../quantity/quantity'
import { runtimesOf } from '../sizing/runtimes'
import { simulate } from './simulate'
import { tries } from '../../../tests/support/counts'

const dc = (watts: number) => loadOf(constant(watts), { id: 'filter', volts: 12 })
const ac = (watts: number) => loadOf(constant(watts), { id: 'filter' })
const middleH = (source: Source, watts = 55, of = ac) =>
  simulate(planWith([of(watts)], [{ ...source, where: 'indoors' }], 48), { runs: 60 }).runtimeMin.p50 / 60

describe('a lead-acid bank', () => {
  test('a 55 W filter, 4.5 A from 100 Ah of deep-cycle, half its depth: about 11.1 h (common practice, no source)', () => {
    const battery = bankOf('flooded-12-100', 1, 1, null, 'bank')
    // a warm room: the plan of practice counts no cold
    const plan = planWith([dc(54)], [battery], 24)
    const hours =
      simulate({ ...plan, scenario: { ...plan.scenario, indoorC: 25 } }, { runs: 200 }).runtimeMin.p50 / 60
    expect(hours).toBeGreaterThan(11.1 * 0.94)
    expect(hours).toBeLessThan(11.1 * 1.06)
  })

  test('lasts less than its watt-hours say at high current, and in the cold', () => {
    const bank = bankOf('flooded-12-100', 1, 2, 'inverter-1000-12', 'bank')
    const slow = middleH(bank, 60)
    const fast = middleH(bank, 600)
    expect(fast).toBeLessThan((slow * 60) / 600)
    const cold = planWith([ac(60)], [{ ...bank, where: 'outdoors' }], 48)
    const outdoors = { ...cold, scenario: { ...cold.scenario, outdoor: { lowC: -10, highC: -5 } } }
    expect(simulate(outdoors, { runs: 60 }).runtimeMin.p50 / 60).toBeLessThan(0.75 * slow)
  })

  test('its inverter cuts off on low volts before a chosen depth that is too deep, and the event says so', () => {
    const bank = bankOf('flooded-12-100', 1, 1, 'inverter-1000-12', 'bank')
    const deep = { ...bank, reserveFraction: quantity(0.02, '1', 'label', { plusMinus: 0 }) }
    const result = simulate(planWith([ac(450)], [deep], 24), { runs: 60 })
    expect(result.events.find(({ kind }) => kind === 'empty')).toMatchObject({ cause: 'cut-off' })
    const shallow = simulate(planWith([ac(60)], [bank], 48), { runs: 60 })
    expect(shallow.events.find(({ kind }) => kind === 'empty')).toMatchObject({ cause: 'reserve' })
  })

  test('more capacity never lasts shorter, run by run', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 20, max: 400 }),
        (rows, more, watts) => {
          const of = (parallel: number) =>
            runtimesOf(
              planWith([ac(watts)], [bankOf('flooded-12-100', 1, parallel, 'inverter-600-12', 'b')], 48),
              8,
              3,
            )
          const [less, greater] = [of(rows), of(rows + more)]
          less.forEach((end, run) => expect(greater[run]).toBeGreaterThanOrEqual(end - 1e-6))
        },
      ),
      { numRuns: tries(25) },
    )
  })
})

describe('too cold for it', () => {
  test('a station left outdoors gives nothing below the cold of its label, and the event says so', () => {
    const station = sourceOf(equipmentClass('station-2000'), 'main')
    const out = { ...station, where: 'outdoors' as const }
    const plan = planWith([ac(60)], [out], 24)
    const at = (lowC: number) => ({
      ...plan,
      scenario: { ...plan.scenario, outdoor: { lowC, highC: lowC + 8 } },
    })
    const lowC = station.outfit!.dischargeC.lowC
    const cold = simulate(at(lowC - 4), { runs: 20 })
    expect(cold.events.find(({ kind }) => kind === 'empty')).toMatchObject({ cause: 'temperature' })
    expect(cold.runtimeMin.p90).toBeLessThan(24 * 60)
    const mild = simulate(at(lowC + 1), { runs: 20 })
    expect(mild.events.find(({ kind }) => kind === 'empty')).toMatchObject({ cause: 'reserve' })
    expect(mild.runtimeMin.p50).toBeGreaterThan(cold.runtimeMin.p50)
  })
})

describe('small loads', () => {
  test('a station that goes to sleep under a few watts ends there, and the event says so', () => {
    const small = simulate(planWith([ac(3)], [sourceOf(equipmentClass('station-300'), 'main')], 24), {
      runs: 20,
    })
    expect(small.runtimeMin.p50).toBe(120)
    expect(small.events[0]).toMatchObject({ kind: 'empty', cause: 'sleep' })
    expect(middleH(sourceOf(equipmentClass('station-300'), 'main'), 12)).toBeGreaterThan(10)
  })

  test('fed with direct current they pass the inverter and its no-load draw by', () => {
    const station = sourceOf(equipmentClass('station-1000'), 'main')
    expect(middleH(station, 10, dc)).toBeGreaterThan(1.3 * middleH(station, 10))
  })
})

describe('a car', () => {
  test('air conditioning for 8 h through its 12 V system: about 68 % reaches the house (common practice, no source)', () => {
    const car = sourceOf(equipmentClass('car-12v-2000'), 'main')
    const result = simulate(planWith([ac(960)], [car], 8), { runs: 60, horizonMin: 480 })
    const { takenWh, outletWh } = result.chains[0].energy
    expect(outletWh).toBeCloseTo(7680, -2)
    expect(outletWh / takenWh).toBeGreaterThan(0.68 * 0.95)
    expect(outletWh / takenWh).toBeLessThan(0.68 * 1.05)
  })
})

describe('sources away', () => {
  test('the next in turn carries from the start; without any its loads are left out, and said so', () => {
    const first = { ...sourceOf(equipmentClass('station-1000'), 'main'), isAway: true }
    const second = { ...sourceOf(equipmentClass('station-1000'), 'second'), afterSourceId: 'main' }
    const both = simulate(planWith([ac(100)], [first, second], 24), { runs: 20 })
    expect(both.chains[0].sources.map(({ sourceId }) => sourceId)).toEqual(['second'])
    const none = simulate(planWith([ac(100)], [first], 24), { runs: 20 })
    expect(none.leftOut).toEqual([{ loadId: 'filter', why: 'away' }])
  })
})
