import type { Percentiles } from '../simulation/result'
import { chanceSd, onwards } from './onwards'
import type { WeighedRuns } from './posterior'
import type { SegmentRuns } from './segmentRuns'
import type { SteadyDraw } from './steadyDraw'
import { weightedBand } from './weighted'

/** Charge (share of full) at every `stepMin` minutes since the run began, from `fromMin` on. */
export interface RunBand {
  fromMin: number
  stepMin: number
  p10: Float64Array
  p50: Float64Array
  p90: Float64Array
}

const BAND_STEP_MIN = 30

const emptyBand = (fromMin: number, steps: number): RunBand => ({
  fromMin,
  stepMin: BAND_STEP_MIN,
  p10: new Float64Array(steps),
  p50: new Float64Array(steps),
  p90: new Float64Array(steps),
})

function put(band: RunBand, step: number, { p10, p50, p90 }: Percentiles): void {
  band.p10[step] = p10
  band.p50[step] = p50
  band.p90[step] = p90
}

/** What the readings leave of the charge, hour by hour, under both explanations. */
export function bandOf(
  { sample, weights, fits, persists, chance }: WeighedRuns,
  steady: SteadyDraw,
  contradicts: number,
  lastMin: number,
  fromMin: number,
): RunBand {
  const { runs, charged } = sample
  const steps = Math.floor(sample.horizonMin / BAND_STEP_MIN) + 1
  const band = emptyBand(fromMin, steps)
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
    const charge = weightedBand({ values, weights: all })
    put(band, step, charge)
    if (charge.p90 <= least + 1e-9) {
      for (const part of [band.p10, band.p50, band.p90]) part.fill(least, step)
      break
    }
  }
  return band
}

/** The band as the plan alone has it. */
export function plannedBandOf(runs: SegmentRuns, fromMin: number): RunBand {
  const steps = Math.floor(runs.horizonMin / BAND_STEP_MIN) + 1
  const band = emptyBand(fromMin, steps)
  const values = new Float64Array(runs.runs)
  const weights = new Float64Array(runs.runs).fill(1)
  for (let step = 0; step < steps; step++) {
    for (let run = 0; run < runs.runs; run++)
      values[run] = runs.charged - Math.min(runs.usedAtEnd(run), runs.used(run, step * BAND_STEP_MIN))
    put(band, step, weightedBand({ values, weights }))
  }
  return band
}

/** Charge at a minute of the run, from a band. */
export function chargeOfBand({ fromMin, stepMin, p10, p50, p90 }: RunBand, minute: number): Percentiles {
  const at = Math.min(p50.length - 1, Math.max(0, (minute - fromMin) / stepMin))
  const k = Math.min(Math.max(0, p50.length - 2), Math.floor(at))
  const of = (line: Float64Array) => line[k] + (at - k) * ((line[k + 1] ?? line[k]) - line[k])
  return { p10: of(p10), p50: of(p50), p90: of(p90) }
}
