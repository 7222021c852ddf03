import { describe, expect, test } from '@jest/globals'
import { said } from '../../../tests/support/saidTold'
import { burner, constant, session } from '../../../tests/support/samplePlan'
import type { PlateKind } from '../plan/limits'
import { type Behaviour, type HouseholdLoad, behaviourSchema } from '../plan/schema'
import { quantity } from '../quantity/quantity'
import { coldBoxBehaviour } from './coldBox'
import { readLabel } from './label'
import { labelChanges } from './labelChanges'

const load = (behaviour: Behaviour): HouseholdLoad => ({
  id: 'x',
  name: 'X',
  volts: 120,
  leg: 'A',
  start: null,
  behaviour,
  medical: false,
  note: '',
  standings: {},
})
const changes = (behaviour: Behaviour, text: string, kind: PlateKind) => {
  const reading = readLabel(text, kind, 120)
  if (reading.kind !== 'read') throw new Error(text)
  return labelChanges(load(behaviour), reading.result, kind)
}
const box = coldBoxBehaviour({ type: 'top-freezer' })

describe('what a label changes', () => {
  test('on a refrigerator volts × amps far above its compressor’s are its heater’s; its year is its average', () => {
    const { part, changes: told, note } = changes(box, '120 V 6.5 A 412 kWh/year', 'cold box')
    expect(part.behaviour).toMatchObject({
      runningW: { value: 130 },
      averageW: { value: 47, evidence: 'label' },
      defrost: { watts: { value: 855, evidence: 'label' } },
      follows: { knownAtC: { value: 28 } },
    })
    expect(behaviourSchema.safeParse(part.behaviour).success).toBe(true)
    expect(told).toEqual([
      { what: 'defrost', before: 300, after: 855 },
      { what: 'average', before: expect.any(Number), after: 47 },
    ])
    expect(said(note)).toMatch(/defrost heater’s, and 75 W/)
  })

  test('a small label is its compressor’s, and the change is told', () => {
    const { part, changes: told } = changes(box, 'R600a 115V 0.9A', 'cold box')
    expect(part.behaviour).toMatchObject({ runningW: { value: 77.6 }, defrost: { watts: { value: 300 } } })
    expect(told[0]).toEqual({ what: 'running', before: 130, after: 77.6 })
  })

  test('a printed defrost counts as printed; a box without a heater gets none', () => {
    expect(changes(box, 'defrost 200 W', 'cold box').part.behaviour).toMatchObject({
      defrost: { watts: { value: 200 } },
    })
    const chest = coldBoxBehaviour({ type: 'chest-freezer' })
    const { part, note } = changes(chest, '115 V 6 A defrost 200 W', 'cold box')
    expect(part.behaviour).not.toHaveProperty('defrost')
    expect(part.behaviour).toMatchObject({ runningW: { value: 517.5 } })
    expect(said(note)).toMatch(/no defrost heater here/)
  })

  test('a label below the average brings it down, and says so', () => {
    const { part, note } = changes(box, '40 W', 'cold box')
    expect(part.behaviour).toMatchObject({ runningW: { value: 40 } })
    const furnace = { ...box, defrost: undefined, averageW: { ...box.averageW, value: 60 } }
    const low = changes(furnace, '40 W', 'motor')
    expect(low.part.behaviour).toMatchObject({ averageW: { value: 40 } })
    expect(said(low.note)).toMatch(/average comes down/)
    expect(note).toBeNull()
  })

  test('horsepower and a code letter bring a start that keeps its basis', () => {
    expect(changes(constant(50), '1/2 hp code K', 'motor').part.start).toMatchObject({
      watts: { value: 4500 },
      basis: { kind: 'code letter', letter: 'K' },
    })
  })

  test('energy a cycle becomes minutes of a session', () => {
    expect(changes(session(500, 10, ['08:00']), '1 kWh/cycle', 'motor').part.behaviour).toMatchObject({
      minutesEach: { value: 120 },
    })
  })

  test('what says the same changes nothing', () => {
    expect(changes(constant(150), '150 W', 'heat')).toMatchObject({ part: {}, changes: [] })
  })
})

describe('what a label is a ceiling of', () => {
  test('electronics use some 0.55 of it, breathing aids less, lamps all of it', () => {
    const watts = (name: string, text: string) => {
      const named = { ...load(constant(10)), name }
      const reading = readLabel(text, 'electronics', 120)
      if (reading.kind !== 'read') throw new Error(text)
      const { part, note } = labelChanges(named, reading.result, 'electronics')
      return { running: part.behaviour?.runningW, note }
    }
    expect(watts('Router', '120 V 0.5 A').running).toMatchObject({ value: 33, spread: { times: 1.4 } })
    expect(watts('Router', '40 W').running?.value).toBe(22)
    expect(said(watts('Router', '40 W').note)).toMatch(/most they may draw/)
    expect(watts('CPAP', '90 W').running?.value).toBe(40.5)
    expect(watts('Lights', '40 W').running?.value).toBe(40)
  })

  test('a heater’s motor: its average follows its label, since it runs as many hours', () => {
    const heating = { ...burner(100, 45), averageW: quantity(45, 'W' as const, 'typical') }
    const reading = readLabel('120 V 1.25 A', 'motor', 120)
    if (reading.kind !== 'read') throw new Error('label')
    const { part } = labelChanges(load(heating), reading.result, 'motor')
    const { runningW, averageW } = part.behaviour as typeof heating
    expect(averageW.value / runningW.value).toBeCloseTo(0.45, 2)
  })
})
