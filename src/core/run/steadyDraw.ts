import { type Chance, ReadingsModel } from './likelihood'
import type { Observation } from './observations'
import { USE_SD } from './posterior'
import type { SegmentRuns } from './segmentRuns'

/**
 * The other explanation that readings always have: something unknown draws evenly. It knows nothing of the plan's loads but how
 * much they might take, so it explains readings that fit less well than a good plan and better than a wrong one.
 */
export interface SteadyDraw {
  /** logarithm of the probability of the readings under it */
  logEvidence: number
  /** shares of full used in an hour that were looked at, and how probable each is given the readings */
  sharePerH: Float64Array
  weights: Float64Array
}

/** Standard deviation of the logarithm of the unknown draw: 80 % within ÷2.8 … ×2.8 of what the plan expects. */
const LOG_SD = 0.8
const STEPS = 161
const REACH_SD = 3.2
/** What comes and goes in a stretch of time while the mean stays, as a share of what it uses. From memory. */
const WANDER = 0.1
/** What a single reading may be off by cycles, as a share of an hour's use. */
const CYCLES_H = 0.15

/**
 * The evidence of readings under a constant unknown draw, and what they say of it. Charge and volts speak of one draw, counters of
 * another: a battery that holds less than stated uses up faster than its counters go.
 */
export function steadyDraw(
  runs: SegmentRuns,
  observations: readonly Observation[],
  { stretchMin, count }: Chance,
): SteadyDraw {
  const isCharge = ({ instrument: { what } }: Observation) => what === 'charge' || what === 'volts'
  const usualPerH = usualShare(runs)
  const charge = gridOf(
    observations.filter(isCharge),
    usualPerH,
    (rate, { minute }) => runs.charged - (rate * minute) / 60,
    -1,
    { stretchMin, count },
  )
  const capacityWh = runs.capacityWh(0)
  const counted = gridOf(
    observations.filter((one) => !isCharge(one)),
    usualPerH,
    (rate, { minute }) => (rate * minute * capacityWh) / 60,
    capacityWh,
    { stretchMin, count },
  )
  const speaks = observations.some(isCharge) ? charge : counted
  return { ...speaks, logEvidence: charge.logEvidence + counted.logEvidence }
}

/** Share of full an hour that the plan expects over its first day: the median of the runs, where they last so long. */
function usualShare(runs: SegmentRuns): number {
  const shares = Float64Array.from({ length: runs.runs }, (_, run) => {
    const minutes = Math.max(15, Math.min(runs.emptyMin(run), 1440))
    return (runs.used(run, minutes) * 60) / minutes
  }).sort()
  return Math.max(1e-4, shares[runs.runs >> 1])
}

function gridOf(
  observations: readonly Observation[],
  usual: number,
  expectedOf: (rate: number, one: Observation) => number,
  perShare: number,
  { stretchMin, count }: Omit<Chance, 'covariance'>,
): SteadyDraw {
  const zs = Float64Array.from({ length: STEPS }, (_, i) => REACH_SD * ((2 * i) / (STEPS - 1) - 1))
  const sharePerH = zs.map((z) => usual * Math.exp(LOG_SD * z))
  const prior = zs.map((z) => Math.exp(-0.5 * z * z))
  const priorSum = prior.reduce((a, b) => a + b, 0)
  if (observations.length === 0) return { logEvidence: 0, sharePerH, weights: prior.map((p) => p / priorSum) }
  const lastMin = observations.reduce((last, { minute }) => Math.max(last, minute), 0)
  const perShares = new Float64Array(observations.length).fill(perShare)
  const logs = sharePerH.map((rate, i) => {
    const covariance = new Float64Array(count * count)
    for (let k = 0; k < count; k++)
      covariance[k * count + k] = ((WANDER * rate * stretchMin) / 60) ** 2 + 1e-8
    const model = new ReadingsModel(observations, USE_SD, { stretchMin, count, covariance })
    const expected = Float64Array.from(observations, (one) => expectedOf(rate, one))
    const perUse = Float64Array.from(observations, ({ minute }) => (perShare * rate * minute) / 60)
    const noise = perUse.map(() => Math.abs(perShare) * rate * CYCLES_H)
    const usedNow = (rate * lastMin) / 60
    return (
      model.fit(expected, perUse, perShares, noise, usedNow).logLikelihood + Math.log(prior[i] / priorSum)
    )
  })
  const most = logs.reduce((a, b) => Math.max(a, b))
  const weights = logs.map((log) => Math.exp(log - most))
  const sum = weights.reduce((a, b) => a + b, 0)
  return { logEvidence: most + Math.log(sum), sharePerH, weights: weights.map((w) => w / sum) }
}
