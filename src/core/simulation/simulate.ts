import { type PathDetail, type StorePath, isBelow, pathDetail, storePath } from '../conversion/loss'
import { dcEfficiency } from '../conversion/dc'
import { DAY_MIN } from '../plan/clock'
import type { Plan } from '../plan/document'
import { percentilesInPlace } from '../quantity/percentile'
import { drawDetail, drawLoad, drawSource } from './chance'
import type { Source } from '../plan/power'
import { type CompiledChain, type CompiledPlan, compile, horizonOf, hoursOf } from './compile'
import { type Overload, OverloadFinder } from './coincidence'
import { wholeDays } from './dayWeights'
import { DemandGrid } from './demand'
import { DetailTables } from './detailTables'
import { type DefrostRun, defrostOf } from './defrosts'
import { eventsOf, overloadsOf, percentilesOf } from './events'
import { LoadRules } from './loadRules'
import { emptyLoadValues } from './loadValues'
import { addLedger } from './refillLedger'
import { refillResultOf } from './refillResult'
import type { Band, ChainResult, LoadResult, SimulationResult } from './result'
import { QuartersOf, type RefillRuns, drawLight, refillRunsOf } from './runRefilled'
import { POINT_MIN, runningSum, sweepFollower, sweepStore } from './sweep'
import { type EndCause, sweepDetailed } from './sweepDetailed'
import { RefilledSweep } from './sweepRefilled'

export interface SimulationOptions {
  /** how many runs; unless given 400, or fewer where a run has very much to do */
  runs?: number
  seed?: number
  /** how far to look, minutes; a day past the outage unless given */
  horizonMin?: number
  /** refilled runs stop where nothing is fed any more: for those who ask for runtimes alone */
  onlyRuntimes?: boolean
}

const DEFAULT_RUNS = 400
export const DEFAULT_SEED = 1

/** What the runs of one chain leave behind. */
export interface ChainRuns {
  chain: CompiledChain
  /** by source: state of charge, point p of run r at p · runs + r */
  fractions: Float32Array[]
  /** by source: the minute it is empty, of every run */
  emptyMin: Float64Array[]
  /** of every run, the minute at which the first load loses its supply: empty, or handed over to a source of other volts */
  endMin: Float64Array
  /** by source: how many runs ended for which cause */
  causes: Record<EndCause, number>[]
  askedWh: Float64Array
  suppliedWh: Float64Array
  /** by load: minutes of all runs' outages in which a rule kept it off */
  shedMin: Float64Array
  energy: { takenWh: number; noLoadWh: number }
  overloads: (Overload | null)[]
  /** what came in; null without refill */
  refill: RefillRuns | null
  /** by load that defrosts, by run */
  defrosts: { slot: number; runs: DefrostRun[] }[]
}

/**
 * The fast program: many seeded runs of a plan.
 *
 * @param plan a plan document that was read by `readPlan`
 * @returns runtimes and state-of-charge bands as percentiles, energies as means over the runs
 */
export function simulate(plan: Plan, options: SimulationOptions = {}): SimulationResult {
  return summarise(plan, runAll(plan, options))
}

/** Switchings and minutes that all runs of a plan may come to, so that no document can hold a page or the server up. */
const WORK_LIMIT = 50e6
const FEWEST_RUNS = 25

/** Runs a plan gets unless more are asked for. */
export function usualRuns({ chains, horizonMin }: CompiledPlan): number {
  const perChain = chains.map(({ loads, sources }) => {
    const switchings = loads.reduce((sum, { expectedPairs }) => sum + 2 * expectedPairs, 0)
    return switchings + horizonMin * sources.length
  })
  const work = perChain.reduce((sum, one) => sum + one, 0)
  return Math.max(FEWEST_RUNS, Math.min(DEFAULT_RUNS, Math.floor(WORK_LIMIT / Math.max(1, work))))
}

/** All runs of a plan, before they are summarised. */
export function runAll(plan: Plan, options: SimulationOptions = {}) {
  const seed = options.seed ?? DEFAULT_SEED
  const compiled = compile(plan, options.horizonMin ?? horizonOf(plan.scenario.durationH))
  const runs = options.runs ?? usualRuns(compiled)
  return {
    runs,
    seed,
    compiled,
    chains: compiled.chains.map((chain) =>
      runChain(chain, compiled, plan.scenario.startsAt, runs, seed, options.onlyRuntimes ?? false),
    ),
  }
}

