import { expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { planOf } from '../plan/planOf'
import { headOf, readingAt } from '../../../tests/calibration/runs/runOf'
import { measuredStarts, startsAsThen, withStarts } from './measuredStarts'

const household = demoHousehold()
const plan = planOf(household)
const head = headOf(plan)
const motor = plan.loads.find(({ start }) => start !== null)!
const origin = { run: 'run 1', day: '2027-02-05' }

test('the highest peak of a load alone is its start, as tested; how long it takes stays', () => {
  const entries = [
    readingAt(plan, 5, { peakW: 900, peakOf: motor.id }),
    readingAt(plan, 9, { peakW: 1240, peakOf: motor.id }),
    readingAt(plan, 12, { peakW: 3000 }),
  ]
  const starts = measuredStarts(head, entries, origin)
  expect(starts).toMatchObject([
    {
      loadId: motor.id,
      before: motor.start,
      after: {
        watts: { value: 1240, evidence: 'tested', source: 'run 1', testedOn: '2027-02-05' },
        seconds: motor.start!.seconds,
      },
    },
  ])
  const changed = withStarts(household, starts).loads.find(({ id }) => id === motor.id)!
  expect(changed.start!.watts.value).toBe(1240)
  expect(withStarts(household, starts).loads.filter((load, i) => load !== household.loads[i])).toHaveLength(1)
})

test('a peak no higher than what the load runs at is no start', () => {
  const runningW = motor.behaviour.runningW.value
  expect(measuredStarts(head, [readingAt(plan, 5, { peakW: runningW, peakOf: motor.id })], origin)).toEqual(
    [],
  )
})

test('a start that somebody changed since, or whose load is gone, is not taken over', () => {
  const starts = measuredStarts(head, [readingAt(plan, 5, { peakW: 1240, peakOf: motor.id })], origin)
  expect(startsAsThen(household, starts)).toEqual(starts)
  const changed = household.loads.map((load) => (load.id === motor.id ? { ...load, start: null } : load))
  expect(startsAsThen({ ...household, loads: changed }, starts)).toEqual([])
  expect(startsAsThen({ ...household, loads: [] }, starts)).toEqual([])
})
