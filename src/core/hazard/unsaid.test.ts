import { describe, expect, test } from '@jest/globals'
import { bankOf } from '@/catalog/equipment'
import { WIRING_TABLES } from '@/catalog/wires'
import { aid, generator, house, lamp, pump, wired } from '../../../tests/support/hazardPairs'
import { constant, exactSource, loadOf, planWith } from '../../../tests/support/samplePlan'
import type { Plan } from '../plan/document'
import { coverageOf } from './unsaid'

const whats = (plan: Plan) => coverageOf(plan, WIRING_TABLES).unsaid.map(({ what }) => what)
const stands = (plan: Plan, more = {}): Plan =>
  wired(plan, { sources: [{ powerSystemId: 'system', sourceId: 'main', stands: 'free', ...more }] })

describe('what was looked at, and what nobody said yet', () => {
  test('a plan of which nothing was said names plug, place and alarms; one of which all was said names none', () => {
    expect(whats(planWith([lamp]))).toEqual(['stands', 'connection', 'smoke alarms'])
    const said = house(
      stands(wired(planWith([lamp]), { loads: [{ loadId: 'lamp', connection: 'straight' }] })),
      {
        smokeAlarms: 2,
      },
    )
    expect(coverageOf(said, WIRING_TABLES)).toEqual({ checked: ['volts and starts', 'losses'], unsaid: [] })
  })
  test('an engine asks where it runs, then how far, and for alarms', () => {
    const plan = generator(planWith([lamp]))
    expect(whats(plan)).toEqual(expect.arrayContaining(['generator place', 'carbon monoxide alarms']))
    expect(whats(house(plan, { generatorPlace: 'outdoors' }))).toContain('generator distance')
    const all = house(plan, { generatorPlace: 'outdoors', generatorAwayM: 8, monoxideAlarms: 0 })
    expect(whats(all).filter((what) => /generator|monoxide/.test(what))).toEqual([])
    expect(coverageOf(all, WIRING_TABLES).checked).toContain('exhaust')
  })
  test('a bank asks for its fuse, its cable and its strings', () => {
    const bank = { ...bankOf('lfp-12-100', 1, 2, 'inverter-1500-12', 'bank'), id: 'main' }
    expect(whats(planWith([lamp], [bank]))).toEqual(
      expect.arrayContaining(['fuse', 'cable', 'string fuses', 'batteries alike']),
    )
    const said = stands(planWith([lamp], [bank]), {
      fuse: null,
      cable: { areaMm2: 50, lengthM: 1 },
      hasStringFuses: false,
      batteriesAre: 'kind',
    })
    // that something is missing or wrong is said; it is found elsewhere
    expect(whats(said)).toEqual(['connection', 'smoke alarms'])
  })
  test('direct current asks for its plug, a cord for its size, a pump for its pit', () => {
    const router = loadOf(constant(10), { id: 'router', name: 'Router', volts: 12 })
    expect(whats(planWith([router], [exactSource({ volts: [120, 12] })]))).toContain('plug')
    const cord = wired(planWith([lamp]), {
      cords: [{ id: 'c', name: 'Cord', areaMm2: null, lengthM: 5 }],
      loads: [{ loadId: 'lamp', cordId: 'c' }],
    })
    expect(whats(cord)).toContain('cord size')
    expect(whats(planWith([pump]))).toContain('pit')
  })
  test('what is in the plan is named as looked at', () => {
    expect(coverageOf(planWith([aid]), WIRING_TABLES).checked).toContain('medical devices')
    expect(coverageOf(planWith([]), WIRING_TABLES).checked).toEqual([])
  })
})
