/** A prediction of a run's end beside what happened. Hours. */
export interface RunOutcome {
  id: string
  kind: string
  trueH: number
  p10: number
  p50: number
  p90: number
  /** as planned, without readings */
  plannedH: number
  /** by the straight line; null where there is none */
  lineH: number | null
  /** probability that the plan misses something */
  contradicts: number
  /** the program says so first: something is missing, or all use is otherwise by much */
  isTold: boolean
  effectiveRuns: number
  redraws: number
}

const CAP = 4

/** Relative error of a predicted end; what never ends counts as four times too long. */
export const errorOf = (predictedH: number | null, trueH: number): number =>
  predictedH === null ? CAP : Math.min(CAP, Math.abs(predictedH - trueH) / trueH)

const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = sorted.length >> 1
  return sorted.length % 2 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2
}

/** Coverage of the 80 % interval, and median errors of the prediction, of the line and of the plan alone. */
export function summaryOf(outcomes: readonly RunOutcome[]) {
  const share = (holds: (one: RunOutcome) => boolean) =>
    outcomes.filter(holds).length / Math.max(1, outcomes.length)
  return {
    count: outcomes.length,
    inside: share(({ trueH, p10, p90 }) => trueH >= p10 && trueH <= p90),
    earlier: share(({ trueH, p10 }) => trueH < p10),
    later: share(({ trueH, p90 }) => trueH > p90),
    error: median(outcomes.map(({ p50, trueH }) => errorOf(p50, trueH))),
    lineError: median(outcomes.map(({ lineH, trueH }) => errorOf(lineH, trueH))),
    plannedError: median(outcomes.map(({ plannedH, trueH }) => errorOf(plannedH, trueH))),
    contradicted: share(({ isTold }) => isTold),
  }
}
