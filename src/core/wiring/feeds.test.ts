import { describe, expect, test } from '@jest/globals'
import { bankOf } from '@/catalog/equipment'
import { CARS } from '@/catalog/refill'
import { WIRING_TABLES } from '@/catalog/wires'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import type { Plan } from '../plan/document'
import { feedsOf } from './feeds'

const bank = bankOf('lfp-12-200', 1, 1, 'inverter-1500-12', 'bank')
const fedBy = (plan: Plan, kind: string) => feedsOf(plan, WIRING_TABLES).find((feed) => feed.kind === kind)

describe('what brings energy', () => {
  test('a charger of its own counts where the inverter has none', () => {
    const inverter = { ...bank.bank!.inverter!, chargerA: 0 }
    const plan = planWith(
      [loadOf(constant(10))],
      [{ ...bank, id: 'main', bank: { ...bank.bank!, inverter, chargerA: 20 } }],
    )
    // 20 A into 12.8 V, from 120 V
    expect(fedBy(plan, 'wall')!.amps).toBeCloseTo((20 * 12.8) / 120, 6)
  })
  test('a car gives no more than its 12 V system, and its cables carry that', () => {
    const plan = planWith([loadOf(constant(10))], [{ ...bank, id: 'main' }])
    const by = (systemW?: number) => ({
      ...plan,
      refill: { ...plan.refill, car: { ...CARS.inverter, on: true, watts: 900, systemW } },
    })
    // 900 W, and 500 W · 0.88, through 88 % at 13 V
    expect(fedBy(by(), 'car')!.amps).toBeCloseTo(900 / (13 * 0.88), 6)
    expect(fedBy(by(500), 'car')!.amps).toBeCloseTo(500 / 13, 6)
    expect(fedBy(by(500), 'car')!.fuseA).toBeLessThan(fedBy(by(), 'car')!.fuseA!)
  })
})
