import { normalQuantile } from '../quantity/normal'
import { keyOf, streamOf, uniformAt } from '../quantity/random'
import { chanceSd, onwards } from './onwards'
import { type WeighedRuns, spreadOver } from './posterior'
import type { SteadyDraw } from './steadyDraw'
import type { WeightedValues } from './weighted'

/** What nobody knows of the hours ahead, as a share of what is yet to be used. */
const AHEAD_SD = 0.11
/** Of a steady draw that nobody knows the cause of: how it may change, as the logarithm's standard deviation. */
const STEADY_AHEAD_SD = 0.12
/** How well it is known what goes on. */
const PERSISTS_SD = 0.3

/** The ends that both explanations lead to, each with its weight. */
export function endsOf(
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

const normalsOf = (what: string, count: number, seed: number) =>
  Float64Array.from({ length: count }, (_, i) => normalQuantile(uniformAt(streamOf(seed, keyOf(what), i), 0)))
