import type { Plan } from '../plan/document'
import type { Load } from '../plan/schema'
import { drawSource } from '../simulation/chance'
import type { ChainRuns } from '../simulation/chainRuns'
import { runAll } from '../simulation/simulate'
import { POINT_MIN } from '../simulation/sweep'
import type { Observation } from './observations'

/** What a run says an observation should be, and how that changes. */
export interface Expected {
  value: number
  /** for all use being more by 1 (100 %) */
  perUse: number
  /** for one more share of full being used */
  perShare: number
  /** what cycles add to the noise of a single reading */
  noise: number
}

/** Simulated runs of a segment, as readings of one source see them. */
export class SegmentRuns {
  readonly runs: number
  readonly horizonMin: number
  /** share of full at the start */
  readonly charged: number
  /** nothing refills it: what was used only grows, and can be stretched */
  readonly isPlain: boolean
  /** every load and source that takes part */
  readonly loadIds: ReadonlySet<string>
  readonly sourceIds: ReadonlySet<string>
  /** Wh by which a moment's use is off the mean of its cycles, as standard deviation */
  readonly cycleWh: number
  private readonly chain: ChainRuns
  private readonly s: number
  private readonly points: number

  /**
   * @param plan of the segment, as `planOfSegment` makes it
   * @throws RangeError where the source is no part of the plan
   */
  constructor(
    readonly plan: Plan,
    sourceId: string,
    readonly seed: number,
    runs?: number,
    horizonMin?: number,
  ) {
    const all = runAll(plan, {
      seed,
      keepDemand: true,
      ...(runs && { runs }),
      ...(horizonMin && { horizonMin }),
    })
    const chain = all.chains.find((one) => one.chain.sources.some(({ id }) => id === sourceId))
    if (!chain) throw new RangeError(`no source ${sourceId} here`)
    this.chain = chain
    this.runs = all.runs
    this.horizonMin = all.compiled.horizonMin
    this.s = chain.chain.sources.findIndex(({ id }) => id === sourceId)
    this.charged = chain.chain.sources[this.s].chargedFraction
    this.isPlain = chain.refill === null && this.s === 0
    this.points = Math.floor(this.horizonMin / POINT_MIN) + 1
    this.loadIds = new Set(chain.chain.loads.map(({ load }) => load.id))
    this.sourceIds = new Set([sourceId])
    this.cycleWh = Math.hypot(...chain.chain.loads.map(({ load }) => cycleWhOf(load)))
  }

  /** Minute at which the watched source is empty; Infinity beyond the horizon. */
  emptyMin(run: number): number {
    return this.chain.emptyMin[this.s][run]
  }

  /** Whether most runs end because the source switches itself off at light load. */
  get endsAsleep(): boolean {
    return this.chain.causes[this.s].sleep * 2 > this.runs
  }

  capacityWh(run: number): number {
    const { sources, sourceKeys, coldShares } = this.chain.chain
    const { s } = this
    return drawSource(sources[s], sourceKeys[s], this.seed, run).capacityWh * coldShares[s]
  }

  /** Wh its loads took until a moment, supplied or not. */
  outletWh(run: number, minute: number): number {
    return this.at(this.chain.demand!.wh, run, minute)
  }

  /** Share of full that is used by a moment; past its end it goes on as the loads would have it. */
  used(run: number, minute: number): number {
    const end = this.emptyMin(run)
    if (minute <= end || !this.isPlain) return this.charged - this.fraction(run, minute)
    const usedAtEnd = this.usedAtEnd(run)
    const whAtEnd = this.outletWh(run, end)
    const beyond = whAtEnd > 0 ? this.outletWh(run, minute) / whAtEnd : end > 0 ? minute / end : 1
    return usedAtEnd * Math.max(1, beyond)
  }

  /** Share of full that is used when the run ends: down to its reserve or cut-off. */
  usedAtEnd(run: number): number {
    const { reserveFraction } = this.chain.chain.sources[this.s]
    const left = this.chain.fractions[this.s][(this.points - 1) * this.runs + run]
    return this.charged - (this.emptyMin(run) < Infinity ? left : Math.min(left, reserveFraction.value))
  }

  /** Share of full that the loads take by a moment, whatever comes in. */
  drawn(run: number, minute: number): number {
    return this.isPlain ? this.used(run, minute) : this.outletWh(run, minute) / this.capacityWh(run)
  }

  /**
   * The minute at which the source is empty when `off` more of it is used by `nowMin` than the run says, and (1 + `ahead`)
   * times what the run says after it.
   */
  correctedEnd(run: number, off: number, ahead: number, nowMin: number): number {
    if (!this.isPlain) return this.emptyMin(run)
    const usedNow = this.used(run, Math.min(nowMin, this.horizonMin))
    const left = this.usedAtEnd(run) - usedNow - off
    if (left <= 0) return nowMin
    return this.minuteOfUse(run, usedNow + left / (1 + ahead))
  }

  /** When a run has used a share of full; Infinity beyond the horizon. */
  private minuteOfUse(run: number, share: number): number {
    let low = 0
    let high = this.points - 1
    if (this.used(run, high * POINT_MIN) < share) return Infinity
    while (high - low > 1) {
      const middle = (low + high) >> 1
      if (this.used(run, middle * POINT_MIN) < share) low = middle
      else high = middle
    }
    const before = this.used(run, low * POINT_MIN)
    const after = this.used(run, high * POINT_MIN)
    const part = after > before ? (share - before) / (after - before) : 1
    return (low + Math.min(1, Math.max(0, part))) * POINT_MIN
  }

  /** What a run says of an observation. */
  expect(run: number, { instrument, minute }: Observation): Expected {
    const used = this.used(run, minute)
    const drawn = this.drawn(run, minute)
    const capacityWh = this.capacityWh(run)
    const outletWh = this.outletWh(run, minute)
    const share = outletWh > 0 ? drawn / outletWh : 1 / capacityWh
    switch (instrument.what) {
      case 'charge':
      case 'volts':
        return { value: this.charged - used, perUse: -drawn, perShare: -1, noise: this.cycleWh * share }
      case 'outlet Wh':
        return { value: outletWh, perUse: outletWh, perShare: 1 / share, noise: this.cycleWh }
      case 'battery Wh': {
        const wh = used * capacityWh
        return { value: wh, perUse: wh, perShare: capacityWh, noise: this.cycleWh * share * capacityWh }
      }
    }
  }

  private fraction(run: number, minute: number): number {
    return this.at(this.chain.fractions[this.s], run, minute)
  }

  /** Between the points of a curve it is a straight line. */
  private at(curve: Float32Array, run: number, minute: number): number {
    const { runs } = this
    const last = this.points - 1
    const point = Math.min(Math.max(0, minute / POINT_MIN), last)
    const k = Math.min(last - 1, Math.floor(point))
    if (k < 0) return curve[run]
    const a = curve[k * runs + run]
    return a + (point - k) * (curve[(k + 1) * runs + run] - a)
  }
}

/**
 * Two runs that differ in nothing but where in its cycle a load stands are apart by up to P·T·D·(1 − D): the saw's height of
 * its use over its mean. Evenly spread, as the difference of two: divided by √6.
 */
function cycleWhOf({ behaviour }: Load): number {
  if (behaviour.kind !== 'cycling') return 0
  const { runningW, averageW, periodMin } = behaviour
  const duty = Math.min(1, averageW.value / Math.max(1e-9, runningW.value))
  return (runningW.value * (periodMin.value / 60) * duty * (1 - duty)) / Math.sqrt(6)
}
