import { describe, expect, test } from '@jest/globals'
import { cycling, loadOf, planWith, session } from '../../../tests/support/samplePlan'
import { coldBox } from '../../../tests/support/samplePlan'
import type { Load } from '../plan/schema'
import { simulate } from './simulate'
import { expectedW } from './expected'
import { traceOf, typicalRun, wattsBySteps } from './trace'
import { compileLoad } from './compile'

const { scenario } = planWith([])

describe('a load’s average in this outage', () => {
  test('what follows nothing has its own average', () => {
    expect(expectedW(loadOf(cycling(150, 62, 40)), scenario)).toBeCloseTo(62, 9)
    expect(expectedW(loadOf(session(1200, 6, ['08:00', '20:00'])), scenario)).toBeCloseTo(10, 9)
  })
  test('a box where it was known has its own average, its defrost in it; in the cold less', () => {
    const at = (indoorC: number) => {
      const box = coldBox(150, 60)
      const load = loadOf({ ...box, doors: undefined, follows: { ...box.follows!, surroundings: 'indoors' } })
      return expectedW(load, { ...scenario, indoorC })
    }
    expect(at(21)).toBeCloseTo(60, 6)
    // half the heat, and hardly less than half the defrosts
    expect(at(9)).toBeCloseTo(30, 0)
    expect(at(-3)).toBe(0)
  })
  test('it is what the runs come to', () => {
    const load = loadOf(coldBox(150, 60))
    const { loads } = simulate(planWith([load], undefined, 24), { runs: 400 })
    expect(loads[0].askedWh / 24 / expectedW(load, scenario)).toBeCloseTo(1, 1)
  })
  test('steered, it is off for as long as it is kept off, and its sessions come when they were moved to', () => {
    const steered = (steering: Load['steering']) =>
      expectedW(loadOf(session(1200, 6, ['08:00', '20:00']), { steering }), scenario)
    expect(steered({ offDaily: [{ from: '19:00', to: '21:00' }] })).toBeCloseTo(5, 6)
    expect(steered({ sessionsAt: ['12:00', '13:00', '14:00'] })).toBeCloseTo(15, 6)
  })
})

describe('a typical run', () => {
  test('its energy is that of its stretches, and of its steps', () => {
    for (const trace of typicalRun(
      planWith([loadOf(coldBox(150, 60)), loadOf(cycling(90, 30, 40), { id: 'b' })]),
      1440,
    )) {
      const wh = trace.stretches.reduce((sum, s) => sum + ((s.toMin - s.fromMin) * s.watts) / 60, 0)
      expect(trace.wh).toBeCloseTo(wh, 6)
      expect(wattsBySteps(trace, 1440, 5).reduce((sum, w) => sum + w / 12, 0)).toBeCloseTo(wh, 6)
    }
  })
  test('a defrost is told from a run', () => {
    const [trace] = traceOf([compileLoad(loadOf(coldBox(150, 60)), 0, scenario, 2880)], 2880, 1)
    const heated = trace.stretches.filter(({ isDefrost }) => isDefrost)
    expect(heated.length).toBeGreaterThan(0)
    expect(heated.every(({ watts }) => watts === 250)).toBe(true)
  })
})
