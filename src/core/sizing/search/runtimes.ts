import { dcEfficiency } from '../../conversion/dc'
import { type StorePath, isBelow, pathDetail } from '../../conversion/loss'
import type { Source } from '../../plan/power'
import { keyOf } from '../../quantity/random'
import { hoursOf, weatherOf } from '../../simulation/compile'
import { coldShareOf } from '../../simulation/coldShare'
import { cutOffFraction } from '../../simulation/cutOffFraction'
import { DetailTables } from '../../simulation/detailTables'
import { outOfRangeHours } from '../../simulation/outOfRange'
import { pathInRun, tablesFor } from '../../simulation/pathInRun'
import type { RealisedDemand } from './realisedDemand'
import { type BlockedDemand, TABLE_W, entriesOf, wattBlocks } from './wattBlocks'

/**
 * Runtime of a source on realised demand, minutes, run by run; Infinity beyond the horizon. The draws are
 * those of a simulation of the same source, so the two agree.
 *
 * @param source under the id it has in the plan it is compared with
 */
export function runtimesOn(demand: RealisedDemand, source: Source): Float64Array {
  const { plan, runs, seed, horizonMin, hasMains } = demand
  const weather = weatherOf(plan.scenario, hoursOf(horizonMin))
  const chain = {
    sources: [source],
    sourceKeys: [keyOf(`source ${source.id}`)],
    coldShares: [coldShareOf(source, weather, plan.scenario.durationH)],
    outOfRange: [outOfRangeHours(source, weather)],
    refill: null,
    loads: [],
    feeds: [[]],
  }
  const detail = pathDetail(source, chain.outOfRange[0])
  const tables = detail && new DetailTables(detail)
  const ends = new Float64Array(runs)
  const dcFraction = dcEfficiency(source)
  let blocked: BlockedDemand | undefined
  for (let run = 0; run < runs; run++) {
    const path = pathInRun(chain, 0, seed, run, detail)
    if (!hasMains && demand.dcWh) path.noLoadW = 0
    const dcWeight = 1 / (dcFraction * path.batteryWPerOutletW)
    const chargedWh = path.capacityWh * source.chargedFraction
    const own = tablesFor(path, detail, tables)
    ends[run] =
      own && !isSmooth(demand, path, own)
        ? walked(
            demand,
            run,
            path,
            own,
            chargedWh,
            dcWeight,
            (blocked ??= wattBlocks(demand, detail!.searchBelowW)),
          )
        : foundByHalving(demand, run, path, chargedWh, dcWeight)
  }
  return ends
}

/** Whether a detailed path loses only what sums of watts and of their squares tell, and nothing cuts it off early. */
function isSmooth(demand: RealisedDemand, path: StorePath, tables: DetailTables): boolean {
  const { detail } = path
  if (!detail) return true
  if (detail.peukert !== 1 || detail.searchBelowW > 0 || detail.sleepBelowW > 0) return false
  if (detail.outOfRange) return false
  if (demand.dcWh && detail.lossPerW2 > 0) return false
  return !detail.voltage || watchedFraction(demand, path, tables) <= path.floorWh / path.capacityWh
}

/** The state of charge above which the volts need no look; direct current has no peak of its own at hand: with it the whole range is watched. */
const watchedFraction = ({ peakW, dcW }: RealisedDemand, path: StorePath, tables: DetailTables) =>
  dcW ? 1 : cutOffFraction(peakW, path, path.detail!, tables)

/**
 * Where loss is a plain multiplication, what the store has lost only grows with the minute:
 * P₀·t + E(t)·battery W per outlet W, and a square loss times the sum of squares, so the end is found by halving.
 */
