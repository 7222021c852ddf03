import { uniformAt, keyOf, streamOf } from '../quantity/random'
import { normalQuantile } from '../quantity/normal'
import type { Plan } from '../plan/document'
import { percentilesOf } from '../simulation/events'
import type { Percentiles } from '../simulation/result'
import { drainW, middlePath } from '../conversion/loss'
import { type Observation, observationsOf, thinned } from './observations'
import { type Moment, type WeighedRuns, spreadOver, weighRuns } from './posterior'
import type { Chance } from './likelihood'
import { outsideOfPlan } from './outside'
import { type Entry, type RunHead, minuteOf } from './runDocument'
import { type RunSegment, planOfSegment, segmentsOf } from './segments'
import { type StraightLine, straightLine } from './straightLine'
import { type SteadyDraw, steadyDraw } from './steadyDraw'
import { type Tilt, canBeTilted, withTilts } from './unknowns'
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
  /** share of full at which the source ends, about */
  floor: number
}

/** Charge (share of full) at every `stepMin` minutes since the run began, from `fromMin` on. */
export interface RunBand {
  fromMin: number
  stepMin: number
  p10: Float64Array
  p50: Float64Array
  p90: Float64Array
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
/** What nobody knows of the hours ahead, as a share of what is yet to be used. */
const AHEAD_SD = 0.07
/** Of a steady draw that nobody knows the cause of: how it may change, as the logarithm's standard deviation. */
const STEADY_AHEAD_SD = 0.12
const BAND_STEP_MIN = 30

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
  const planned =
    weighed.redraws === 0 && observations.length === 0
      ? weighed
      : weighRuns(own, segment.sourceId, [], { ...options, seed })
  return predictionOf(segment, own, observations, weighed, planned, seed)
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
  planned: WeighedRuns,
  seed: number,
): RunPrediction {
  const { fromMin } = segment
  const { sample } = weighed
  const lastMin = observations.reduce((last, { minute }) => Math.max(last, minute), 0)
  const floor = floorOf(planned)
  const steady = steadyDraw(planned.sample, observations, weighed.chance)
  const outside = outsideOfPlan(planned.sample, observations)
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
      percentilesOf(
        Float64Array.from({ length: planned.sample.runs }, (_, run) => planned.sample.emptyMin(run)),
      ),
    ),
    band: bandOf(weighed, steady, contradicts, lastMin, fromMin),
    plannedBand: bandOf(planned, steady, 0, 0, fromMin),
    straight: straight && { ...straight, endMin: since(straight.endMin) },
    byWattsMin: nowW === null ? null : since(endByWatts(plan, segment, nowW, straight, weighed, lastMin)),
    nowW,
    contradicts,
    outside,
    scaled: weighed.scaled,
    scaledTimes: scaledTimes(weighed),
    horizonMin: since(sample.horizonMin),
    moments: weighed.moments,
    floor,
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
function floorOf({ sample }: WeighedRuns): number {
  let sum = 0
  for (let run = 0; run < sample.runs; run++) sum += sample.charged - sample.usedAtEnd(run)
  return sum / sample.runs
}

/** The ends that both explanations lead to, each with its weight. */
function endsOf(
  { sample, weights, fits, persists, chance }: WeighedRuns,
  steady: SteadyDraw,
  contradicts: number,
  lastMin: number,
  floor: number,
  seed: number,
): WeightedValues {
  const { runs } = sample
  const z = spreadOver(runs)
  const ahead = normalsOf('ahead', runs, seed)
  const persisting = normalsOf('persists', runs, seed)
  const usualSd = chanceSd(chance)
  const rates = steady.sharePerH
  const count = contradicts > 0 ? rates.length : 0
  const parts = weights.length
  const values = new Float64Array(parts + count)
  const all = new Float64Array(parts + count)
  for (let i = 0; i < parts; i++) {
    const run = i % runs
    const { offMean, offSd } = fits[i]
    const off = offMean + offSd * z[run]
    const own = Math.min(1, Math.max(0, persists + PERSISTS_SD * persisting[run]))
    const onward = onwards(sample.drawn(run, lastMin), off, i < runs ? own : 1, usualSd)
    const use = onward * (1 + AHEAD_SD * ahead[run]) - 1
    const end = sample.correctedEnd(run, off, use, lastMin)
    // it is not empty yet, or nobody would have read it
    values[i] = Math.max(end, lastMin)
    all[i] = weights[i] * (1 - contradicts)
  }
  const changes = normalsOf('steady', Math.max(1, count), seed)
  for (let i = 0; i < count; i++) {
    const left = sample.charged - floor - (rates[i] * lastMin) / 60
    const rate = rates[i] * Math.exp(STEADY_AHEAD_SD * changes[i])
    values[parts + i] = lastMin + Math.max(0, (left / rate) * 60)
    all[parts + i] = steady.weights[i] * contradicts
  }
  return { values, weights: all }
}

