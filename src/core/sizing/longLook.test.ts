import { describe, expect, test } from '@jest/globals'
import { equipmentClass, sourceOf } from '@/catalog/equipment'
import { arrayOf } from '@/catalog/refill'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import type { Plan } from '../plan/document'
import { NO_REFILL } from '../plan/noRefill'
import type { SkyClass } from '../plan/limits'
import { LOOK_DAYS, longLook } from './longLook'

function sunny(watts: number, panels: number, sky: SkyClass, hours = 24): Plan {
  const plan = planWith([loadOf(constant(watts))], [sourceOf(equipmentClass('station-3600'), 'main')], hours)
  return {
    ...plan,
    scenario: { ...plan.scenario, startsAt: '2027-06-04T18:00', sky: { kind: 'days', days: [sky] } },
    refill: { ...NO_REFILL, panels: panels ? [arrayOf('panel-220', 'roof', { parallel: panels })] : [] },
  }
}

describe('if the last day’s weather goes on', () => {
  test('a slow loss ends some days after what the outage shows, at the hour its balance says', () => {
    const plan = sunny(40, 2, 'overcast')
    const { runtimeMin } = longLook(plan, 40)
    // in: some 0.5 kWh a day; out: (40 ÷ 0.915 + 16.4 W) · 24 h = 1.44 kWh; 3.3 kWh last 3 to 5 days
    expect(runtimeMin!.p50).toBeGreaterThan(2.5 * 1440)
    expect(runtimeMin!.p50).toBeLessThan(6 * 1440)
    expect(runtimeMin!.p10).toBeLessThan(runtimeMin!.p90)
  })

  test('more panels never end it sooner; enough of them go on for three weeks', () => {
    const ends = [1, 2, 4].map((panels) => longLook(sunny(40, panels, 'overcast'), 40).runtimeMin?.p50 ?? 0)
    expect(ends[1]).toBeGreaterThanOrEqual(ends[0])
    expect(ends[2]).toBeGreaterThanOrEqual(ends[1])
    const bright = longLook(sunny(40, 4, 'clear'), 40)
    expect(bright.runtimeMin!.p10).toBe(Infinity)
    expect(bright.horizonMin).toBe(LOOK_DAYS * 1440)
  })

  test('nothing to look at where nothing refills it, or where it ends within the outage', () => {
    expect(longLook(sunny(40, 0, 'clear'), 20).runtimeMin).toBeNull()
    expect(longLook(sunny(400, 1, 'dark', 48), 20).runtimeMin).toBeNull()
  })
})