function foundByHalving(
  { mainsWh, mainsW2h, dcWh, horizonMin }: RealisedDemand,
  run: number,
  path: StorePath,
  chargedWh: number,
  dcWeight: number,
): number {
  const availableWh = chargedWh - path.floorWh
  if (availableWh < 0) return 0
  const at = run * (horizonMin + 1)
  const idleWh = path.noLoadW / 60
  const perW = path.batteryWPerOutletW
  const perW2 = path.detail?.lossPerW2 ?? 0
  const lost = (minute: number) =>
    minute * idleWh +
    (mainsWh[at + minute] + (dcWh ? dcWh[at + minute] * dcWeight : 0)) * perW +
    mainsW2h[at + minute] * perW2
  if (lost(horizonMin) <= availableWh) return Infinity
  let low = 0
  let high = horizonMin
  while (high - low > 1) {
    const middle = (low + high) >>> 1
    if (lost(middle) <= availableWh) low = middle
    else high = middle
  }
  const before = lost(low)
  return low + (availableWh - before) / (lost(high) - before)
}

let drains = new Float64Array(0)

/**
 * A detailed path walked minute by minute, as `sweepDetailed` does, without a curve: drains looked up in a
 * table of the run, and volts only looked at where they can fall under the cut-off.
 */
function walked(
  demand: RealisedDemand,
  run: number,
  path: StorePath,
  tables: DetailTables,
  chargedWh: number,
  dcWeight: number,
  blocked: BlockedDemand,
): number {
  const { horizonMin, mainsW, dcW } = demand
  const { capacityWh, floorWh } = path
  const detail = path.detail!
  const { voltage, cutOffV, sleepBelowW, sleepAfterMin, searchBelowW, searchDrawsW, outOfRange } = detail
  const watchedWh = voltage ? watchedFraction(demand, path, tables) * capacityWh : -1
  const entries = entriesOf(demand)
  if (drains.length < entries) drains = new Float64Array(entries)
  const always = { ...detail, searchBelowW: 0 }
  const { byLength, used, usedStarts, calm } = blocked
  for (let i = usedStarts[run]; i < usedStarts[run + 1]; i++)
    drains[used[i]] = tables.drainW(path, always, used[i] * TABLE_W) / 60
  const from = run * horizonMin
  let energy = chargedWh
  let calmMin = 0
  let begin = 0
  if (!dcW && sleepBelowW === 0 && !outOfRange) {
    // whole blocks, as long as nothing can happen in them
    drains[calm] = searchDrawsW / 60
    const leastWh = Math.max(floorWh, watchedWh)
    for (const { blockMin, blocks, starts, entry, weight } of byLength)
      for (let block = run * blocks + begin / blockMin; block < (run + 1) * blocks; block++) {
        let takenWh = 0
        for (let i = starts[block]; i < starts[block + 1]; i++) takenWh += weight[i] * drains[entry[i]]
        if (energy - takenWh < leastWh) break
        energy -= takenWh
        begin += blockMin
      }
  }
  for (let minute = begin; minute < horizonMin; minute++) {
    if (outOfRange?.[Math.floor(minute / 60)]) return minute
    let drainWh: number
    const mains = mainsW[from + minute]
    if (dcW) drainWh = tables.drainW(path, detail, mains + dcW[from + minute] * dcWeight) / 60
    else if (searchBelowW > 0 && isBelow(mains, searchBelowW)) drainWh = searchDrawsW / 60
    else {
      const at = mains > 0 ? mains / TABLE_W : 0
      const k = at | 0
      drainWh = drains[k] + (at - k) * (drains[k + 1] - drains[k])
    }
    if (sleepBelowW > 0) {
      calmMin = isBelow(mains + (dcW ? dcW[from + minute] * dcWeight : 0), sleepBelowW) ? calmMin + 1 : 0
      if (calmMin > sleepAfterMin) return minute
    }
    if (energy < watchedWh && tables.loadedV(energy / capacityWh, drainWh * 60) < cutOffV) return minute
    const left = energy - drainWh
    if (left < floorWh) return energy < floorWh ? minute : minute + (energy - floorWh) / drainWh
    energy = left
  }
  return Infinity
}
