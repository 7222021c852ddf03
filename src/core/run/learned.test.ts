import { describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import type { Household } from '../plan/household'
import { quantity } from '../quantity/quantity'
import { headOf } from '../../../tests/calibration/runs/runOf'
import { keepLearned, learnedOf } from './learned'
import { planOfRun } from './planOfRun'
import { predictRun } from './predictRun'

/** The sample, whose battery was tested a year before the run; its outage is planned for months after it. */
function testedHousehold(): Household {
  const household = demoHousehold()
  const { powerSystemId } = household.chosen
  return {
    ...household,
    powerSystems: household.powerSystems.map((system) =>
      system.id === powerSystemId
        ? {
            ...system,
            sources: system.sources.map((source) => ({
              ...source,
              capacityWh: { ...quantity(2000, 'Wh', 'tested', { times: 1.2 }), testedOn: '2025-11-27' },
            })),
          }
        : system,
    ),
  }
}

describe('what was tested before, in a run on another day than the planned outage’s', () => {
  const household = testedHousehold()
  const plan = planOfRun(household, '2026-11-27T09:00')
  const [source] = plan.powerSystem.sources

  test('is as old as it is on the day of the run', () => {
    expect(source.capacityWh.value).toBeCloseTo(1960, 0)
    expect(source.capacityWh.testedOn).toBe('2026-11-27')
  })

  test('is learned of again, and nobody is said to have changed it', () => {
    const moments = predictRun(headOf(plan), [], { runs: 30 })
      .moments.filter(({ unknown }) => unknown.id === source.id && unknown.place === 0)
      .map((moment) => ({ ...moment, mean: -1, sd: 0.5 }))
    const learned = learnedOf(moments, plan, { run: 'run 2', day: '2026-11-27' })
    expect(learned).toHaveLength(1)
    expect(keepLearned(household, plan.powerSystem.id, learned).left).toEqual([])
  })
})