function runChain(
  chain: CompiledChain,
  plan: CompiledPlan,
  startsAt: string,
  runs: number,
  seed: number,
  onlyRuntimes: boolean,
): ChainRuns {
  const { horizonMin, outageMin } = plan
  const { sources, loads } = chain
  const points = Math.floor(horizonMin / POINT_MIN) + 1
  const details = sources.map((source, s) => pathDetail(source, chain.outOfRange[s]))
  const tables = details.map((detail) => detail && new DetailTables(detail))
  const isPlain = details.every((detail) => detail === null)
  const byMinute = sources.length > 1 || !isPlain
  const grid = new DemandGrid(loads, horizonMin, byMinute ? 1 : POINT_MIN)
  const demandW = byMinute ? new Float64Array(horizonMin) : null
  const paths: StorePath[] = []
  const weights = new Float64Array(loads.length).fill(1)
  const seen = seenBySources(chain, grid, demandW, weights, horizonMin)
  const finder = new OverloadFinder(loads, startsAt, horizonMin)
  const continuousW = Math.min(...sources.map((source) => source.continuousW.value))
  const surgeW = Math.min(...sources.map((source) => source.surgeW.value))
  const values = emptyLoadValues(hoursOf(horizonMin))
  const defrosting = loads.flatMap(({ load }, slot) =>
    load.behaviour.kind === 'cycling' && load.behaviour.defrost ? [slot] : [],
  )
  const minutes = (minuteW: Float64Array, from: number, until: number) =>
    grid.minutes(minuteW, from, until, weights)
  const out: ChainRuns = {
    chain,
    fractions: sources.map(() => new Float32Array(points * runs)),
    emptyMin: sources.map(() => new Float64Array(runs)),
    endMin: new Float64Array(runs),
    causes: sources.map(() => ({ reserve: 0, 'cut-off': 0, sleep: 0, temperature: 0 })),
    askedWh: new Float64Array(loads.length),
    suppliedWh: new Float64Array(loads.length),
    shedMin: new Float64Array(loads.length),
    energy: { takenWh: 0, noLoadWh: 0 },
    overloads: [],
    refill: refillRunsOf(chain, runs),
    defrosts: defrosting.map((slot) => ({ slot, runs: [] })),
  }
  const { refill } = chain
  const quarters = refill && seen.map((one) => new QuartersOf(grid, horizonMin, one.weights, one.demandW))
  const feedsAll = chain.feeds.map((row) => row.every(Boolean))
  const lastFull = feedsAll.includes(false) ? feedsAll.indexOf(false) - 1 : sources.length - 1
  const light = new Float64Array(refill?.logPerZ.length ?? 0)
  const hasRules = loads.some(({ load }) => load.steering?.rules?.length)
  const rules = hasRules
    ? new LoadRules(loads, grid, horizonMin, startsAt, weights, hoursOf(horizonMin))
    : undefined
  const steer = (minute: number, charge: number, supplyW: number) => {
    if (!rules!.ask(minute, charge, supplyW)) return
    if (demandW) runningSum(grid.changeW, horizonMin, demandW)
    for (const one of seen) one.update(paths)
    for (const one of quarters!) one.update()
  }
  for (let run = 0; run < runs; run++) {
    for (let s = 0; s < sources.length; s++) paths[s] = pathInRun(chain, s, seed, run, details[s])
    grid.changeW.fill(0)
    for (let slot = 0; slot < loads.length; slot++) {
      // direct current takes the battery's watts without the inverter's loss
      if (loads[slot].isDc) weights[slot] = dcWeight(sources[0], paths[0])
      const own = rules?.valuesFor(slot) ?? values
      grid.write(slot, loads[slot], drawLoad(loads[slot], seed, run, own), weights[slot])
    }
    rules?.begin()
    if (demandW) runningSum(grid.changeW, horizonMin, demandW)
    for (const one of seen) one.update(paths)
    let end = 0
    let fedBy: [from: number, to: number][][] | null = null
    if (refill && quarters) {
      const stores = sources.map((source, s) => ({
        path: paths[s],
        tables: tablesFor(paths[s], details[s], tables[s]),
        chargedWh: paths[s].capacityWh * source.chargedFraction,
        curve: { fractions: out.fractions[s], runs, run },
      }))
      drawLight(refill, seed, run, light)
      const swept = new RefilledSweep(stores, refill, light, outageMin, out.refill!.curves, feedsAll)
      for (const one of quarters) one.update()
      swept.run(quarters, horizonMin, rules && steer, onlyRuntimes)
      keepRefilled(out, swept, run, outageMin)
      fedBy = swept.fedBy
      end = out.emptyMin[sources.length - 1][run]
    }
    for (let s = 0; s < sources.length && !refill; s++) {
      const path = paths[s]
      const charged = path.capacityWh * sources[s].chargedFraction
      const sink = { fractions: out.fractions[s], runs, run }
      const from = end
      if (isDetailed(path)) {
        const swept = sweepDetailed(
          seen[s].demandW!,
          horizonMin,
          path,
          tablesFor(path, details[s], tables[s])!,
          charged,
          sink,
          from,
          outageMin,
        )
        end = swept.endMin
        if (end < Infinity) out.causes[s][swept.cause]++
        out.energy.takenWh += swept.takenWh
        out.energy.noLoadWh += swept.noLoadWh
      } else {
        end =
          demandW === null
            ? sweepStore(grid.changeW, horizonMin, path, charged, sink, minutes)
            : sweepFollower(seen[s].demandW!, horizonMin, path, charged, sink, from)
        if (end < Infinity) out.causes[s].reserve++
        const begin = Math.min(from, outageMin)
        const until = Math.min(end, outageMin)
        const noLoadWh = (path.noLoadW * (until - begin)) / 60
        out.energy.noLoadWh += noLoadWh
        out.energy.takenWh +=
          noLoadWh + energyBetween(grid, seen[s].weights, begin, until) * path.batteryWPerOutletW
      }
      out.emptyMin[s][run] = end
    }
    rules?.addShed(out.shedMin, outageMin)
    out.endMin[run] = out.emptyMin[lastFull][run]
    const until = Math.min(out.endMin[run], outageMin)
    fedBy ??= inTurn(out.emptyMin, run, outageMin)
    for (let s = 0; s < sources.length; s++) fedBy[s] = withoutSearch(fedBy[s], paths[s], seen[s].demandW)
    for (let slot = 0; slot < loads.length; slot++) {
      const askedWh = grid.energyWh(slot, outageMin)
      out.askedWh[slot] += askedWh
      for (let s = 0; s < sources.length; s++)
        if (chain.feeds[s][slot])
          out.suppliedWh[slot] += isFedThroughout(fedBy[s], outageMin) ? askedWh : fedWh(grid, slot, fedBy[s])
    }
    for (const { slot, runs: found } of out.defrosts) found.push(defrostOf(grid.lists[slot], end))
    if (finder.isPossible(grid, continuousW, surgeW)) {
      const limitsAt = (minute: number) => {
        const active = Math.max(
          0,
          sources.findIndex((_, s) => minute < out.emptyMin[s][run]),
        )
        return { continuousW: sources[active].continuousW.value, surgeW: sources[active].surgeW.value }
      }
      out.overloads.push(finder.first(grid, limitsAt, until))
    } else out.overloads.push(null)
  }
  return out
}

