import { percentilesOf } from './events'
import { type RefillLedger, emptyLedger } from './refillLedger'
import type { RefillResult } from './result'
import type { RefillRuns } from './runRefilled'

/** The runs of a chain's refill in few figures. */
export function refillResultOf(of: RefillRuns, belowWindowW: Float64Array, runs: number): RefillResult {
  const mean = emptyLedger()
  for (const key of Object.keys(mean) as (keyof RefillLedger)[]) mean[key] = of.sum[key] / runs
  const { askedW, sunW, clippedW, inW, fedShare } = of.curves
  const meanOf = (curve: Float64Array) => curve.map((sum) => sum / runs)
  return {
    mean,
    curves: {
      askedW: meanOf(askedW),
      sunW: meanOf(sunW),
      clippedW: meanOf(clippedW),
      inW: meanOf(inW),
      fedShare: meanOf(fedShare),
    },
    coverage: of.broughtPerDayWh.map((broughtWh, run) => coverageOf(of, run, broughtWh)).sort(),
    broughtPerDayWh: percentilesOf(of.broughtPerDayWh),
    neededPerDayWh: of.neededPerDayWh.reduce((sum, wh) => sum + wh, 0) / runs,
    belowWindowW,
    fuelEndMin: percentilesOf(of.fuelEndMin),
    unfedMin: percentilesOf(of.unfedMin),
  }
}

/** Share of what is needed that comes in. What is never fed, though it is asked for, is not covered, however little it took. */
function coverageOf({ neededPerDayWh, unfedMin }: RefillRuns, run: number, broughtWh: number): number {
  if (neededPerDayWh[run] > 0) return broughtWh / neededPerDayWh[run]
  return unfedMin[run] > 0 ? 0 : Infinity
}
