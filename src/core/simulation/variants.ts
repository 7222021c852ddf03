import { pathDetail, type PathDetail, type StorePath } from '../conversion/loss'
import type { Plan } from '../plan/document'
import { drawLoad } from './chance'
import { type CompiledChain, type CompiledLoad, type CompiledPlan, compile, hoursOf } from './compile'
import { DemandGrid } from './demand'
import { DetailTables } from './detailTables'
import { inTurn } from './fedStretches'
import { emptyLoadValues } from './loadValues'
import { type RefillCurves, emptyCurves } from './refillLedger'
import { QuartersOf, drawLight } from './runRefilled'
import { runAll, usualRuns } from './simulate'
import { dcWeight, pathInRun, tablesFor } from './pathInRun'
import { POINT_MIN, runningSum, sweepFollower, sweepStore } from './sweep'
import { sweepDetailed } from './sweepDetailed'
import { type LoadUnfed, UnfedRecorder } from './unfedRuns'
import { RefilledSweep } from './sweepRefilled'

/**
 * Runtimes of many plans that differ in little, over the same draws: each load's run is written once, however many plans it
 * is a part of, and every plan's demand is that of its own loads. What it comes to is what a simulation of each plan alone
 * would say, run by run.
 */
export class Variants {
  /** runs each plan alone would have */
  readonly runs: readonly number[]
  /** by plan, by run, minutes: as far as they were made; the horizon at most */
  readonly ends: readonly Float64Array[]

  /** by plan, by chain: when each load gets nothing; null where nobody asked */
  private readonly unfed: UnfedRecorder[][] | null
  private readonly compiled: readonly CompiledPlan[]
  private readonly works: readonly Work[]
  private readonly pool: CompiledLoad[] = []
  private readonly grid: DemandGrid
  /** how far every plan is looked at, minutes */
  readonly horizonMin: number

  /**
   * @param plans of one outage: only loads, power, refill and the hours in which it comes may differ
   * @param keepsUnfed whether it is kept when each load gets nothing; every run is then gone through to the horizon
   */
  constructor(
    private readonly plans: readonly Plan[],
    private readonly seed: number,
    keepsUnfed = false,
  ) {
    this.compiled = plans.map((plan) => compile(plan))
    this.horizonMin = this.compiled[0].horizonMin
    this.runs = this.compiled.map(usualRuns)
    this.ends = this.runs.map((runs) => new Float64Array(runs).fill(this.horizonMin))
    const slots = new Map<string, { load: CompiledLoad; slot: number }[]>()
    this.works = this.compiled.map((compiled, v) => {
      const hasRules = plans[v].loads.some(({ steering }) => steering?.rules?.length)
      const chains = compiled.chains.filter(({ loads }) => loads.length > 0)
      return hasRules || compiled.horizonMin !== this.horizonMin
        ? null
        : chains.map((chain) => ({
            chain,
            slots: chain.loads.map((load) => this.slotOf(slots, load)),
          }))
    })
    this.grid = new DemandGrid(this.pool, this.horizonMin, POINT_MIN)
    this.unfed = keepsUnfed
      ? this.compiled.map(({ chains }) =>
          chains
            .filter(({ loads }) => loads.length > 0)
            .map((chain) => new UnfedRecorder(chain, this.horizonMin)),
        )
      : null
  }

  /** When the loads of a plan get nothing, in the runs made so far. */
  unfedOf(v: number): LoadUnfed[] | null {
    return this.unfed && this.unfed[v].flatMap((one) => one.result())
  }

  /** How many runs the plan with most has. */
  get most(): number {
    return Math.max(...this.runs)
  }

