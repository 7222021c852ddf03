import { describe, expect, test } from '@jest/globals'
import { bankOf } from '@/catalog/equipment'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import { chargerBudgets } from './chargerBudget'

const router = loadOf(constant(49), { id: 'router', name: 'Router', volts: 12 })
const lamp = loadOf(constant(100), { id: 'lamp', name: 'Lamp' })
const bank = (chargerA: number) => {
  const source = bankOf('lfp-12-100', 1, 1, 'inverter-1000-12', 'bank')
  return { ...source, id: 'main', bank: { ...source.bank!, inverter: null, chargerA } }
}

describe('a charger that fills and feeds', () => {
  test('10 A into 12.8 V less 50 W of direct current: by hand; household current is passed by', () => {
    const [budget] = chargerBudgets(planWith([router, lamp], [bank(10)]))
    expect(budget.loads).toEqual([router])
    expect(budget.chargerW).toBe(128)
    // 49 W over terminals that lose 2 %
    expect(budget.meanW).toBeCloseTo(50, 6)
    expect(budget.leftW).toBeCloseTo(78, 6)
    // 1280 Wh down to a reserve of 10 %, and 1.1 for the taper
    expect(budget.fullH).toBeCloseTo((1280 * 0.9 * 1.1) / 78, 2)
  })
  test('nothing left is never full; no charger or no direct current, no budget', () => {
    expect(chargerBudgets(planWith([router], [bank(3)]))[0]).toMatchObject({ fullH: Infinity })
    expect(chargerBudgets(planWith([router], [bank(3)]))[0].leftW).toBeLessThan(0)
    expect(chargerBudgets(planWith([router], [bank(0)]))).toEqual([])
    expect(chargerBudgets(planWith([lamp], [bank(10)]))).toEqual([])
  })
})
