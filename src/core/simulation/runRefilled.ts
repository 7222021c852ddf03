import { normalQuantile } from '../quantity/normal'
import { streamOf, uniformAt } from '../quantity/random'
import type { CompiledChain } from './compile'
import type { CompiledRefill } from './compileRefill'
import type { DemandGrid } from './demand'
import { type RefillCurves, type RefillLedger, emptyCurves, emptyLedger } from './refillLedger'
import { POINT_MIN } from './sweep'
import type { QuarterDemand } from './glide'

/** The luck of each day's light in one run: log-normal about what the scenario says. */
export function drawLight(
  { key, logPerZ }: CompiledRefill,
  seed: number,
  run: number,
  out: Float64Array,
): Float64Array {
  const stream = streamOf(seed, key, run)
  for (let day = 0; day < logPerZ.length; day++)
    out[day] = Math.exp(logPerZ[day] * normalQuantile(uniformAt(stream, day)))
  return out
}

/** A run's demand by quarter hours, from a grid of quarters or of minutes; its buffers serve every run. */
export class QuartersOf implements QuarterDemand {
  readonly meanW: Float64Array
  readonly squareW2: Float64Array
  peakW = 0
  private readonly minutes = new Float64Array(POINT_MIN)

  constructor(
    private readonly grid: Pick<DemandGrid, 'changeW' | 'minutes'>,
    private readonly horizonMin: number,
    private readonly weights: Float64Array,
    /** of every minute; null where the grid's step is a quarter */
    private readonly demandW: Float64Array | null,
  ) {
    this.meanW = new Float64Array(Math.ceil(horizonMin / POINT_MIN))
    this.squareW2 = new Float64Array(this.meanW.length)
  }

  /** To be called when a run has been written into the grid. */
  update(): this {
    const { meanW: means, demandW, horizonMin, grid } = this
    if (demandW) {
      this.peakW = meansOf(demandW, horizonMin, means, this.squareW2)
      return this
    }
    let power = 0
    for (let q = 0; q < means.length; q++) {
      power += grid.changeW[q]
      // a step that the horizon cuts short has its watts spread over a whole one
      means[q] = (power * POINT_MIN) / Math.min(POINT_MIN, horizonMin - q * POINT_MIN)
    }
    return this
  }

  minutesW(quarter: number): Float64Array {
    const from = quarter * POINT_MIN
    const until = Math.min(this.horizonMin, from + POINT_MIN)
    if (this.demandW) return this.demandW.subarray(from, until)
    this.grid.minutes(this.minutes, from, until, this.weights)
    return this.minutes
  }
}

/** Means of every quarter hour, and of the squares, from watts of minutes. @returns the most of any minute */
function meansOf(
  demandW: Float64Array,
  horizonMin: number,
  means: Float64Array,
  squares: Float64Array,
): number {
  let most = 0
  for (let q = 0; q < means.length; q++) {
    const from = q * POINT_MIN
    const until = Math.min(horizonMin, from + POINT_MIN)
    let sum = 0
    let square = 0
    for (let m = from; m < until; m++) {
      sum += demandW[m]
      square += demandW[m] * demandW[m]
      if (demandW[m] > most) most = demandW[m]
    }
    means[q] = sum / (until - from)
    squares[q] = square / (until - from)
  }
  return most
}

/** Means of a chain's refill over the runs, and what it brings against what is needed. */
export interface RefillRuns {
  sum: RefillLedger
  /** sums over the runs */
  curves: RefillCurves
  /** by run: Wh a day that come in or could, and Wh a day that feeding everything takes */
  broughtPerDayWh: Float64Array
  neededPerDayWh: Float64Array
  /** by run: the minute at which the generator's fuel is burnt; Infinity where some is left */
  fuelEndMin: Float64Array
  /** by run: minutes of the outage without supply */
  unfedMin: Float64Array
}

/** Room for what the runs of a chain leave behind of their refill; null without one. */
export const refillRunsOf = ({ refill }: CompiledChain, runs: number): RefillRuns | null =>
  refill && {
    sum: emptyLedger(),
    curves: emptyCurves(refill.sunW.length),
    broughtPerDayWh: new Float64Array(runs),
    neededPerDayWh: new Float64Array(runs),
    fuelEndMin: new Float64Array(runs),
    unfedMin: new Float64Array(runs),
  }
