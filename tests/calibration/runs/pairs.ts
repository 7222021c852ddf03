import type { Plan } from '@/core/plan/document'
import { learnedOf, withLearned } from '@/core/run/learned'
import { predictRun } from '@/core/run/predictRun'
import type { EntryOf } from '@/core/run/runDocument'
import { keyOf } from '@/core/quantity/random'
import { SegmentRuns } from '@/core/run/segmentRuns'
import { planOfSegment, segmentsOf } from '@/core/run/segments'
import { deviateOf, unknownsOf, withTilts } from '@/core/run/unknowns'
import { outcomeOf } from './drawnRuns'
import { entryAt, headOf } from './runOf'
import type { RunOutcome } from './outcome'
import { plansOfAllKinds, simulatedRun } from './simulatedRuns'

const LOOKED_H = 72

/** One house, its loads and battery settled once; what a day does by chance is left open. */
function settled(plan: Plan, seed: number): Plan {
  const head = headOf(plan)
  const { loadIds, sourceIds } = new SegmentRuns(
    planOfSegment(head, segmentsOf(head, [])[0]),
    head.sourceId,
    1,
    1,
  )
  return withTilts(
    plan,
    unknownsOf(plan, loadIds, sourceIds).map((unknown) => ({
      unknown,
      mean: deviateOf(unknown, seed, 0),
      sd: 0,
    })),
  )
}

/** The second run of a house, predicted with what the first taught, and without. */
export interface Pair {
  taught: RunOutcome
  untaught: RunOutcome
}

/**
 * Pairs of runs of houses that are settled once each: the first is run to its end and taught, the second is read to a share.
 *
 * @param share of the second run that is read; 0 for its begin alone
 */
export function pairsOfRuns(share: number, runs = 300, every = 1): Pair[] {
  return plansOfAllKinds()
    .filter((_, i) => i % every === 0)
    .flatMap((one): Pair[] => {
      const truth = settled(one.plan, keyOf(`house ${one.id}`) >>> 1)
      const first = simulatedRun(one, 101, truth, 1)
      const second = simulatedRun(one, 202, truth, share)
      if (!first || !second) return []
      const options = { runs, horizonMin: LOOKED_H * 60 }
      const head = headOf(one.plan)
      const end = entryAt<EntryOf<'end'>>(one.plan, first.trueMin, { kind: 'end', how: 'empty' })
      const { moments, contradicts } = predictRun(head, [...first.entries, end], options)
      const day = one.plan.scenario.startsAt.slice(0, 10)
      const plan =
        contradicts > 0.5
          ? one.plan
          : withLearned(one.plan, learnedOf(moments, one.plan, { run: 'first', day }))
      const entries = share > 0 ? second.entries : second.entries.slice(0, 1)
      const outcome = (known: Plan): RunOutcome => ({
        id: one.id,
        kind: one.kind,
        trueH: second.trueMin / 60,
        ...outcomeOf(predictRun(headOf(known), entries, options)),
      })
      return [{ taught: outcome(plan), untaught: outcome(one.plan) }]
    })
}
