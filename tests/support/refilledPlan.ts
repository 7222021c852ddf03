import * as fc from 'fast-check'
import { equipmentClass, sourceOf } from '@/catalog/equipment'
import { CARS, arrayOf, generatorOf, usualController } from '@/catalog/refill'
import type { Plan } from '@/core/plan/document'
import { NO_REFILL } from '@/core/plan/noRefill'
import type { Refill } from '@/core/plan/refill'
import type { Scenario, Source } from '@/core/plan/schema'
import { constant, loadOf, mixedLoads, planWith } from './samplePlan'

export const station = (id = 'station-2000'): Source => sourceOf(equipmentClass(id), 'main')
export const stretch = (fromH: number, toH: number) => ({ fromMin: fromH * 60, toMin: toH * 60 })

/** What a refilled plan has beside its loads. */
export interface RefilledParts {
  refill?: Partial<Refill>
  scenario?: Partial<Scenario>
  hours?: number
}
/** A plan from a June evening on, refilled. */
export function refilledPlan(
  source: Source | Source[],
  loads: Plan['loads'],
  { refill, scenario, hours = 48 }: RefilledParts,
): Plan {
  const plan = planWith(loads, [source].flat(), hours)
  return {
    ...plan,
    scenario: { ...plan.scenario, startsAt: '2027-06-04T18:00', ...scenario },
    refill: { ...NO_REFILL, recordLowC: -10, ...refill },
  }
}

/** Any mixture of sun, generator, wall and car. */
export const someRefill = fc.record({
  panels: fc.integer({ min: 0, max: 3 }),
  sky: fc.constantFrom('clear', 'mixed', 'overcast', 'dark' as const),
  month: fc.integer({ min: 1, max: 12 }),
  generatorFrom: fc.option(fc.integer({ min: 0, max: 120 }), { nil: null }),
  gridFrom: fc.option(fc.integer({ min: 0, max: 120 }), { nil: null }),
  socketFrom: fc.option(fc.integer({ min: 0, max: 120 }), { nil: null }),
  loadW: fc.integer({ min: 20, max: 400 }),
  charged: fc.double({ min: 0.1, max: 1, noNaN: true }),
  bothWays: fc.boolean(),
  passThrough: fc.boolean(),
  totalW: fc.constantFrom(null, 150, 600),
  seed: fc.integer({ min: 0, max: 1e6 }),
})
export type SomeRefill = typeof someRefill extends fc.Arbitrary<infer T> ? T : never

export function planOfSome(of: SomeRefill, source = station(), hours = 48): Plan {
  const quarters = (from: number | null, length: number) =>
    from === null ? [] : [{ fromMin: from * 15 + 4, toMin: from * 15 + 4 + length }]
  const outfit = source.outfit && {
    ...source.outfit,
    input: { ...source.outfit.input, totalW: of.totalW },
    suppliesWhileCharging: of.bothWays,
    passThrough: of.passThrough,
  }
  return refilledPlan(
    { ...source, outfit, chargedFraction: of.charged },
    [loadOf(constant(of.loadW), { id: 'steady' }), ...mixedLoads(3)],
    {
      refill: {
        panels: of.panels
          ? [
              arrayOf('panel-220', 'a', {
                parallel: of.panels,
                controller: source.bank ? usualController(24) : null,
                series: source.bank ? 2 : 1,
              }),
            ]
          : [],
        generator: { ...generatorOf(2000, 6), quiet: [] },
        car: CARS['12 V socket'],
      },
      scenario: {
        startsAt: `2027-${String(of.month).padStart(2, '0')}-04T18:00`,
        sky: { kind: 'days', days: [of.sky as 'clear'] },
        charging: {
          generator: quarters(of.generatorFrom, 200),
          grid: quarters(of.gridFrom, 61),
          car: quarters(of.socketFrom, 300),
        },
      },
      hours,
    },
  )
}
