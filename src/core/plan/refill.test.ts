import { describe, expect, test } from '@jest/globals'
import { inWords } from '../../../tests/support/saidTold'
import { demoHousehold } from '@/catalog/demoHousehold'
import { arrayOf, generatorOf } from '@/catalog/refill'
import { readPlan } from './document'
import { readHousehold } from './household'
import { planOf } from './planOf'
import type { Refill } from './refill'
import { NO_REFILL } from './noRefill'

const plan = planOf(demoHousehold())
const faultsOf = (refill: unknown) => {
  const reading = inWords(readPlan({ ...plan, refill }))
  return reading.ok ? [] : reading.faults.map(({ path, message }) => `${path}: ${message}`)
}
const panels = (more: object, panel: object = {}): Refill => {
  const array = arrayOf('panel-220', 'x')
  return { ...NO_REFILL, panels: [{ ...array, ...more, panel: { ...array.panel, ...panel } }] }
}

describe('a refill that cannot be', () => {
  test.each([
    ['tilt 200°', panels({ tiltDeg: 200 }), /panels\[0\]\.tiltDeg.*90/],
    ['fuel −1', { ...NO_REFILL, generator: { ...generatorOf(2000), onHandL: -1 } }, /generator\.onHandL/],
    ['Vmp above Voc', panels({}, { vmpV: 30 }), /vmpV: 30 V at full power is above/],
    ['Imp above Isc', panels({}, { impA: 15 }), /impA: 15 A at full power is above/],
    [
      'less at full load than without',
      { ...NO_REFILL, generator: { ...generatorOf(2000), fullLPerH: 0.1 } },
      /fullLPerH: must be at least what it burns without load/,
    ],
    [
      'surge below rated',
      { ...NO_REFILL, generator: { ...generatorOf(2000), surgeW: 10 } },
      /surgeW: surge watts/,
    ],
    [
      'a controller upside down',
      panels({ controller: { kind: 'MPPT', lowV: 60, highV: 30, amps: 20, watts: 400 } }),
      /controller\.lowV: the lowest volts of the window must be below/,
    ],
    ['an unknown field', { ...NO_REFILL, wind: true }, /wind/],
  ])('%s is refused, with its path', (_, refill, message) => {
    expect(faultsOf(refill).join('\n')).toMatch(message)
  })

  test('latitude 95° is refused', () => {
    const place = { ...plan.scenario.place, latitudeDeg: 95 }
    const reading = readPlan({ ...plan, scenario: { ...plan.scenario, place } })
    expect(reading.ok).toBe(false)
  })

  test('hours of weather of unequal length are refused', () => {
    const sky = {
      kind: 'measured',
      name: 'x',
      temperatureC: [1, 2],
      globalW: [1],
      directW: [1, 2],
      diffuseW: [1, 2],
    }
    expect(readPlan({ ...plan, scenario: { ...plan.scenario, sky } }).ok).toBe(false)
  })
})

test('a household without refill, as older ones are, is read; its plan has none', () => {
  const { refill, ...older } = demoHousehold()
  void refill
  const reading = inWords(readHousehold(older))
  expect(reading.ok && planOf(reading.household).refill).toEqual(NO_REFILL)
})
