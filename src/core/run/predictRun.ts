import type { Plan } from '../plan/document'
import { percentilesOf } from '../simulation/events'
import type { Percentiles } from '../simulation/result'
import { drainW, middlePath } from '../conversion/loss'
import { type Observation, observationsOf, thinned } from './observations'
import { type Moment, type WeighedRuns, weighRuns } from './posterior'
import { outsideOfPlan } from './outside'
import { type Entry, type RunHead, minuteOf } from './runDocument'
import { type RunBand, bandOf, plannedBandOf } from './runBand'
import { endsOf } from './runEnds'
import { type RunSegment, planOfSegment, segmentsOf } from './segments'
import { type StraightLine, straightLine } from './straightLine'
import { steadyDraw } from './steadyDraw'
import { type Tilt, canBeTilted, withTilts } from './unknowns'
import type { SegmentRuns } from './segmentRuns'
import { type WeightedValues, shareReaching, weightedBand } from './weighted'

/** What a run's readings say of its end. Minutes count from the start of the run, shares from 0 to 1. */
export interface RunPrediction {
  segment: RunSegment
  /** the moment of the last entry that was held against the runs; the segment's begin without any */
  nowMin: number
  /** how many figures were read, and how many runs speak */
  readings: number
  effectiveRuns: number
  runs: number
  redraws: number
  /** the watched source is empty */
  endMin: Percentiles
  ends: WeightedValues
  /** before any reading, as the plan had it when the segment began */
  plannedEndMin: Percentiles
  band: RunBand
  plannedBand: RunBand
  straight: StraightLine | null
  /** the end if this moment's watts went on; null where no watts were read */
  byWattsMin: number | null
  nowW: number | null
  /** probability that something the plan does not know explains the readings better, 0…1 */
  contradicts: number
  /** reading after reading lies outside of what the plan alone expects */
  outside: ReturnType<typeof outsideOfPlan>
  /** probability that all use is more or less than planned by much, and by how many times it then is */
  scaled: number
  scaledTimes: number
  /** as far as looked */
  horizonMin: number
  moments: Moment[]
}

export interface PredictOptions {
  seed?: number
  runs?: number
  horizonMin?: number
  /** entries after this minute are not looked at */
  untilMin?: number
}

/** How probable it is before any reading that the plan misses something; from memory. */
const PRIOR_MISSING = 0.04
/** Probability that the plan misses something where reading after reading lies outside of it; from memory. */
const OUTSIDE = 0.6

/**
 * Holds a run's entries against many simulated runs of its plan and says when the source that is watched will be empty.
 *
 * Segments are taken one after the other: what one taught of loads and sources is what the next begins with. The end is told of
 * two explanations, each as likely as the readings make it: the plan's, and a constant draw that nobody knows the cause of.
 *
 * @throws RangeError where the watched source is no part of the plan
 */
export function predictRun(
  head: RunHead,
  entries: readonly Entry[],
  options: PredictOptions = {},
): RunPrediction {
  const { untilMin = Infinity } = options
  const seed = options.seed ?? 1
  const looked = entries.filter((entry) => minuteOf(head, entry.at) <= untilMin)
  const segments = segmentsOf(head, looked)
  let plan = head.plan
  segments.slice(0, -1).forEach((segment, i) => {
    const observations = thinned(observationsOf(head, segment))
    if (observations.length < 2) return
    const own = planOfSegment(head, segment, plan)
    const weighed = weighRuns(own, segment.sourceId, observations, { ...options, seed: seed + 100 * (i + 1) })
    plan = withTilts(plan, tiltsOf(weighed.moments, plan))
  })
  const segment = segments[segments.length - 1]
  const own = planOfSegment(head, segment, plan)
  const observations = thinned(observationsOf(head, segment))
  const weighed = weighRuns(own, segment.sourceId, observations, { ...options, seed })
  return predictionOf(segment, own, observations, weighed, seed)
}

/** What a segment taught, for the next to begin with. */
function tiltsOf(moments: readonly Moment[], plan: Plan): Tilt[] {
  return moments.filter(
    ({ unknown, mean, sd }) => (Math.abs(mean) > 0.25 || sd < 0.9) && canBeTilted(plan, unknown),
  )
}