/** Battery-side weight of direct current: past the inverter, through the source's own converter. */
export const dcWeight = (source: Source, path: StorePath) =>
  1 / (dcEfficiency(source) * path.batteryWPerOutletW)

/** A chain's demand as one of its sources sees it. */
interface Seen {
  weights: Float64Array
  /** of every minute; null where the grid's step is longer */
  demandW: Float64Array | null
  /** to be called when a run has been written */
  update(paths: readonly StorePath[]): void
}

/** Sources in turn see the same demand, unless one converts direct current otherwise or lacks a load's voltage. */
function seenBySources(
  { sources, loads, feeds }: CompiledChain,
  grid: DemandGrid,
  demandW: Float64Array | null,
  weights: Float64Array,
  horizonMin: number,
): Seen[] {
  const hasDc = loads.some(({ isDc }) => isDc)
  const first: Seen = { weights, demandW, update: () => {} }
  return sources.map((source, s) => {
    if (s === 0 || (!hasDc && feeds[s].every(Boolean))) return first
    const own = new Float64Array(loads.length)
    const changeW = new Float64Array(grid.changeW.length)
    const ownW = new Float64Array(horizonMin)
    return {
      weights: own,
      demandW: ownW,
      update: (paths) => {
        for (let slot = 0; slot < loads.length; slot++)
          own[slot] = !feeds[s][slot] ? 0 : loads[slot].isDc ? dcWeight(source, paths[s]) : 1
        grid.demandBy(own, changeW, ownW)
      },
    }
  })
}

