import { describe, expect, test } from '@jest/globals'
import { coldBox, constant, exactSource, loadOf, planWith } from '../../../tests/support/samplePlan'
import { quantity } from '../quantity/quantity'
import { simulate } from '../simulation/simulate'
import { withChange } from './levers'
import { tryLevers } from './tryLevers'
import { byLosses } from './byLosses'
import { withLosses } from './leverLosses'
import { lostWithin, riskClocks } from '../risk/riskClocks'

const RUNS = 40
const tried = (plan: ReturnType<typeof planWith>) => {
  let last
  for (const found of tryLevers(plan, 1, RUNS)) last = found
  return withLosses(plan, last!)
}

const fridge = loadOf(coldBox(120, 50), { id: 'fridge', name: 'Fridge' })
const radio = loadOf(constant(30), { id: 'radio', name: 'Radio', tier: 'optional', sourceId: 'other' })
const lamp = loadOf(constant(60), { id: 'lamp', name: 'Lamp', tier: 'optional' })
const sources = [
  exactSource({ id: 'main' }),
  exactSource({ id: 'other', capacityWh: quantity(300, 'Wh', 'measured', { times: 1 }) }),
]

describe('levers that aim at what is lost', () => {
  const plan = planWith([fridge, lamp, radio], sources, 96)
  const levers = tried(plan)
  const ofLever = (id: string) => levers.find((lever) => lever.id === id)!

  test('one tells what a simulation with it tells of the first loss', () => {
    const lostOf = (of: typeof plan) => {
      const result = simulate(of, { runs: RUNS, seed: 1 })
      return lostWithin(riskClocks(of, result), result.outageMin)
    }
    const [before] = lostOf(plan)
    const { loss, change } = ofLever('lamp drop')
    const [after] = lostOf(withChange(plan, change))
    expect(before.kind).toBe('refrigerator')
    expect(loss!.firstMin).toBeCloseTo(after.lost!.likely, 6)
    expect(loss!.laterMin).toBeCloseTo(after.lost!.likely - before.lost!.likely, 6)
    expect(loss!.laterMin).toBeGreaterThan(60)
  })

  test('what only gives another source hours spares nothing, though it ends first', () => {
    expect(ofLever('radio drop').gain.hours).toBeGreaterThan(0)
    expect(ofLever('radio drop').loss).toMatchObject({ saved: [], laterMin: 0 })
    expect(byLosses(levers).map(({ id }) => id)).not.toContain('radio drop')
    expect(byLosses(levers)[0].id).toBe('lamp drop')
  })

  test('one that saves goes before one that puts off; one that loses something else is none', () => {
    const short = { ...plan, scenario: { ...plan.scenario, durationH: 18 } }
    const saving = tried(planWith([fridge, { ...lamp, behaviour: constant(400) }], [sources[0]], 12))
    const best = byLosses(saving)[0]
    expect(best.id).toBe('lamp drop')
    expect(best.loss).toMatchObject({ saved: [{ kind: 'refrigerator', name: 'Fridge' }], firstMin: null })
    expect(best.loss!.laterMin).toBe(Infinity)
    const need = { id: 'fish', kind: 'animals' as const, name: 'Fish', loadId: 'lamp', hours: 5 }
    const alive = tried({ ...short, wiring: { risk: { needs: [need] } } })
    const dropped = alive.find(({ id }) => id === 'lamp drop')!
    expect(byLosses(alive)).not.toContain(dropped)
  })

  test('where nothing is lost there is nothing to spare', () => {
    expect(tried(planWith([lamp, radio], sources, 48)).every(({ loss }) => loss === null)).toBe(true)
    expect(byLosses(tried(planWith([lamp, radio], sources, 48)))).toEqual([])
  })
})
