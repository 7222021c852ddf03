import { percentilesOf } from '../simulation/events'
import { type Assumption, assumptionsAgainst } from './assumptions'
import type { Moment } from './posterior'
import type { Entry, RunHead } from './runDocument'
import { SegmentRuns } from './segmentRuns'
import { planOfSegment, segmentsOf } from './segments'
import { canBeTilted, withTilts } from './unknowns'

/** By how many hours one thing that was otherwise than assumed moves the planned end. */
export interface Explanation {
  assumption: Assumption
  /** hours later (+) or earlier (−) */
  hours: number
}

const RUNS = 120
const MOST = 6
const LEAST_H = 0.1

/** What the difference between plan and run comes from: each assumption put right alone, the most hours first. */
export function explainRun(
  head: RunHead,
  entries: readonly Entry[],
  moments: readonly Moment[],
): Explanation[] {
  const segments = segmentsOf(head, entries)
  const segment = segments[segments.length - 1]
  const plan = planOfSegment(head, segment)
  const end = (tilts: Parameters<typeof withTilts>[1]) => {
    const runs = new SegmentRuns(withTilts(plan, tilts), segment.sourceId, 1, RUNS)
    const { p50 } = percentilesOf(Float64Array.from({ length: RUNS }, (_, run) => runs.emptyMin(run)))
    return Math.min(p50, runs.horizonMin)
  }
  const planned = end([])
  return assumptionsAgainst(moments)
    .slice(0, MOST)
    .filter(({ unknown }) => canBeTilted(plan, unknown))
    .map((assumption) => {
      const moment = moments.find(({ unknown }) => unknown === assumption.unknown)!
      return { assumption, hours: (end([moment]) - planned) / 60 }
    })
    .filter(({ hours }) => Math.abs(hours) >= LEAST_H)
    .sort((a, b) => Math.abs(b.hours) - Math.abs(a.hours))
}
