import { describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { bankOf, equipmentClass, sourceOf } from '@/catalog/equipment'
import { planOf } from '../plan/planOf'
import { constant, loadOf, mixedLoads, planWith } from '../../../tests/support/samplePlan'
import type { Plan } from '../plan/document'
import { evaluate } from '../sizing/evaluate'
import { findLevers, withChange } from '../sizing/levers'
import { rankLevers } from '../sizing/tryLevers'
import { cellsOf } from '../sizing/matrix'
import { simulate } from './simulate'
import { Variants } from './variants'
import { tries } from '../../../tests/support/counts'

const RUNS = tries(200)
const alone = (plan: Plan) => {
  const { runtimesMin, horizonMin } = simulate(plan, { runs: RUNS })
  return Array.from(runtimesMin, (end) => Math.min(end, horizonMin))
}
/** The first runs of each plan, the shortest first. */
const sorted = (ends: Float64Array) => Array.from(ends.subarray(0, RUNS)).sort((a, b) => a - b)
const expectSame = (found: number[], wanted: number[]) => {
  expect(found).toHaveLength(wanted.length)
  found.forEach((end, i) => expect(Math.abs(end - wanted[i])).toBeLessThan(1e-3))
}

describe('many plans at once come to what each comes to alone', () => {
  const household = demoHousehold()
  const base = planOf(household)

  test('every lever of the sample, refill and all', () => {
    const plans = [
      base,
      ...findLevers(base)
        .slice(0, tries(8))
        .map(({ change }) => withChange(base, change)),
    ]
    expect(plans.length).toBeGreaterThan(tries(5))
    const variants = new Variants(plans, 1)
    variants.make(0, 60)
    variants.make(60, RUNS)
    plans.forEach((plan, v) => expectSame(sorted(variants.ends[v]), alone(plan)))
  })

  test('stations, banks, sources in turn and beside each other, direct current, rules', () => {
    const loads = [...mixedLoads(9), loadOf(constant(15), { id: 'dc', volts: 12 })]
    const station = sourceOf(equipmentClass('station-2000'), 'main')
    const bank = (battery: string) => bankOf(battery, 2, 2, 'inverter-3000-24', 'main')
    const ruled = loads.map((load, i) =>
      i === 0
        ? { ...load, steering: { rules: [{ kind: 'by charge' as const, dropBelow: 0.5, backAbove: 0.8 }] } }
        : load,
    )
    const plans = [
      planWith(loads, [station]),
      planWith(loads, [{ ...bank('lfp-12-100'), volts: [120, 12] }]),
      planWith(loads, [{ ...bank('agm-12-110'), volts: [120, 12] }]),
      planWith(loads, [station, { ...station, id: 'b', afterSourceId: 'main' }]),
      planWith(loads, [station, { ...station, id: 'b', afterSourceId: 'main', volts: [120] }]),
      planWith(
        loads.map((load, i) => (i % 2 ? { ...load, sourceId: 'b' } : load)),
        [station, { ...station, id: 'b' }],
      ),
      planWith(ruled, [station]),
    ]
    const variants = new Variants(plans, 1)
    variants.make(0, RUNS)
    plans.forEach((plan, v) => expectSame(sorted(variants.ends[v]), alone(plan)))
  })

  test('the cells of the table are what evaluating each system alone says', () => {
    for (const { id: scenarioId } of household.scenarios.slice(0, 1)) {
      const plans = household.powerSystems
        .slice(0, tries(5))
        .map(({ id }) => planOf(household, scenarioId, id))
      cellsOf(plans).forEach((cell, i) => {
        const { gates } = evaluate(plans[i])
        expect(cell.carries).toBe(gates.carries.verdict !== 'short' && gates.starts.verdict !== 'short')
        if (gates.lasts.runtimeMin === Infinity) expect(cell.runtimeMin).toBe(Infinity)
        else expect(cell.runtimeMin).toBeCloseTo(gates.lasts.runtimeMin, 2)
        expect(cell.holds).toBe(cell.carries && gates.lasts.verdict === 'holds')
      })
    }
  })

  test('the gain of the best lever is what the sentence moves by', () => {
    const [best] = rankLevers(base)
    const middle = (plan: Plan) => simulate(plan).runtimeMin.p50 / 60
    expect(best.gain.hours).toBeCloseTo(middle(withChange(base, best.change)) - middle(base), 4)
  })
})