function predictionOf(
  segment: RunSegment,
  plan: Plan,
  observations: readonly Observation[],
  weighed: WeighedRuns,
  seed: number,
): RunPrediction {
  const { fromMin } = segment
  const { sample, planned } = weighed
  const lastMin = observations.reduce((last, { minute }) => Math.max(last, minute), 0)
  const floor = floorOf(planned)
  const steady = steadyDraw(planned, observations, weighed.chance)
  const outside = outsideOfPlan(planned, observations)
  const contradicts =
    observations.length < 3
      ? 0
      : Math.max(outside ? OUTSIDE : 0, missing(weighed.logEvidence, steady.logEvidence))
  const ends = endsOf(weighed, steady, contradicts, lastMin, floor, seed)
  const nowW = lastWatts(segment)
  const straight = straightLine(observations, floor)
  const since = (minute: number) => minute + fromMin
  const shifted = ({ p10, p50, p90 }: Percentiles): Percentiles => ({
    p10: since(p10),
    p50: since(p50),
    p90: since(p90),
  })
  const values = ends.values.map(since)
  return {
    segment,
    nowMin: since(lastMin),
    readings: observations.length,
    effectiveRuns: weighed.effectiveRuns,
    runs: sample.runs,
    redraws: weighed.redraws,
    endMin: shifted(weightedBand(ends)),
    ends: { values, weights: ends.weights },
    plannedEndMin: shifted(
      percentilesOf(Float64Array.from({ length: planned.runs }, (_, run) => planned.emptyMin(run))),
    ),
    band: bandOf(weighed, steady, contradicts, lastMin, fromMin),
    plannedBand: plannedBandOf(planned, fromMin),
    straight: straight && { ...straight, endMin: since(straight.endMin) },
    byWattsMin: nowW === null ? null : since(endByWatts(plan, segment, nowW, straight, weighed, lastMin)),
    nowW,
    contradicts,
    outside,
    scaled: weighed.scaled,
    scaledTimes: scaledTimes(weighed),
    horizonMin: since(sample.horizonMin),
    moments: weighed.moments,
  }
}

/** By how many times all use is more than planned, where it is otherwise by much: mean of those parts. */
function scaledTimes({ weights, fits, sample, scaled }: WeighedRuns): number {
  let sum = 0
  for (let i = sample.runs; i < weights.length; i++) sum += weights[i] * fits[i].useMean
  return scaled > 0 ? 1 + sum / scaled : 1
}

/** Probability of the unknown draw, by Bayes. */
function missing(logPlan: number, logSteady: number): number {
  const log = Math.log(PRIOR_MISSING / (1 - PRIOR_MISSING)) + logSteady - logPlan
  return 1 / (1 + Math.exp(-log))
}

/** Share of full at which the source ends, the mean of the runs. */
function floorOf(runs: SegmentRuns): number {
  let sum = 0
  for (let run = 0; run < runs.runs; run++) sum += runs.charged - runs.usedAtEnd(run)
  return sum / runs.runs
}

function lastWatts({ readings }: RunSegment): number | null {
  return readings.reduce<number | null>((last, { nowW }) => nowW ?? last, null)
}

/** Minutes since the segment's begin at which these watts would empty what is left. */
function endByWatts(
  plan: Plan,
  { sourceId }: RunSegment,
  watts: number,
  straight: StraightLine | null,
  { sample, weights }: WeighedRuns,
  lastMin: number,
): number {
  const source = plan.powerSystem.sources.find(({ id }) => id === sourceId)!
  const path = middlePath(source)
  let used = 0
  weights.forEach((weight, i) => (used += weight * sample.used(i % sample.runs, lastMin)))
  const charge = straight?.chargeNow ?? sample.charged - used
  const takenW = drainW(path, watts)
  const leftWh = Math.max(0, charge * path.capacityWh - path.floorWh)
  return takenW > 0 ? lastMin + (leftWh / takenW) * 60 : Infinity
}

/** Probability that the watched source still gives something at a minute of the run. */
export const lastsUntil = (prediction: Pick<RunPrediction, 'ends'>, minute: number): number =>
  shareReaching(prediction.ends, minute)
