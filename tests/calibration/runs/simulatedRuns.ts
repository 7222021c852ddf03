import { readPlan } from '@/core/plan/document'
import type { Plan } from '@/core/plan/document'
import { bitsAt, keyOf, mix32 } from '@/core/quantity/random'
import { predictRun } from '@/core/run/predictRun'
import type { Entry } from '@/core/run/runDocument'
import { SegmentRuns } from '@/core/run/segmentRuns'
import { planOfSegment, segmentsOf } from '@/core/run/segments'
import { drawnHouseholds } from '../drawn/household'
import { planOfKnown } from '../drawn/planOfKnown'
import { outcomeOf } from './drawnRuns'
import type { RunOutcome } from './outcome'
import { headOf, readingAt } from './runOf'

/** Runs of the program's own making, with a truth that is known: what its gauge would have shown goes in, its end is predicted. */

const LOOKED_H = 72
const READ_EVERY_MIN = 30

const uniform = (seed: number, index: number) => (bitsAt(mix32(seed), index) + 0.5) / 2 ** 32
/** Twelve uniforms make a deviate that is near enough normal. */
const normal = (seed: number, index: number) =>
  Array.from({ length: 12 }, (_, i) => uniform(seed, index * 12 + i)).reduce((a, b) => a + b, -6)

/** A plan beside the one that really runs, and what the gauge showed. */
export interface SimulatedRun {
  id: string
  kind: string
  plan: Plan
  trueMin: number
  entries: Entry[]
}

/** The plans of the drawn households: boxes, burners, pits, networks, families, small stations. */
export const plansOfAllKinds = (): { id: string; kind: string; plan: Plan }[] =>
  drawnHouseholds().map((household) => {
    const reading = readPlan(planOfKnown(household))
    if (!reading.ok) throw new Error(`${household.id}: ${JSON.stringify(reading.faults)}`)
    return { id: household.id, kind: household.kind, plan: reading.plan }
  })

/**
 * One run of `truth`, read every half hour by a gauge that is off by some 2 points, rounds to 1 and trembles.
 *
 * @returns null where it lasts less than 2 hours or more than 70
 */
export function simulatedRun(
  { id, kind, plan }: { id: string; kind: string; plan: Plan },
  seed: number,
  truth: Plan = plan,
  share = 1 / 3,
): SimulatedRun | null {
  const sourceId = plan.powerSystem.sources[0].id
  const head = headOf(truth)
  const own = planOfSegment(head, segmentsOf(head, [])[0])
  const runs = new SegmentRuns(own, sourceId, keyOf(`truth of ${id} ${seed}`) >>> 1, 1, LOOKED_H * 60)
  const trueMin = runs.emptyMin(0)
  if (trueMin < 120 || trueMin > (LOOKED_H - 2) * 60) return null
  const noise = keyOf(`${id} ${seed}`)
  const bias = 0.015 * normal(noise, 0)
  const entries: Entry[] = []
  for (let minute = 0; minute <= Math.max(60, trueMin * share); minute += READ_EVERY_MIN) {
    const true_ = runs.charged - runs.used(0, minute)
    // a full battery is shown as full
    const shown =
      minute === 0 ? true_ : true_ + bias * Math.min(1, 4 * (1 - true_)) + 0.005 * normal(noise, minute + 1)
    entries.push(
      readingAt(plan, minute, { chargeFraction: Math.round(Math.min(1, Math.max(0, shown)) * 100) / 100 }),
    )
  }
  return { id: `${id} ${seed}`, kind, plan, trueMin, entries }
}

export function outcomeOfSimulated(run: SimulatedRun, runs = 400): RunOutcome {
  const found = predictRun(headOf(run.plan), run.entries, { runs, horizonMin: LOOKED_H * 60 })
  return { id: run.id, kind: run.kind, trueH: run.trueMin / 60, ...outcomeOf(found) }
}

/** Simulated runs of all kinds of plan, `times` of each. */
export const simulatedOutcomes = (times = 3, runs = 400, every = 1): RunOutcome[] =>
  plansOfAllKinds()
    .filter((_, i) => i % every === 0)
    .flatMap((one) =>
      Array.from({ length: times }, (_, k) => simulatedRun(one, k)).flatMap((run) =>
        run ? [outcomeOfSimulated(run, runs)] : [],
      ),
    )