/**
 * By how many times a run's use ahead is corrected, where `off` more than it says was used until now. What chance may have done
 * goes on in part; what is more than chance does goes on whole.
 */
function onwards(used: number, off: number, persists: number, usualSd: number): number {
  if (used < LEAST_USED) return 1
  const over = Math.min(Math.abs(off), USUAL_SDS * usualSd) * (1 - persists)
  return Math.max(0.2, 1 + (off - Math.sign(off) * over) / used)
}

const LEAST_USED = 0.01
/** Chance does so many of its standard deviations, and hardly more. */
const USUAL_SDS = 1.5
/** How well it is known what goes on. */
const PERSISTS_SD = 0.3

/** Standard deviation of what chance does to all that is used until the last reading. */
const chanceSd = ({ covariance }: Chance) =>
  Math.sqrt(
    Math.max(
      0,
      covariance.reduce((sum, one) => sum + one, 0),
    ),
  )

const normalsOf = (what: string, count: number, seed: number) =>
  Float64Array.from({ length: count }, (_, i) => normalQuantile(uniformAt(streamOf(seed, keyOf(what), i), 0)))

function bandOf(
  { sample, weights, fits, persists, chance }: WeighedRuns,
  steady: SteadyDraw,
  contradicts: number,
  lastMin: number,
  fromMin: number,
): RunBand {
  const { runs, charged } = sample
  const steps = Math.floor(sample.horizonMin / BAND_STEP_MIN) + 1
  const band: RunBand = {
    fromMin,
    stepMin: BAND_STEP_MIN,
    p10: new Float64Array(steps),
    p50: new Float64Array(steps),
    p90: new Float64Array(steps),
  }
  const count = contradicts > 0.02 ? steady.sharePerH.length : 0
  const speaks = Array.from({ length: weights.length }, (_, i) => i).filter((i) => weights[i] > 1e-5)
  const values = new Float64Array(speaks.length + count)
  const all = new Float64Array(speaks.length + count)
  speaks.forEach((part, i) => (all[i] = weights[part] * (1 - contradicts)))
  for (let i = 0; i < count; i++) all[speaks.length + i] = steady.weights[i] * contradicts
  const usualSd = chanceSd(chance)
  const nows = speaks.map((part) => sample.drawn(part % runs, lastMin))
  const floors = speaks.map((part) => charged - sample.usedAtEnd(part % runs))
  const least = Math.max(0, Math.min(...floors))
  for (let step = 0; step < steps; step++) {
    const minute = step * BAND_STEP_MIN
    speaks.forEach((part, i) => {
      const run = part % runs
      const drawn = sample.drawn(run, minute)
      const { offMean } = fits[part]
      // until now the correction grows with what was used, after it a part of it goes on
      const off =
        minute <= lastMin
          ? nows[i] > 0
            ? (offMean * drawn) / nows[i]
            : 0
          : offMean + (onwards(nows[i], offMean, part < runs ? persists : 1, usualSd) - 1) * (drawn - nows[i])
      values[i] = Math.max(floors[i], charged - sample.used(run, minute) - off)
    })
    for (let i = 0; i < count; i++)
      values[speaks.length + i] = Math.max(least, charged - (steady.sharePerH[i] * minute) / 60)
    const { p10, p50, p90 } = weightedBand({ values, weights: all })
    band.p10[step] = p10
    band.p50[step] = p50
    band.p90[step] = p90
    if (p90 <= least + 1e-9) {
      for (const part of [band.p10, band.p50, band.p90]) part.fill(least, step)
      break
    }
  }
  return band
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

/** Charge at a minute of the run, from a band. */
export function chargeOfBand({ fromMin, stepMin, p10, p50, p90 }: RunBand, minute: number): Percentiles {
  const at = Math.min(p50.length - 1, Math.max(0, (minute - fromMin) / stepMin))
  const k = Math.min(Math.max(0, p50.length - 2), Math.floor(at))
  const of = (line: Float64Array) => line[k] + (at - k) * ((line[k + 1] ?? line[k]) - line[k])
  return { p10: of(p10), p50: of(p50), p90: of(p90) }
}
