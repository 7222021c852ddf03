import { dcEfficiency } from '../../conversion/dc'
import { type StorePath, pathDetail } from '../../conversion/loss'
import type { Source } from '../../plan/power'
import { keyOf } from '../../quantity/random'
import { type Controller, restrung } from '../../refill/restrung'
import { hoursOf, weatherOf } from '../../simulation/compile'
import { compileRefill } from '../../simulation/compileRefill'
import { coldShareOf } from '../../simulation/coldShare'
import { DetailTables } from '../../simulation/detailTables'
import type { QuarterDemand } from '../../simulation/glide'
import { outOfRangeHours } from '../../simulation/outOfRange'
import { emptyCurves } from '../../simulation/refillLedger'
import { drawLight } from '../../simulation/runRefilled'
import { pathInRun, tablesFor } from '../../simulation/pathInRun'
import { POINT_MIN } from '../../simulation/sweep'
import { RefilledSweep } from '../../simulation/sweepRefilled'
import { recordLowOf } from '../../weather/recordCold'
import type { RealisedDemand } from './realisedDemand'
import { runtimesOn } from './runtimes'

/**
 * Runtime of a source on realised demand with what refills the plan, minutes, run by run. The panels are the
 * household's, joined as this source's input wants them.
 *
 * @param source under the id it has in the plan it is compared with
 */
export function refilledRuntimesOn(
  demand: RealisedDemand,
  source: Source,
  controllers: readonly { bankV: number; controller: Controller }[],
): Float64Array {
  const { runs, seed, horizonMin, hasMains } = demand
  const { scenario, refill: planned } = demand.plan
  const recordLow = recordLowOf(planned, scenario)
  const panels = planned.panels.flatMap((array) => {
    const joined = array.on ? restrung(array, source, recordLow, controllers) : null
    return joined ? [joined] : []
  })
  const plan = { ...demand.plan, refill: { ...planned, panels } }
  const weather = weatherOf(scenario, hoursOf(horizonMin))
  const around = weather[source.where ?? 'indoors']
  const refill = compileRefill(plan, [source], horizonMin, weather.outdoors, [around])
  if (!refill) return runtimesOn(demand, source)
  const chain = {
    sources: [source],
    sourceKeys: [keyOf(`source ${source.id}`)],
    coldShares: [coldShareOf(source, weather, scenario.durationH)],
    outOfRange: [outOfRangeHours(source, weather)],
    refill,
    loads: [],
    feeds: [[]],
  }
  const detail = pathDetail(source, chain.outOfRange[0])
  const tables = detail && new DetailTables(detail)
  const quarters = new RealisedQuarters(demand, dcEfficiency(source))
  const light = new Float64Array(refill.logPerZ.length)
  const fractions = new Float32Array(Math.floor(horizonMin / POINT_MIN) + 1)
  const curves = emptyCurves(refill.sunW.length)
  const ends = new Float64Array(runs)
  for (let run = 0; run < runs; run++) {
    const path = pathInRun(chain, 0, seed, run, detail)
    if (!hasMains && demand.dcWh) path.noLoadW = 0
    const store = {
      path,
      tables: tablesFor(path, detail, tables),
      chargedWh: path.capacityWh * source.chargedFraction,
      curve: { fractions, runs: 1, run: 0 },
    }
    drawLight(refill, seed, run, light)
    const sweep = new RefilledSweep([store], refill, light, scenario.durationH * 60, curves)
    ends[run] = sweep.run([quarters.of(run, path)], horizonMin, undefined, true).endMin[0]
  }
  return ends
}

/** A run of realised demand as a sweep asks for it. */
class RealisedQuarters implements QuarterDemand {
  private run = 0
  private dcWeight = 0
  readonly meanW: Float64Array
  readonly squareW2: Float64Array
  readonly peakW: number
  private readonly minutes = new Float64Array(POINT_MIN)

  constructor(
    private readonly demand: RealisedDemand,
    private readonly dcFraction: number,
  ) {
    // direct current has no peak of its own at hand
    this.peakW = demand.dcW ? Infinity : demand.peakW
    this.meanW = new Float64Array(Math.ceil(demand.horizonMin / POINT_MIN))
    this.squareW2 = new Float64Array(this.meanW.length)
  }

  of(run: number, path: StorePath): this {
    const { horizonMin, mainsWh, mainsW2h, dcWh } = this.demand
    this.run = run
    this.dcWeight = 1 / (this.dcFraction * path.batteryWPerOutletW)
    const at = run * (horizonMin + 1)
    for (let q = 0; q < this.meanW.length; q++) {
      const from = q * POINT_MIN
      const until = Math.min(horizonMin, from + POINT_MIN)
      const mains = mainsWh[at + until] - mainsWh[at + from]
      const dc = dcWh ? (dcWh[at + until] - dcWh[at + from]) * this.dcWeight : 0
      this.meanW[q] = ((mains + dc) * 60) / (until - from)
      // with direct current nothing is glided over, so its part in the square is not asked for
      this.squareW2[q] = ((mainsW2h[at + until] - mainsW2h[at + from]) * 60) / (until - from)
    }
    return this
  }

  minutesW(quarter: number): Float64Array {
    const { horizonMin, mainsW, dcW } = this.demand
    const from = quarter * POINT_MIN
    const span = Math.min(horizonMin - from, POINT_MIN)
    const at = this.run * horizonMin + from
    for (let m = 0; m < span; m++) this.minutes[m] = mainsW[at + m] + (dcW ? dcW[at + m] * this.dcWeight : 0)
    return this.minutes
  }
}
