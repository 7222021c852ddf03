import type { Plan } from '@/core/plan/document'
import { SegmentRuns } from '@/core/run/segmentRuns'
import { compile } from '@/core/simulation/compile'
import { traceOf } from '@/core/simulation/trace'

/** What a simulated power station goes through, minute by minute from the start of a run. */
export interface StationTape {
  /** true charge, share of full */
  chargeFraction: Float32Array
  /** at its outlets */
  outputW: Float32Array
  /** Wh given until then */
  outWh: Float32Array
  /** minute at which it switches its outlets off; null where it outlasts the tape */
  endMin: number | null
  /** it switched itself off because too little was drawn, and is not empty */
  isAsleep: boolean
}

/** Longest tape: three days. */
const LONGEST_MIN = 4320

/**
 * One run of a plan by its own draws, as its watched source goes through it.
 *
 * @param plan of the run's segment, as `planOfSegment` makes it
 */
export function stationTape(plan: Plan, sourceId: string, seed: number): StationTape {
  const runs = new SegmentRuns(plan, sourceId, seed, 1, LONGEST_MIN)
  const end = runs.emptyMin(0)
  const minutes = LONGEST_MIN + 1
  const chargeFraction = new Float32Array(minutes)
  const outWh = new Float32Array(minutes)
  const outputW = new Float32Array(minutes)
  for (let minute = 0; minute < minutes; minute++) {
    const at = Math.min(minute, end)
    chargeFraction[minute] = runs.charged - runs.used(0, at)
    outWh[minute] = runs.outletWh(0, at)
  }
  const chain = compile(plan, LONGEST_MIN).chains.find(({ sources }) =>
    sources.some(({ id }) => id === sourceId),
  )!
  for (const { stretches } of traceOf(chain.loads, LONGEST_MIN, seed, 0))
    for (const { fromMin, toMin, watts } of stretches)
      for (let minute = Math.ceil(fromMin); minute < Math.min(toMin, end, minutes); minute++)
        outputW[minute] += watts
  return {
    chargeFraction,
    outputW,
    outWh,
    endMin: Number.isFinite(end) ? end : null,
    isAsleep: runs.endsAsleep,
  }
}
