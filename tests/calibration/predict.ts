import { drawSource } from '@/core/simulation/chance'
import { storePath } from '@/core/conversion/loss'
import { percentilesOf } from '@/core/simulation/events'
import { POINT_MIN } from '@/core/simulation/sweep'
import { runAll } from '@/core/simulation/simulate'
import { compile, hoursOf } from '@/core/simulation/compile'
import { drawLoad } from '@/core/simulation/chance'
import { DemandGrid } from '@/core/simulation/demand'
import { emptyLoadValues } from '@/core/simulation/loadValues'
import { STARTS } from '@/core/simulation/stretchList'
import { normalQuantile } from '@/core/quantity/normal'
import { drawn } from '@/core/quantity/quantity'
import { uniformAt } from '@/core/quantity/random'
import type { CalibrationCase, Observation } from './cases'

export interface Prediction {
  caseId: string
  what: string
  unit: string
  p10: number
  p50: number
  p90: number
  observed: number
  /** share of the runs below the observation, 0…1 */
  percentile: number
}

export const CALIBRATION_RUNS = 2000

/** What the model says of every observation of a case, and where the observation falls in it. */
export function predict(one: CalibrationCase, runs = CALIBRATION_RUNS, seed = 1): Prediction[] {
  return one.observations.map((observation) => {
    const { values, observed, unit } = sampleOf(one, observation, runs, seed)
    const below = values.filter((value) => value < observed).length
    const same = values.filter((value) => value === observed).length
    return {
      caseId: one.id,
      what: observation.what,
      unit,
      ...percentilesOf(values),
      observed,
      percentile: (below + same / 2) / values.length,
    }
  })
}

function sampleOf({ plan }: CalibrationCase, observation: Observation, runs: number, seed: number) {
  if (observation.kind === 'watts') {
    const values = Float64Array.from({ length: runs }, (_, run) =>
      drawn(observation.believed, normalQuantile(uniformAt(seed, run))),
    )
    return { values, observed: observation.watts, unit: 'W' }
  }
  const all = runAll(plan, { runs, seed })
  const { chain, fractions, emptyMin } = all.chains[0]
  const { horizonMin } = all.compiled
  const at = (hours: number) => {
    const point = Math.round((hours * 60) / POINT_MIN)
    return fractions[0].slice(point * runs, (point + 1) * runs)
  }
  if (observation.kind === 'end')
    return {
      values: Float64Array.from(emptyMin[0], (min) => min / 60),
      observed: observation.hours,
      unit: 'h',
    }
  if (observation.kind === 'charge left')
    return {
      values: Float64Array.from(at(observation.atHours)),
      observed: observation.fraction,
      unit: 'of full',
    }
  if (observation.kind === 'battery Wh') {
    const left = at(observation.atHours)
    const values = Float64Array.from(left, (fraction, run) => {
      const { capacityWh } = storePath(
        chain.sources[0].lossRule,
        drawSource(chain.sources[0], chain.sourceKeys[0], seed, run),
      )
      return (1 - fraction) * capacityWh
    })
    return { values, observed: observation.wh, unit: 'Wh' }
  }
  const compiled = compile(plan, horizonMin)
  const { loads } = compiled.chains[0]
  const grid = new DemandGrid(loads, horizonMin)
  const scratch = emptyLoadValues(hoursOf(horizonMin))
  const values = new Float64Array(runs)
  for (let run = 0; run < runs; run++) {
    grid.changeW.fill(0)
    loads.forEach((load, slot) => grid.write(slot, load, drawLoad(load, seed, run, scratch)))
    if (observation.kind === 'first start') {
      const list = grid.lists[loads.findIndex(({ load }) => load.id === observation.loadId)]
      values[run] = Infinity
      for (let k = 0; k < list.count; k++)
        if (list.has(k, STARTS)) {
          values[run] = list.onMin(k)
          break
        }
    } else {
      const untilMin = observation.kind === 'outlet Wh' ? observation.atHours * 60 : 1440
      values[run] = loads.reduce((sum, _, slot) => sum + grid.energyWh(slot, untilMin), 0)
    }
  }
  return observation.kind === 'first start'
    ? { values, observed: observation.minutes, unit: 'min' }
    : { values, observed: observation.wh, unit: 'Wh' }
}

/** Share of observations within the 80 % band. */
export const coverage = (predictions: readonly Prediction[]) =>
  predictions.filter(({ percentile }) => percentile >= 0.1 && percentile <= 0.9).length / predictions.length
