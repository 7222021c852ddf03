import { type PathDetail, type StorePath, pathDetail } from '../conversion/loss'
import { DAY_MIN } from '../plan/clock'
import type { Plan } from '../plan/document'
import type { ChainRuns } from './chainRuns'
import { drawLoad } from './chance'
import { OverloadFinder } from './coincidence'
import { type CompiledChain, type CompiledPlan, compile, horizonOf, hoursOf } from './compile'
import { defrostOf } from './defrosts'
import { DemandGrid } from './demand'
import { DemandCurve } from './demandCurve'
import { DetailTables } from './detailTables'
import { fedWh, inTurn, isFedThroughout, withinOutage, withoutSearch } from './fedStretches'
import { listOf } from './listOf'
import { LoadRules } from './loadRules'
import { emptyLoadValues } from './loadValues'
import { dcWeight, pathInRun, tablesFor } from './pathInRun'
import { addLedger } from './refillLedger'
import type { SimulationResult } from './result'
import { QuartersOf, drawLight, refillRunsOf } from './runRefilled'
import { type AllRuns, summarise } from './summarise'
import { POINT_MIN, runningSum, sweepFollower, sweepStore } from './sweep'
import { sweepDetailed } from './sweepDetailed'
import { UnfedRecorder } from './unfedRuns'
import { RefilledSweep } from './sweepRefilled'

export interface SimulationOptions {
  /** how many runs; unless given 400, or fewer where a run has very much to do */
  runs?: number
  seed?: number
  /** how far to look, minutes; a day past the outage unless given */
  horizonMin?: number
  /** refilled runs stop where nothing is fed any more: for those who ask for runtimes alone */
  onlyRuntimes?: boolean
  /** what the loads take is kept as well, by the quarter hour, past the end of the battery */
  keepDemand?: boolean
}

const DEFAULT_RUNS = 400
export const DEFAULT_SEED = 1

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
export function runAll(plan: Plan, options: SimulationOptions = {}): AllRuns {
  const seed = options.seed ?? DEFAULT_SEED
  const compiled = compile(plan, options.horizonMin ?? horizonOf(plan.scenario.durationH))
  const runs = options.runs ?? usualRuns(compiled)
  return {
    runs,
    seed,
    compiled,
    chains: compiled.chains.map((chain) =>
      runChain(chain, compiled, plan.scenario.startsAt, runs, seed, options),
    ),
  }
}

function runChain(
  chain: CompiledChain,
  plan: CompiledPlan,
  startsAt: string,
  runs: number,
  seed: number,
  { onlyRuntimes = false, keepDemand = false }: SimulationOptions,
): ChainRuns {
  const { horizonMin, outageMin } = plan
  const { sources, loads } = chain
  const points = Math.floor(horizonMin / POINT_MIN) + 1
  const details = sources.map((source, s) => pathDetail(source, chain.outOfRange[s]))
  const tables = details.map((detail) => detail && new DetailTables(detail))
  const isPlain = details.every((detail) => detail === null)
  const byMinute = sources.length > 1 || !isPlain
  const stepMin = byMinute ? 1 : POINT_MIN
  const grid = new DemandGrid(loads, horizonMin, stepMin)
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
    demand: keepDemand ? new DemandCurve(runs, horizonMin) : null,
    unfed: onlyRuntimes ? null : new UnfedRecorder(chain, horizonMin),
  }
  const { refill } = chain
  const quarters =
    refill && listOf(seen.length, (s) => new QuartersOf(grid, horizonMin, seen[s].weights, seen[s].demandW))
  const feedsAll = listOf(chain.feeds.length, (s) => chain.feeds[s].every(Boolean))
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
      if (loads[slot].isDc) weights[slot] = dcWeight(sources[0], paths[0]) * loads[slot].dcFactor
      const own = rules?.valuesFor(slot) ?? values
      grid.write(slot, loads[slot], drawLoad(loads[slot], seed, run, own), weights[slot])
    }
    rules?.begin()
    if (demandW) runningSum(grid.changeW, horizonMin, demandW)
    for (const one of seen) one.update(paths)
    let end = 0
    let fedBy: [from: number, to: number][][] | null = null
    if (refill && quarters) {
      const stores = listOf(sources.length, (s) => ({
        path: paths[s],
        tables: tablesFor(paths[s], details[s], tables[s]),
        chargedWh: paths[s].capacityWh * sources[s].chargedFraction,
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
    out.demand?.add(run, grid.changeW, stepMin)
    rules?.addShed(out.shedMin, outageMin)
    out.endMin[run] = out.emptyMin[lastFull][run]
    const until = Math.min(out.endMin[run], outageMin)
    fedBy ??= inTurn(out.emptyMin, run, horizonMin)
    out.unfed?.add(fedBy, rules)
    for (let s = 0; s < sources.length; s++)
      fedBy[s] = withoutSearch(withinOutage(fedBy[s], outageMin), paths[s], seen[s].demandW)
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
          own[slot] = !feeds[s][slot]
            ? 0
            : loads[slot].isDc
              ? dcWeight(source, paths[s]) * loads[slot].dcFactor
              : 1
        grid.demandBy(own, changeW, ownW)
      },
    }
  })
}

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
  broughtPerDayWh[run] = (days.broughtWh * DAY_MIN) / outageMin
  neededPerDayWh[run] = days.fedMin > 0 ? (days.usedWh * DAY_MIN) / days.fedMin : 0
}

const isDetailed = (path: StorePath): path is StorePath & { detail: PathDetail } => path.detail !== null

/** Wh all loads of a grid take between two moments, each by its weight. */
function energyBetween(grid: DemandGrid, weights: Float64Array, fromMin: number, toMin: number): number {
  let wh = 0
  for (let slot = 0; slot < weights.length; slot++)
    wh += (grid.energyWh(slot, toMin) - (fromMin > 0 ? grid.energyWh(slot, fromMin) : 0)) * weights[slot]
  return wh
}