/** Of stretches in which a source is in use those in which its inverter does not merely search: then it feeds nothing. */
function withoutSearch(
  fed: [number, number][],
  { detail }: StorePath,
  demandW: Float64Array | null,
): [number, number][] {
  if (!detail || detail.searchBelowW === 0 || !demandW) return fed
  const found: [number, number][] = []
  for (const [from, to] of fed)
    for (let minute = Math.floor(from); minute < to; minute++) {
      if (isBelow(demandW[minute], detail.searchBelowW)) continue
      const begin = Math.max(from, minute)
      const last = found[found.length - 1]
      if (last && begin - last[1] < 1e-9) last[1] = Math.min(to, minute + 1)
      else found.push([begin, Math.min(to, minute + 1)])
    }
  return found
}

/** By source, the stretch of the outage in which it is the one in use, where none comes back. */
const inTurn = (emptyMin: readonly Float64Array[], run: number, outageMin: number): [number, number][][] =>
  emptyMin.map((ends, s) => {
    const from = s > 0 ? Math.min(emptyMin[s - 1][run], outageMin) : 0
    const to = Math.min(ends[run], outageMin)
    return to > from ? [[from, to]] : []
  })

/** Keeps what a refilled run leaves behind. */
function keepRefilled(out: ChainRuns, swept: RefilledSweep, run: number, outageMin: number): void {
  const { ledger, fed, endMin, cause } = swept
  endMin.forEach((minute, s) => {
    out.emptyMin[s][run] = minute
    if (minute < Infinity) out.causes[s][cause[s] ?? 'reserve']++
  })
  const { sum, broughtPerDayWh, neededPerDayWh, unfedMin, fuelEndMin } = out.refill!
  fuelEndMin[run] = swept.supply.fuelEndMin
  const takenWh = ledger.drainWh + ledger.directWh
  out.energy.takenWh += takenWh
  out.energy.noLoadWh += ledger.noLoadWh
  addLedger(sum, ledger)
  const fedMin = fed.reduce((minutes, [from, to]) => minutes + to - from, 0)
  unfedMin[run] = outageMin - fedMin
  const { days } = swept
  broughtPerDayWh[run] = days.broughtWh / wholeDays(outageMin)
  neededPerDayWh[run] = days.fedMin > 0 ? (days.usedWh * DAY_MIN) / days.fedMin : 0
}

const isFedThroughout = (fed: readonly [number, number][], outageMin: number) =>
  fed.length === 1 && fed[0][0] === 0 && fed[0][1] >= outageMin

/** Wh of a load within the stretches in which it is fed. */
const fedWh = (grid: DemandGrid, slot: number, fed: readonly [number, number][]) =>
  fed.reduce(
    (sum, [from, to]) => sum + grid.energyWh(slot, to) - (from > 0 ? grid.energyWh(slot, from) : 0),
    0,
  )

const isDetailed = (path: StorePath): path is StorePath & { detail: PathDetail } => path.detail !== null

/** The tables of a path in one run: those of its source, unless its exponent or resistance was drawn. */
export const tablesFor = (path: StorePath, detail: PathDetail | null, tables: DetailTables | null) =>
  path.detail === null ? null : path.detail === detail ? tables : new DetailTables(path.detail)

/** A source's path with what is unknown of it drawn for a run; an inverter that feeds nothing is off. */
export function pathInRun(
  chain: CompiledChain,
  s: number,
  seed: number,
  run: number,
  detail: PathDetail | null,
): StorePath {
  const source = chain.sources[s]
  const values = drawSource(source, chain.sourceKeys[s], seed, run)
  values.capacityWh *= chain.coldShares[s]
  const own = detail && drawDetail(detail, source, chain.sourceKeys[s], seed, run)
  const path = storePath(source.lossRule, values, own)
  if (chain.loads.length > 0 && chain.loads.every(({ isDc }) => isDc)) path.noLoadW = 0
  return path
}

/** Wh all loads of a grid take between two moments, each by its weight. */
function energyBetween(grid: DemandGrid, weights: Float64Array, fromMin: number, toMin: number): number {
  let wh = 0
  for (let slot = 0; slot < weights.length; slot++)
    wh += (grid.energyWh(slot, toMin) - (fromMin > 0 ? grid.energyWh(slot, fromMin) : 0)) * weights[slot]
  return wh
}

