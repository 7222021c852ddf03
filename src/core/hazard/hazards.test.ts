import { describe, expect, test } from '@jest/globals'
import { WIRING_TABLES } from '@/catalog/wires'
import {
  HAZARD_PAIRS,
  aid,
  charging,
  fridge,
  furnace,
  generator,
  house,
  lamp,
  pump,
  wired,
} from '../../../tests/support/hazardPairs'
import { constant, planWith } from '../../../tests/support/samplePlan'
import { type Plan, readPlan } from '../plan/document'
import type { Wiring } from '../plan/wiring'
import { evaluate } from '../sizing/evaluate'
import type { HazardId } from './finding'
import { factsText, hazardsOf } from './hazards'

const find = (plan: Plan) => {
  expect(readPlan(plan)).toMatchObject({ ok: true })
  return hazardsOf(plan, evaluate(plan, { runs: 30 }), WIRING_TABLES)
}
const severityOf = (plan: Plan, id: HazardId) => find(plan).find((found) => found.id === id)?.severity ?? null

describe.each(HAZARD_PAIRS)('%s: %s', (id, _, hazardous, harmless) => {
  test('is found', () => expect(find(hazardous).map((found) => found.id)).toContain(id))
  test('is silent in its harmless neighbour', () =>
    expect(find(harmless).map((found) => found.id)).not.toContain(id))
})

describe('how bad it is', () => {
  test('a generator near the house or at night is a danger, one that stands far with alarms worth a look', () => {
    const at = (said: Wiring['house']) =>
      severityOf(house(generator(planWith([lamp])), said), 'carbon-monoxide')
    expect(at({})).toBe('serious')
    expect(at({ generatorPlace: 'garage' })).toBe('danger')
    expect(at({ generatorPlace: 'outdoors', generatorAwayM: 3, monoxideAlarms: 2 })).toBe('danger')
    expect(at({ generatorPlace: 'outdoors', generatorAwayM: 7, monoxideAlarms: 2 })).toBe('note')
    expect(severityOf(charging(generator(planWith([lamp])), 360, 480), 'carbon-monoxide')).toBe('danger')
  })
  test('the worst come first', () => {
    const ranks = find(generator(planWith([furnace, fridge, aid, pump]), {})).map(({ severity }) =>
      ['danger', 'serious', 'note'].indexOf(severity),
    )
    expect(ranks).toEqual([...ranks].sort())
    expect(new Set(ranks).size).toBe(3)
  })
  test('a medical device that ends before the outage does is a danger, with the hour', () => {
    const plan = planWith([{ ...aid, behaviour: constant(200) }], undefined, 48)
    expect(find(plan).find(({ id }) => id === 'one-source')).toMatchObject({
      severity: 'danger',
      who: 'supplier',
      facts: { isShort: true, endsMin: expect.any(Number) },
    })
  })
})

describe('an answer to a finding', () => {
  const plan = planWith([furnace])
  const found = find(plan).find(({ id }) => id === 'back-feed')!
  const answered = wired(plan, {
    acknowledged: [{ finding: found.key, facts: factsText(found), note: 'Inlet ordered' }],
  })
  test('is kept as long as nothing changes', () => {
    expect(find(answered).find(({ id }) => id === 'back-feed')?.answer).toBe('Inlet ordered')
    expect(found.answer).toBeNull()
  })
  test('is asked for again when what it was found in changes', () => {
    const more = {
      ...answered,
      loads: [...answered.loads, { ...furnace, id: 'second', name: 'Second furnace' }],
    }
    expect(find(more).find(({ id }) => id === 'back-feed')?.answer).toBeNull()
  })
  test('fits the document however many loads are named', () => {
    const many = planWith(
      Array.from({ length: 40 }, (_, i) => ({ ...furnace, id: `f${i}`, name: `Furnace ${i} in a far room` })),
    )
    for (const one of find(many)) expect(factsText(one).length).toBeLessThanOrEqual(400)
  })
})