  /** Makes some of the runs of every plan that has them. */
  make(from: number, to: number): void {
    const { pool, grid, plans, seed, horizonMin } = this
    const values = emptyLoadValues(hoursOf(horizonMin))
    const sweepers = this.works.map((work, v) =>
      work?.map((one) => new ChainSweep(one.chain, one.slots, this.compiled[v], grid, horizonMin, seed)),
    )
    for (let run = from; run < to; run++) {
      grid.changeW.fill(0)
      for (let slot = 0; slot < pool.length; slot++)
        grid.write(slot, pool[slot], drawLoad(pool[slot], seed, run, values))
      sweepers.forEach((sweeper, v) => {
        if (!sweeper || run >= this.runs[v]) return
        sweeper.forEach((one, c) => this.note(v, run, one.end(run, this.unfed?.[v][c])))
      })
    }
    // a rule lays its load out anew as it acts: such a plan is run alone
    this.works.forEach((work, v) => {
      const until = Math.min(to, this.runs[v])
      if (work !== null || until <= from) return
      const { chains } = runAll(plans[v], { runs: until, seed, onlyRuntimes: this.unfed === null })
      chains
        .filter(({ chain }) => chain.loads.length > 0)
        .forEach(({ endMin, unfed }, c) => {
          for (let run = from; run < until; run++) this.note(v, run, endMin[run])
          if (this.unfed) this.unfed[v][c] = unfed!
        })
    })
  }

  /** A chain of a plan ends in a run. */
  private note(v: number, run: number, endMin: number): void {
    this.ends[v][run] = Math.min(this.ends[v][run], endMin)
  }

  /** The place of a load's run in the pool; one that runs alike in another plan shares it. */
  private slotOf(slots: Map<string, { load: CompiledLoad; slot: number }[]>, load: CompiledLoad): number {
    const { id, behaviour, steering } = load.load
    const known = slots.get(id) ?? []
    const same = known.find(
      (one) =>
        one.load.load.behaviour === behaviour &&
        one.load.load.steering === steering &&
        one.load.load.medical === load.load.medical &&
        one.load.setBackK === load.setBackK &&
        areAlike(one.load.surroundC, load.surroundC),
    )
    if (same) return same.slot
    const slot = this.pool.push(load) - 1
    slots.set(id, [...known, { load, slot }])
    return slot
  }
}

type Work = { chain: CompiledChain; slots: number[] }[] | null

const areAlike = (a: Float64Array | null, b: Float64Array | null) =>
  a === b || (a !== null && b !== null && a.length === b.length && a.every((value, i) => value === b[i]))

/** A chain of one plan over the pool's loads: its demand, and when it ends. */
class ChainSweep {
  private readonly details: (PathDetail | null)[]
  private readonly tables: (DetailTables | null)[]
  private readonly byMinute: boolean
  private readonly perMin: number
  private readonly isUniform: boolean
  private readonly lastFull: number
  private readonly changeW: Float64Array
  private readonly demandW: Float64Array[]
  private readonly weights: Float64Array[]
  private readonly fractions: Float32Array
  /** when each of its sources is empty, in the run at hand */
  private readonly emptyMin: Float64Array[]
  private readonly light: Float64Array
  /** for what refills: the demand by the quarter hour, and curves that nobody reads; buffers that serve every run */
  private readonly quarters: readonly QuartersOf[]
  private readonly curves: RefillCurves
  private readonly feedsAll: readonly boolean[]

  constructor(
    private readonly chain: CompiledChain,
    private readonly slots: readonly number[],
    private readonly plan: CompiledPlan,
    private readonly grid: DemandGrid,
    private readonly horizonMin: number,
    private readonly seed: number,
  ) {
    const { sources, loads, feeds, refill } = chain
    this.details = sources.map((source, s) => pathDetail(source, chain.outOfRange[s]))
    this.tables = this.details.map((detail) => detail && new DetailTables(detail))
    this.byMinute = sources.length > 1 || this.details.some((detail) => detail !== null)
    this.perMin = this.byMinute ? 1 : 1 / POINT_MIN
    const feedsAll = feeds.map((row) => row.every(Boolean))
    this.feedsAll = feedsAll
    this.lastFull = feedsAll.includes(false) ? feedsAll.indexOf(false) - 1 : sources.length - 1
    this.isUniform = feedsAll.every(Boolean) && !loads.some(({ isDc }) => isDc)
    const seen = this.isUniform ? 1 : sources.length
    this.changeW = new Float64Array(Math.ceil(horizonMin * this.perMin) + 2)
    this.demandW = Array.from({ length: seen }, () => new Float64Array(this.byMinute ? horizonMin : 0))
    this.weights = Array.from({ length: seen }, () => new Float64Array(grid.lists.length))
    this.emptyMin = sources.map(() => new Float64Array(1))
    this.fractions = new Float32Array(Math.floor(horizonMin / POINT_MIN) + 1)
    this.light = new Float64Array(refill?.logPerZ.length ?? 0)
    this.curves = emptyCurves(refill?.sunW.length ?? 0)
    this.quarters = this.weights.map((weights, seen) => {
      const view = {
        changeW: this.changeW,
        minutes: (minuteW: Float64Array, from: number, until: number) =>
          grid.minutes(minuteW, from, until, weights),
      }
      return new QuartersOf(view, horizonMin, weights, this.byMinute ? this.demandW[seen] : null)
    })
  }

