import type { Plan } from '../plan/document'
import { normalQuantile } from '../quantity/normal'
import { chanceOfUse } from './chanceOfUse'
import { type Chance, type Fit, ReadingsModel } from './likelihood'
import type { Observation } from './observations'
import { SegmentRuns } from './segmentRuns'
import { persistence } from './persistence'
import { type Tilt, type Unknown, canBeTilted, deviateOf, unknownsOf, withTilts } from './unknowns'

/** Where the readings leave an unknown: mean and standard deviation of its deviate, 0 and 1 before any reading. */
export interface Moment {
  unknown: Unknown
  mean: number
  sd: number
}

/**
 * Runs weighed by how well they agree with the readings. Each is weighed twice: as the plan says it, and once more in case that all
 * use is more or less than the plan says by much, as with a battery that holds less than its label: part i is of run i mod `runs`.
 */
export interface WeighedRuns {
  sample: SegmentRuns
  /** the runs as the plan alone has them: the sample itself unless it was drawn afresh */
  planned: SegmentRuns
  /** of every part; add up to 1 */
  weights: Float64Array
  fits: Fit[]
  /** probability that all use is otherwise by much, 0…1 */
  scaled: number
  /** 1 ÷ Σ w²: as many runs as speak */
  effectiveRuns: number
  /** logarithm of the probability of the readings, all runs together */
  logEvidence: number
  moments: Moment[]
  /** how much of a difference in what was used goes on: see `persistence` */
  persists: number
  chance: Chance
  /** how often runs were drawn afresh around those that agreed */
  redraws: number
}

/** The model's own error as a share of what was used. From memory; docs/runs.md. */
export const USE_SD = 0.03
/** How far all use may be off where something is wrong with the battery or the whole plan, and how probable that is. From memory. */
const SCALED_SD = 0.35
const SCALED_PRIOR = 0.4
/** With fewer runs that speak they are drawn afresh, so often at most. */
const WANTED_RUNS = 100
const MOST_REDRAWS = 2
/** So many runs are let speak at least: what few say is as much chance as knowledge. */
const LEAST_SPEAKING = 50
/** Unknowns of which the readings say less than this are drawn as before. */
const LEAST_SHIFT = 0.25
const LEAST_NARROWING = 0.9

/**
 * Weighs simulated runs of a segment by its readings; where too few agree, draws afresh around those that do and corrects
 * each run's weight by prior ÷ proposal, so that what is learned stays what the readings say.
 *
 * @param plan the segment's plan
 * @param observations minutes since the segment began
 */
export function weighRuns(
  plan: Plan,
  sourceId: string,
  observations: readonly Observation[],
  options: { seed: number; runs?: number; horizonMin?: number },
): WeighedRuns {
  const lastMin = observations.reduce((last, { minute }) => Math.max(last, minute), 0)
  const chance = chanceOfUse(plan, sourceId, options.seed + 1000, lastMin)
  const models = [USE_SD, SCALED_SD].map((useSd) => new ReadingsModel(observations, useSd, chance))
  const draw = (seed: number, tilts: readonly Tilt[]) =>
    new SegmentRuns(withTilts(plan, tilts), sourceId, seed, options.runs, options.horizonMin)
  const planned = draw(options.seed, [])
  const unknowns = unknownsOf(plan, planned.loadIds, planned.sourceIds)
  let best = weigh(planned, models, unknowns, [])
  for (let redraw = 1; redraw <= MOST_REDRAWS && observations.length > 0; redraw++) {
    if (best.effectiveRuns >= Math.min(WANTED_RUNS, planned.runs / 4)) break
    const tilts = tiltsFrom(best, plan)
    if (tilts.length === 0) break
    const next = weigh(draw(options.seed + redraw, tilts), models, unknowns, tilts)
    // few runs that agree make the readings look less probable than they are: the surest word counts
    const logEvidence = Math.max(best.logEvidence, next.logEvidence)
    if (next.effectiveRuns > best.effectiveRuns) best = { ...next, planned, redraws: redraw, logEvidence }
    else best = { ...best, logEvidence }
  }
  return best
}

interface Weighed extends WeighedRuns {
  logWeights: Float64Array
  deviates: Float64Array[]
}

