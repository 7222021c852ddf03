import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { demoHousehold } from '@/catalog/demoHousehold'
import { cycling, loadOf, planWith } from '../../../tests/support/samplePlan'
import { ensureComputable } from '@/words/reading/computable'
import { MOST_SWITCHINGS, busyFault, tooBusy } from './switchingBudget'

const busyPlan = (loads: number, periodMin: number, durationH = 336) =>
  planWith(
    Array.from({ length: loads }, (_, i) =>
      loadOf(cycling(100, 40, periodMin), { id: `load-${i}`, name: `Pump ${i}` }),
    ),
    undefined,
    durationH,
  )

describe('the budget of switchings', () => {
  test('what households have is within it: two hundred refrigerators in a fortnight, the sample', () => {
    expect(tooBusy(busyPlan(200, 45))).toBeNull()
    expect(busyFault(demoHousehold())).toBeNull()
  })

  test('past it the load is named that does most, with cycles that would be long enough', () => {
    const plan = busyPlan(7, 30)
    const busy = { ...plan.loads[3], name: 'Valve', behaviour: cycling(100, 40, 0.5) }
    const loads = plan.loads.map((load, i) => (i === 3 || i === 4 ? busy : load))
    expect(tooBusy({ ...plan, loads: loads.slice(0, 4) })).toBeNull()
    const heavy = {
      ...plan,
      loads: [...loads, ...Array(2).fill(busy)].map((load, i) => ({ ...load, id: `l${i}` })),
    }
    const found = tooBusy(heavy)
    expect(found?.load.name).toBe('Valve')
    expect(found!.allSwitchings).toBeGreaterThan(MOST_SWITCHINGS)
    expect(() => ensureComputable(heavy)).toThrow(
      /^“Valve” switches 86,\d{3} times in 360 h .* would be right\.$/,
    )
  })

  test('cycles as long as it says are within it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 150 }),
        fc.double({ min: 0.5, max: 2, noNaN: true }),
        (others, periodMin) => {
          const plan = busyPlan(others, 45)
          const behaviour = { ...cycling(100, 40, periodMin), blower: { watts: 50, leadS: 30, trailS: 60 } }
          const loads = [...plan.loads, loadOf(behaviour as never, { id: 'valve' })]
          const found = tooBusy({ ...plan, loads })
          if (!found?.enoughMin) return
          const slower = loads.map((load) =>
            load.id === 'valve'
              ? { ...load, behaviour: { ...behaviour, ...cycling(100, 40, found.enoughMin!) } }
              : load,
          )
          expect(tooBusy({ ...plan, loads: slower as never })).toBeNull()
        },
      ),
      { numRuns: 40 },
    )
  })

  test('loads that are off do not count', () => {
    const plan = busyPlan(200, 0.5)
    expect(tooBusy(plan)).not.toBeNull()
    expect(tooBusy({ ...plan, loads: plan.loads.map((load) => ({ ...load, on: false })) })).toBeNull()
  })
})
