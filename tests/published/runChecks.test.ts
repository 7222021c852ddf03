import { describe, expect, test } from '@jest/globals'
import { bankOf } from '@/catalog/equipment'
import { predictRun } from '@/core/run/predictRun'
import { calibrationCases } from '../calibration/cases'
import { drawnRunOutcomes } from '../calibration/runs/drawnRuns'
import { errorOf, summaryOf } from '../calibration/runs/outcome'
import { pairsOfRuns } from '../calibration/runs/pairs'
import { headOf, readingAt } from '../calibration/runs/runOf'
import { simulatedOutcomes } from '../calibration/runs/simulatedRuns'
import { constant, loadOf, planWith } from '../support/samplePlan'
import { isSafe, wrongOutcomes } from '../calibration/runs/wrongPlans'

/** Runs with their readings in between: check values of common practice, no source; drawn households; runs of the program's own. */

const caseOf = (id: string) => calibrationCases().find((one) => one.id === id)!.plan

describe('runs as they were observed, from their readings in between', () => {
  test('E: 655 Wh by 12 h; the battery has 2 % left after 35 h 55 min', () => {
    const plan = caseOf('E')
    const found = predictRun(headOf(plan), [readingAt(plan, 720, { outWh: 655 })])
    expect(errorOf(found.endMin.p50 / 60, 35.9)).toBeLessThan(0.1)
    expect(found.endMin.p10 / 60).toBeLessThan(35.9)
    expect(found.endMin.p90 / 60).toBeGreaterThan(35.9)
  })

  test('F: half gone after 4 h 15 min; empty after 11 h 55 min, which the straight line misses by far more', () => {
    const plan = caseOf('F')
    const found = predictRun(headOf(plan), [
      readingAt(plan, 0, { chargeFraction: 1 }),
      readingAt(plan, 255, { chargeFraction: 0.5 }),
    ])
    const trueH = 11 + 55 / 60
    expect(errorOf(found.endMin.p50 / 60, trueH)).toBeLessThan(0.2)
    expect(errorOf(found.endMin.p50 / 60, trueH)).toBeLessThan(
      0.7 * errorOf(found.straight!.endMin / 60, trueH),
    )
  })
})

describe('B: a 55 W canister filter straight on a 12 V 100 Ah lead-acid battery', () => {
  const battery = bankOf('flooded-12-100', 1, 1, null, 'Battery')
  const plan = planWith([loadOf(constant(54), { sourceId: battery.id, volts: 12 })], [battery])
  const endH = (readings: Parameters<typeof readingAt>[]) =>
    predictRun(
      headOf(plan),
      readings.map((reading) => readingAt(...reading)),
    ).endMin.p50 / 60

  test('used to half: by plan, and by 12.6 V under load after 5 h, about the 11 h that were planned', () => {
    const read = endH([
      [plan, 0, { restV: 12.7 }],
      [plan, 300, { loadedV: 12.6, nowW: 54 }],
    ])
    expect(errorOf(endH([]), 11.1)).toBeLessThan(0.1)
    expect(errorOf(read, 11.1)).toBeLessThan(0.06)
  })

  test('12.1 V at rest after 11 h are about half: it ends there', () => {
    const end = endH([
      [plan, 0, { restV: 12.7 }],
      [plan, 660, { restV: 12.1 }],
    ])
    expect(errorOf(end, 11.1)).toBeLessThan(0.04)
  })
})

/** All of them take minutes: the usual run looks at every twentieth, `npm run soak` at each. */
const EVERY = process.env.SOAK ? 1 : 20
const RUNS = process.env.SOAK ? 400 : 100

describe('drawn households, by what their gauge showed to a third', () => {
  const { inside, error, lineError, plannedError } = summaryOf(drawnRunOutcomes(RUNS, EVERY))
  test('the 80 % interval holds most of the ends', () => {
    expect(inside).toBeGreaterThanOrEqual(process.env.SOAK ? 0.7 : 0.5)
    expect(inside).toBeLessThanOrEqual(process.env.SOAK ? 0.9 : 1)
  })
  test('the error is under that of the line and of the plan alone', () => {
    expect(error).toBeLessThan(lineError)
    if (process.env.SOAK) expect(error).toBeLessThan(plannedError)
  })
})

describe('simulated runs whose truth is known', () => {
  const { inside, error, lineError } = summaryOf(simulatedOutcomes(process.env.SOAK ? 3 : 1, RUNS, EVERY))
  test('the interval holds most of them, and the median error is under the line’s', () => {
    expect(inside).toBeGreaterThanOrEqual(process.env.SOAK ? 0.72 : 0.5)
    expect(inside).toBeLessThanOrEqual(process.env.SOAK ? 0.88 : 1)
    if (process.env.SOAK) expect(error).toBeLessThan(0.08)
    expect(error).toBeLessThan(lineError)
  })
})

test('a battery of 60 % is seen, or covered, more often than not', () => {
  const outcomes = wrongOutcomes('a battery of 60 %', RUNS, Math.max(2, 2 * EVERY))
  expect(outcomes.filter(isSafe).length / outcomes.length).toBeGreaterThanOrEqual(0.5)
})

describe('pairs of runs of one house each', () => {
  const pairs = pairsOfRuns(0, RUNS, EVERY)
  const [taught, untaught] = [
    summaryOf(pairs.map((pair) => pair.taught)),
    summaryOf(pairs.map((pair) => pair.untaught)),
  ]
  test('what the first taught makes the end of the second known better, and no less surely', () => {
    expect(taught.error).toBeLessThan(process.env.SOAK ? untaught.error : 1.15 * untaught.error)
    expect(taught.inside).toBeGreaterThanOrEqual(process.env.SOAK ? 0.75 : 0.5)
    if (process.env.SOAK) expect(pairs.length).toBeGreaterThanOrEqual(100)
  })
})