function weigh(
  sample: SegmentRuns,
  models: readonly ReadingsModel[],
  unknowns: readonly Unknown[],
  tilts: readonly Tilt[],
): Weighed {
  const [model, scaledModel] = models
  const { runs } = sample
  const { observations, count } = model
  const deviates = unknowns.map((unknown) => {
    const tilt = tilts.find((one) => one.unknown === unknown)
    return Float64Array.from({ length: runs }, (_, run) => {
      const z = deviateOf(unknown, sample.seed, run)
      return tilt ? tilt.mean + tilt.sd * z : z
    })
  })
  const expected = new Float64Array(count)
  const perUse = new Float64Array(count)
  const perShare = new Float64Array(count)
  const noise = new Float64Array(count)
  const lastMin = observations.reduce((last, { minute }) => Math.max(last, minute), 0)
  const logWeights = new Float64Array(2 * runs)
  const fits: Fit[] = []
  for (let run = 0; run < runs; run++) {
    observations.forEach((observation, j) => {
      const one = sample.expect(run, observation)
      expected[j] = one.value
      perUse[j] = one.perUse
      perShare[j] = one.perShare
      noise[j] = one.noise
    })
    const used = sample.drawn(run, lastMin)
    const ratio = logRatio(tilts, unknowns, deviates, run)
    fits[run] = model.fit(expected, perUse, perShare, noise, used)
    fits[runs + run] = scaledModel.fit(expected, perUse, perShare, noise, used)
    logWeights[run] = fits[run].logLikelihood + ratio + Math.log(1 - SCALED_PRIOR)
    logWeights[runs + run] = fits[runs + run].logLikelihood + ratio + Math.log(SCALED_PRIOR)
  }
  const { effectiveRuns, logSum } = normalised(logWeights, 1)
  const logEvidence = logSum - Math.log(runs) + ownChance(model.chance)
  const { weights } = flattened(logWeights, Math.min(LEAST_SPEAKING, runs / 4))
  return {
    sample,
    planned: sample,
    weights,
    fits,
    effectiveRuns,
    logEvidence,
    scaled: weights.subarray(runs).reduce((sum, weight) => sum + weight, 0),
    persists: persistence(sample, flattened(logWeights.subarray(0, runs), runs / 3).weights, lastMin),
    moments: momentsOf(unknowns, deviates, weights),
    chance: model.chance,
    redraws: 0,
    logWeights,
    deviates,
  }
}

/** Noise of the difference between two readings of a display, about: below it chance does not show. */
const SHOWN_SD = 0.012

/**
 * A run is held against the readings with the chance of both, its own and that of the house. Of how probable the readings are its
 * own chance is no part: the factor √((2c + n²) ÷ (c + n²)) of every stretch, c the variance of chance and n a reading's noise.
 */
function ownChance({ covariance, count }: Chance): number {
  let log = 0
  for (let k = 0; k < count; k++) {
    const both = covariance[k * count + k] + SHOWN_SD ** 2
    log += 0.5 * Math.log(both / (covariance[k * count + k] / 2 + SHOWN_SD ** 2))
  }
  return log
}

/** log prior ÷ proposal of a run: φ(z) against the normal around the tilt. */
function logRatio(
  tilts: readonly Tilt[],
  unknowns: readonly Unknown[],
  deviates: readonly Float64Array[],
  run: number,
): number {
  let log = 0
  for (const { unknown, mean, sd } of tilts) {
    const z = deviates[unknowns.indexOf(unknown)][run]
    log += Math.log(sd) - 0.5 * z * z + 0.5 * ((z - mean) / sd) ** 2
  }
  return log
}

/** Weights that add up to 1, of logarithms; a temper below 1 flattens them. */
function normalised(logWeights: Float64Array, temper: number) {
  let most = -Infinity
  for (const log of logWeights) if (log > most) most = log
  const weights = logWeights.map((log) => Math.exp((log - most) * temper))
  const sum = weights.reduce((a, b) => a + b, 0)
  let squares = 0
  for (let i = 0; i < weights.length; i++) {
    weights[i] /= sum
    squares += weights[i] ** 2
  }
  return { weights, effectiveRuns: 1 / squares, logSum: most + Math.log(sum) }
}

function momentsOf(
  unknowns: readonly Unknown[],
  deviates: readonly Float64Array[],
  weights: Float64Array,
): Moment[] {
  return unknowns.map((unknown, k) => {
    const z = deviates[k]
    let mean = 0
    for (let i = 0; i < weights.length; i++) mean += weights[i] * z[i % z.length]
    let variance = 0
    for (let i = 0; i < weights.length; i++) variance += weights[i] * (z[i % z.length] - mean) ** 2
    return { unknown, mean, sd: Math.sqrt(variance) }
  })
}

/** Weights flattened until so many runs speak. */
function flattened(logWeights: Float64Array, wanted: number) {
  let temper = 1
  let found = normalised(logWeights, temper)
  while (found.effectiveRuns < wanted && temper > 1e-4) {
    temper *= 0.7
    found = normalised(logWeights, temper)
  }
  return { ...found, temper }
}

/** Where to draw afresh: around the runs that agree, flattened until enough of them speak. */
function tiltsFrom({ logWeights, deviates, moments }: Weighed, plan: Plan): Tilt[] {
  const { weights, effectiveRuns, temper } = flattened(logWeights, Math.min(40, logWeights.length / 8))
  // what few runs say by chance is not taken for a shift
  const chance = 1.5 / Math.sqrt(effectiveRuns)
  return momentsOf(
    moments.map(({ unknown }) => unknown),
    deviates,
    weights,
  )
    .filter(
      ({ unknown, mean, sd }) =>
        (Math.abs(mean) > Math.max(LEAST_SHIFT, chance) || sd < LEAST_NARROWING - chance / 2) &&
        canBeTilted(plan, unknown),
    )
    .map(({ unknown, mean, sd }) => ({
      unknown,
      // as far again as the flattening kept it back, within reason
      mean: Math.max(-3.5, Math.min(3.5, mean * Math.min(1.6, 1 + 0.5 * (1 - temper)))),
      sd: Math.max(0.45, Math.min(1, 1.15 * sd)),
    }))
}

/** A deviate for each run, the same whenever it is asked for: where its stretch of use lies within what the readings leave. */
export function spreadOver(runs: number): Float64Array {
  // steps of the golden section fill the line evenly
  return Float64Array.from({ length: runs }, (_, run) =>
    normalQuantile((((run + 0.5) * 0.6180339887498949) % 1) * 0.998 + 0.001),
  )
}
