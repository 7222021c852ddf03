import type { Plan } from '../plan/document'
import { percentilesOf } from '../simulation/events'
import type { Percentiles } from '../simulation/result'
import { SegmentRuns } from './segmentRuns'

/** How well the end is known after so many hours of a run. */
export interface ExpectedWidth {
  hours: number
  /** half of the 80 % interval of the end, as a share of the whole run */
  halfWidth: number
}

/** What a run promises before it begins. */
export interface RunOutlook {
  widths: ExpectedWidth[]
  /** minutes since the run begins */
  endMin: Percentiles
}

const HOURS = [0, 1, 2, 3, 5, 8, 12, 18, 24]
const RUNS = 200
/** Runs taken for the truth in turn. */
const TRUTHS = 12
/** A display can be read so well, as a share of full. */
const READ_SD = 0.012

/**
 * How long a run must be to tell something: for each number of hours the usual half-width of the end's 80 % interval, if the charge
 * is read then and the runs that would have shown the same are kept. Some runs are taken for the truth in turn.
 *
 * @param plan of the run's segment
 */
export function runOutlook(plan: Plan, sourceId: string, seed = 1): RunOutlook {
  const runs = new SegmentRuns(plan, sourceId, seed, RUNS)
  const ends = Float64Array.from({ length: RUNS }, (_, run) => Math.min(runs.emptyMin(run), runs.horizonMin))
  const endMin = percentilesOf(ends.slice())
  const usual = endMin.p50
  const widths = HOURS.filter((hours) => hours * 60 < usual).map((hours) => {
    const halves: number[] = []
    for (let truth = 0; truth < TRUTHS; truth++) {
      const used = runs.drawn(truth, hours * 60)
      // the nearest runs, about as many as a display cannot tell apart
      const near = Array.from({ length: RUNS }, (_, run) => run)
        .map((run) => ({ run, off: Math.abs(runs.drawn(run, hours * 60) - used) }))
        .sort((a, b) => a.off - b.off)
        .filter(({ off }, i) => i < RUNS / 8 || off < READ_SD)
      const { p10, p90 } = percentilesOf(Float64Array.from(near, ({ run }) => ends[run]))
      halves.push((p90 - p10) / 2 / Math.max(1, usual))
    }
    return { hours, halfWidth: halves.reduce((a, b) => a + b, 0) / TRUTHS }
  })
  return { widths, endMin }
}
