import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { readPlan } from '@/core/plan/document'
import { contradiction } from '@/core/run/contradiction'
import { predictRun } from '@/core/run/predictRun'
import { drawnHouseholds } from '../drawn/household'
import { planOfKnown } from '../drawn/planOfKnown'
import { headOf, readingAt } from './runOf'
import type { RunOutcome } from './outcome'

const LOOKED_H = 72
/** Readings of the first third decide. */
const SHARE = 1 / 3

/** What each drawn household's gauge showed every half hour. */
const gauges = (): Map<string, number[]> =>
  new Map(
    readFileSync(join(import.meta.dirname, '..', 'drawn', 'readings.jsonl'), 'utf8')
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as { id: string; chargePercentEachHalfHour: number[] })
      .map(({ id, chargePercentEachHalfHour }) => [id, chargePercentEachHalfHour]),
  )

/** Predicts each drawn household's end from what its gauge showed in the first third; those that outlast 72 h are left out. */
export function drawnRunOutcomes(runs = 400, every = 1): RunOutcome[] {
  const read = gauges()
  return drawnHouseholds().flatMap((household, i) => {
    const { id, kind, lastedH } = household
    if (lastedH === null || i % every !== 0) return []
    const reading = readPlan(planOfKnown(household))
    if (!reading.ok) throw new Error(`${id}: ${JSON.stringify(reading.faults)}`)
    const { plan } = reading
    const untilH = Math.max(1, lastedH * SHARE)
    const entries = read
      .get(id)!
      .map((percent, i) => ({ percent, hours: i / 2 }))
      .filter(({ hours }) => hours <= untilH)
      .map(({ percent, hours }) => readingAt(plan, hours * 60, { chargeFraction: percent / 100 }))
    const found = predictRun(headOf(plan), entries, { runs, horizonMin: LOOKED_H * 60 })
    return [{ id, kind, trueH: lastedH, ...outcomeOf(found) }]
  })
}

/** The figures of a prediction that are held against the truth, hours. */
export function outcomeOf(found: ReturnType<typeof predictRun>) {
  return {
    p10: found.endMin.p10 / 60,
    p50: found.endMin.p50 / 60,
    p90: found.endMin.p90 / 60,
    plannedH: found.plannedEndMin.p50 / 60,
    lineH: found.straight ? found.straight.endMin / 60 : null,
    contradicts: found.contradicts,
    isTold: contradiction(found) !== null,
    effectiveRuns: found.effectiveRuns,
    redraws: found.redraws,
  }
}
