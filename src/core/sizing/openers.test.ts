import { describe, expect, test } from '@jest/globals'
import { inWords, said } from '../../../tests/support/saidTold'
import { bankOf, equipmentClass, sourceOf } from '@/catalog/equipment'
import { searchStock } from '@/catalog/searchStock'
import { coldBox, constant, loadOf, planWith, session } from '../../../tests/support/samplePlan'
import type { Plan } from '../plan/document'
import { evaluate } from './evaluate'
import { openersOf } from './openers'
import { sourceWarnings } from './sourceWarnings'

const stock = searchStock(120)
const opened = (plan: Plan) => inWords(openersOf(plan, evaluate(plan, { runs: 60 }).gates, stock))
const small = sourceOf(equipmentClass('station-500'), 'main')

describe('what would open a shut gate', () => {
  test('nothing is said where all hold', () => {
    expect(opened(planWith([loadOf(constant(10))], [small], 4))).toEqual([])
  })

  test('too many watts: the spare load to leave off, and the cheapest thing that carries', () => {
    const plan = planWith(
      [
        loadOf(constant(300), { id: 'a', name: 'Needed' }),
        loadOf(session(400, 5, ['18:30']), { id: 'b', name: 'Kettle', tier: 'optional' }),
      ],
      [small],
      1,
    )
    const found = opened(plan)
    expect(found[0]).toMatchObject({ gate: 'carries', free: 'do not run Kettle together with the rest' })
    expect(found[0].bought).toMatch(/USD$/)
  })

  test('too few hours: the cheapest of all that hold them, as a search finds it', () => {
    const [found] = opened(planWith([loadOf(constant(60), { name: 'Pump' })], [small], 40))
    expect(found).toMatchObject({ gate: 'lasts', free: null })
    expect(found.bought).toMatch(/LiFePO4|station/)
  })

  test('the wrong voltage: the load that wants it', () => {
    const [found] = opened(
      planWith(
        [loadOf(constant(60)), loadOf(constant(400), { id: 'w', name: 'Well pump', volts: 240 })],
        [small],
        2,
      ),
    )
    expect(found).toMatchObject({ gate: 'carries', free: 'leave Well pump off' })
  })
})

describe('what no gate measures', () => {
  const warned = (
    source: Plan['powerSystem']['sources'][number],
    change: (plan: Plan) => void = () => {},
  ) => {
    const plan = planWith(
      [loadOf(coldBox(150, 60), { name: 'Refrigerator' }), loadOf(constant(2), { id: 'x' })],
      [source],
    )
    change(plan)
    return sourceWarnings(source, plan).map(said).join(' ')
  }

  test('sleep and search mode under a few watts', () => {
    expect(warned(sourceOf(equipmentClass('station-300'), 'main'))).toMatch(
      /switches its outlets off.*2 W is drawn/,
    )
    expect(warned(bankOf('lfp-12-200', 1, 2, 'inverter-2000-12', 'b'))).toMatch(/search mode.*under 15 W/)
  })

  test('cold and heat where it stands', () => {
    const out = { ...sourceOf(equipmentClass('station-1000'), 'main'), where: 'outdoors' as const }
    const cold = warned(out, ({ scenario }) => (scenario.outdoor = { lowC: -20, highC: -12 }))
    expect(cold).toMatch(/gives nothing below [-−]10 °C, and it gets [-−]20 °C/)
    expect(cold).toMatch(/must not be charged below 0 °C/)
    expect(warned(out, ({ scenario }) => (scenario.outdoor = { lowC: 30, highC: 46 }))).toMatch(
      /off above 40 °C/,
    )
  })

  test('a car that is a source names its fumes', () => {
    expect(warned(sourceOf(equipmentClass('car-battery'), 'main'))).toMatch(/carbon monoxide/)
  })
})
