import { describe, expect, test } from '@jest/globals'
import { bankOf } from '@/catalog/equipment'
import { voltmeterReadings } from './voltmeter'

const bank = bankOf('flooded-12-100', 1, 1, 'inverter-600-12', 'bank').bank!
/** from full to half in so many quarter hours, then level */
const emptying = (points: number, after: number) =>
  Float32Array.from({ length: points + after }, (_, i) => Math.max(0.5, 1 - (0.5 * i) / points))

describe('what a voltmeter will show', () => {
  test('from the start to the moment it is empty, falling, and lower under load than at rest in the end', () => {
    const readings = voltmeterReadings(bank, emptying(40, 20), 15, 60, 5)
    expect(readings.map(({ atMin }) => atMin)).toEqual([0, 150, 300, 450, 600])
    for (let i = 1; i < readings.length; i++) {
      expect(readings[i].loadedV).toBeLessThan(readings[i - 1].loadedV)
      expect(readings[i].restingV).toBeLessThan(readings[i - 1].restingV)
    }
    const last = readings[4]
    expect(last).toMatchObject({ fraction: 0.5, restingV: expect.closeTo(12.05, 6) })
    expect(last.loadedV).toBeLessThan(last.restingV)
  })

  test('nothing where nothing is drawn', () => {
    expect(voltmeterReadings(bank, new Float32Array(50).fill(1), 15, 0, 5)).toEqual([])
  })
})
