import { dcEfficiency } from '../../conversion/dc'
import { type PathDetail, type StorePath, isBelow, pathDetail } from '../../conversion/loss'
import type { Source } from '../../plan/power'
import { keyOf } from '../../quantity/random'
import { hoursOf, weatherOf } from '../../simulation/compile'
import { coldShareOf } from '../../simulation/coldShare'
import { DetailTables } from '../../simulation/detailTables'
import { pathInRun } from '../../simulation/simulate'
import type { RealisedDemand } from './realisedDemand'

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
    loads: [],
  }
  const detail = pathDetail(source)
  const tables = detail && new DetailTables(detail)
  const ends = new Float64Array(runs)
  const dcFraction = dcEfficiency(source)
  for (let run = 0; run < runs; run++) {
    const path = pathInRun(chain, 0, seed, run, detail)
    if (!hasMains && demand.dcWh) path.noLoadW = 0
    const dcWeight = 1 / (dcFraction * path.batteryWPerOutletW)
    const chargedWh = path.capacityWh * source.chargedFraction
    ends[run] = tables
      ? walked(demand, run, path, path.detail!, tables, chargedWh, dcWeight)
      : foundByHalving(demand, run, path, chargedWh, dcWeight)
  }
  return ends
}

/**
 * Where loss is a plain multiplication, what the store has lost only grows with the minute:
 * P₀·t + E(t)·battery W per outlet W, so the end is found by halving.
 */
function foundByHalving(
  { mainsWh, dcWh, horizonMin }: RealisedDemand,
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
  const lost = (minute: number) =>
    minute * idleWh + (mainsWh[at + minute] + (dcWh ? dcWh[at + minute] * dcWeight : 0)) * perW
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

/** A detailed path walked minute by minute, as `sweepDetailed` does, without a curve. */
function walked(
  { horizonMin, mainsW, dcW }: RealisedDemand,
  run: number,
  path: StorePath,
  detail: PathDetail,
  tables: DetailTables,
  chargedWh: number,
  dcWeight: number,
): number {
  const { capacityWh, floorWh } = path
  const { voltage, cutOffV, sleepBelowW, sleepAfterMin } = detail
  const from = run * horizonMin
  let energy = chargedWh
  let calmMin = 0
  for (let minute = 0; minute < horizonMin; minute++) {
    const outletW = mainsW[from + minute] + (dcW ? dcW[from + minute] * dcWeight : 0)
    const drain = tables.drainW(path, detail, outletW)
    if (sleepBelowW > 0) {
      calmMin = isBelow(outletW, sleepBelowW) ? calmMin + 1 : 0
      if (calmMin > sleepAfterMin) return minute
    }
    if (voltage && tables.loadedV(energy / capacityWh, drain) < cutOffV) return minute
    const left = energy - drain / 60
    if (left < floorWh) return energy < floorWh ? minute : minute + ((energy - floorWh) * 60) / drain
    energy = left
  }
  return Infinity
}