  /**
   * The minute at which the first load loses its supply; Infinity beyond the horizon.
   *
   * @param unfed keeps when each load gets nothing, where that is wanted
   */
  end(run: number, unfed?: UnfedRecorder): number {
    const { chain, seed, details, horizonMin } = this
    const { sources, refill } = chain
    const paths = sources.map((_, s) => pathInRun(chain, s, seed, run, details[s]))
    for (let s = 0; s < this.weights.length; s++) this.demand(s, paths)
    if (refill) return this.refilled(paths, run, unfed)
    let end = 0
    const last = unfed ? sources.length - 1 : this.lastFull
    for (let s = 0; s <= last; s++) {
      const path = paths[s]
      const charged = path.capacityWh * sources[s].chargedFraction
      const sink = { fractions: this.fractions, runs: 1, run: 0 }
      const { detail } = path
      const seen = this.isUniform ? 0 : s
      end = detail
        ? sweepDetailed(
            this.demandW[seen],
            horizonMin,
            { ...path, detail },
            tablesFor(path, details[s], this.tables[s])!,
            charged,
            sink,
            end,
            this.plan.outageMin,
          ).endMin
        : this.byMinute
          ? sweepFollower(this.demandW[seen], horizonMin, path, charged, sink, end)
          : sweepStore(this.changeW, horizonMin, path, charged, sink, (minuteW, from, until) =>
              this.grid.minutes(minuteW, from, until, this.weights[0]),
            )
      this.emptyMin[s][0] = end
    }
    unfed?.add(inTurn(this.emptyMin, 0, horizonMin))
    return this.emptyMin[this.lastFull][0]
  }

  /** The demand of its loads as one of its sources sees it. */
  private demand(s: number, paths: readonly StorePath[]): void {
    const { chain, grid, changeW } = this
    const weights = this.weights[s]
    changeW.fill(0)
    chain.loads.forEach(({ isDc, dcFactor }, i) => {
      const slot = this.slots[i]
      weights[slot] = !chain.feeds[s][i] ? 0 : isDc ? dcWeight(chain.sources[s], paths[s]) * dcFactor : 1
      if (weights[slot] > 0) grid.lists[slot].draw(changeW, weights[slot], this.perMin)
    })
    if (this.byMinute) runningSum(changeW, this.horizonMin, this.demandW[s])
  }

  private refilled(paths: readonly StorePath[], run: number, unfed?: UnfedRecorder): number {
    const { chain, horizonMin, seed, fractions } = this
    const refill = chain.refill!
    for (const quarters of this.quarters) quarters.update()
    const demands = chain.sources.map((_, s) => this.quarters[this.isUniform ? 0 : s])
    const stores = chain.sources.map((source, s) => ({
      path: paths[s],
      tables: tablesFor(paths[s], this.details[s], this.tables[s]),
      chargedWh: paths[s].capacityWh * source.chargedFraction,
      curve: { fractions, runs: 1, run: 0 },
    }))
    drawLight(refill, seed, run, this.light)
    const { light, curves, feedsAll } = this
    const sweep = new RefilledSweep(stores, refill, light, this.plan.outageMin, curves, feedsAll)
    sweep.run(demands, horizonMin, undefined, !unfed)
    unfed?.add(sweep.fedBy)
    return sweep.endMin[this.lastFull]
  }
}
