import { describe, expect, test } from '@jest/globals'
import { type PlateKind, readLabel } from '@/core/load/label'
import { behaviourSchema } from '@/core/plan/schema'
import { coldBoxBehaviour } from '@/core/load/coldBox'
import { constant, session } from '../../../tests/support/samplePlan'
import { applyLabel, plateKindOf } from './applyLabel'
import { blankLoad } from './loadForm'

const result = (text: string, kind: PlateKind) => {
  const reading = readLabel(text, kind, 120)
  if (reading.kind !== 'read') throw new Error(text)
  return reading.result
}
const load = (name: string, behaviour = constant(50)) => ({ ...blankLoad('x', name, 120), behaviour })

describe('what a plate changes', () => {
  test('on a refrigerator its limit is the defrost’s, its year the average, its compressor as it was', () => {
    const box = load('Refrigerator', coldBoxBehaviour({ type: 'top-freezer' }))
    const changed = applyLabel(box, result('120 V 6.5 A 412 kWh/year', 'cold box'), 'cold box').behaviour!
    expect(changed).toMatchObject({
      runningW: { value: 130 },
      averageW: { value: 47, evidence: 'label' },
      defrost: { watts: { value: 855, evidence: 'label' } },
      follows: { knownAtC: { value: 32.2 } },
    })
    expect(behaviourSchema.safeParse(changed).success).toBe(true)
  })
  test('horsepower and a code letter bring a start that keeps its basis', () => {
    const { start } = applyLabel(load('Pump'), result('1/2 hp code K', 'motor'), 'motor')
    expect(start).toMatchObject({ watts: { value: 4500 }, basis: { kind: 'code letter', letter: 'K' } })
  })
  test('energy a cycle becomes minutes of a session', () => {
    const wash = load('Washer', session(500, 10, ['08:00']))
    expect(applyLabel(wash, result('1 kWh/cycle', 'motor'), 'motor').behaviour).toMatchObject({
      minutesEach: { value: 120 },
    })
  })
  test('the kind of plate is guessed from the load', () => {
    expect(plateKindOf(load('Garage fridge'))).toBe('cold box')
    expect(plateKindOf(load('Kettle'))).toBe('heat')
    expect(plateKindOf(load('Router'))).toBe('electronics')
  })
})