function summarise(plan: Plan, all: ReturnType<typeof runAll>): SimulationResult {
  const { runs, seed, compiled, chains } = all
  const ends = chains.map(({ endMin }) => endMin)
  const { outageMin } = compiled
  const isBare = chains.every(({ chain }) => chain.loads.length === 0)
  const isUnfed = isBare && isWanted(compiled)
  // a source that feeds nothing ends nobody's supply; where nothing at all can be fed it ended before it began
  const runtimes = new Float64Array(runs).fill(isUnfed ? 0 : Infinity)
  const shortMin = new Float64Array(runs).fill(isUnfed ? outageMin : 0)
  chains.forEach(({ chain, refill }, i) => {
    if (isUnfed || (chain.loads.length === 0 && !isBare)) return
    for (let run = 0; run < runs; run++) {
      runtimes[run] = Math.min(runtimes[run], ends[i][run])
      shortMin[run] = Math.max(
        shortMin[run],
        refill ? refill.unfedMin[run] : Math.max(0, outageMin - ends[i][run]),
      )
    }
  })
  const perChain = chains.map((chainRuns, i): ChainResult => {
    const { chain, fractions, emptyMin, energy } = chainRuns
    const outletWh = mean(
      chainRuns.suppliedWh.reduce((sum, wh) => sum + wh, 0),
      runs,
    )
    const takenWh = mean(energy.takenWh, runs)
    const noLoadWh = mean(energy.noLoadWh, runs)
    return {
      sources: chain.sources.map((source, s) => ({
        sourceId: source.id,
        emptyMin: percentilesOf(emptyMin[s]),
        band: bandOf(fractions[s], runs),
      })),
      runtimeMin: percentilesOf(ends[i]),
      suppliedMin: mean(
        chainRuns.refill
          ? chainRuns.refill.unfedMin.reduce((sum, minutes) => sum + compiled.outageMin - minutes, 0)
          : ends[i].reduce((sum, end) => sum + Math.min(end, compiled.outageMin), 0),
        runs,
      ),
      endsFirstFraction: mean(
        countWhere(ends[i], (end, run) => end < Infinity && end === runtimes[run]),
        runs,
      ),
      energy: { takenWh, outletWh, noLoadWh, conversionWh: takenWh - outletWh - noLoadWh },
      overloads: overloadsOf(chainRuns),
      refill:
        chain.refill?.isPlanned && chainRuns.refill
          ? refillResultOf(chainRuns.refill, chain.refill.belowWindowW, runs)
          : null,
    }
  })
  const loads = chains.flatMap(({ chain, askedWh, suppliedWh, shedMin }) =>
    chain.loads.map(({ load }, slot): LoadResult => ({
      loadId: load.id,
      askedWh: mean(askedWh[slot], runs),
      suppliedWh: mean(suppliedWh[slot], runs),
      shedMin: mean(shedMin[slot], runs),
    })),
  )
  const order = new Map(plan.loads.map(({ id }, i) => [id, i]))
  loads.sort((a, b) => order.get(a.loadId)! - order.get(b.loadId)!)
  return {
    runs,
    seed,
    horizonMin: compiled.horizonMin,
    outageMin: compiled.outageMin,
    runtimeMin: percentilesOf(runtimes),
    reachesFraction: mean(
      countWhere(runtimes, (end) => end >= compiled.outageMin),
      runs,
    ),
    runtimesMin: runtimes.slice().sort(),
    shortMin: shortMin.sort(),
    chains: perChain,
    loads,
    leftOut: compiled.leftOut,
    events: eventsOf(chains, runs),
  }
}

/** Whether there are loads that no source here can feed. */
const isWanted = ({ leftOut }: CompiledPlan) => leftOut.some(({ why }) => why === 'voltage' || why === 'away')

const mean = (sum: number, runs: number) => sum / runs

function countWhere(values: Float64Array, holds: (value: number, i: number) => boolean): number {
  let count = 0
  for (let i = 0; i < values.length; i++) if (holds(values[i], i)) count++
  return count
}

/** The band of a store from the state of charge of all its runs. */
function bandOf(fractions: Float32Array, runs: number): Band {
  const points = fractions.length / runs
  const band: Band = {
    stepMin: POINT_MIN,
    p10: new Float32Array(points),
    p50: new Float32Array(points),
    p90: new Float32Array(points),
  }
  const sample = new Float32Array(runs)
  for (let p = 0; p < points; p++) {
    sample.set(fractions.subarray(p * runs, (p + 1) * runs))
    const [p10, p50, p90] = percentilesInPlace(sample, runs, [0.1, 0.5, 0.9])
    band.p10[p] = p10
    band.p50[p] = p50
    band.p90[p] = p90
  }
  return band
}
