import { describe, expect, test } from '@jest/globals'
import { exact, exactSource } from '../../../tests/support/samplePlan'
import { quantity } from '../quantity/quantity'
import { deliverableWh, middlePath, steadyHours } from './loss'

const station = (more = {}) =>
  exactSource({
    capacityWh: quantity(1000, 'Wh', 'label', exact),
    noLoadW: quantity(10, 'W', 'measured', exact),
    ...more,
  })

describe('efficiency and no-load draw', () => {
  test('1,000 Wh, 10 W no-load, 90 %: 90 W take 110 W from the battery and last 9.09 h', () => {
    const path = middlePath(station())
    expect(steadyHours(path, 90)).toBeCloseTo(1000 / 110, 9)
    expect(deliverableWh(path, 90)).toBeCloseTo(90 * (1000 / 110), 9)
  })

  test('at small loads the no-load draw dominates: 4 W get less than a third of the battery', () => {
    expect(deliverableWh(middlePath(station()), 4) / 1000).toBeLessThan(1 / 3)
  })

  test('the reserve stays in the battery', () => {
    const path = middlePath(station({ reserveFraction: quantity(0.25, '1', 'label', exact) }))
    expect(steadyHours(path, 90)).toBeCloseTo(750 / 110, 9)
    expect(steadyHours(path, 90, 0.25)).toBe(0)
  })
})

describe('the flat rule', () => {
  test('80 % reach the outlets at any load, whatever the no-load draw is', () => {
    const path = middlePath(station({ lossRule: 'flat' }))
    for (const watts of [4, 90, 2000]) expect(deliverableWh(path, watts)).toBeCloseTo(800, 9)
  })

  test('no outlet watt costs less than a battery watt, even where the shares contradict each other', () => {
    const path = middlePath(
      station({ lossRule: 'flat', reserveFraction: quantity(0.5, '1', 'label', exact) }),
    )
    expect(path.batteryWPerOutletW).toBeGreaterThanOrEqual(1)
    expect(deliverableWh(path, 90)).toBeCloseTo(800, 9)
  })
})

test('nothing drawn lasts without end', () => {
  expect(steadyHours(middlePath(station({ lossRule: 'flat' })), 0)).toBe(Infinity)
})
