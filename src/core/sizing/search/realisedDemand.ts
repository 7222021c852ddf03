import type { Plan } from '../../plan/document'
import { drawLoad } from '../../simulation/chance'
import { compile, horizonOf, hoursOf } from '../../simulation/compile'
import { DemandGrid } from '../../simulation/demand'
import { emptyLoadValues } from '../../simulation/loadValues'
import { runningSum } from '../../simulation/sweep'

/**
 * What a plan's loads draw in every run, realised once and held against any number of sources: the draws of
 * loads hang on the loads alone.
 */
export interface RealisedDemand {
  plan: Plan
  runs: number
  seed: number
  horizonMin: number
  /** mean W of minute m of run r at r · horizonMin + m, of loads fed with mains */
  mainsW: Float32Array
  /** Wh until the beginning of minute m of run r at r · (horizonMin + 1) + m */
  mainsWh: Float64Array
  /** the same of the square of its watts, W²h */
  mainsW2h: Float64Array
  /** the most any minute of any run asks of mains, W */
  peakW: number
  /** the same of loads fed with direct current; null where there are none */
  dcW: Float32Array | null
  dcWh: Float64Array | null
  hasMains: boolean
}

/**
 * @param plan one scenario; its power system says only which loads hang on its first source
 * @param horizonMin how far to look, as a simulation would unless given
 */
export function realiseDemand(
  plan: Plan,
  runs: number,
  seed: number,
  horizonMin = horizonOf(plan.scenario.durationH),
): RealisedDemand {
  const { loads } = compile(plan, horizonMin).chains[0]
  const grid = new DemandGrid(loads, horizonMin)
  const values = emptyLoadValues(hoursOf(horizonMin))
  const demandW = new Float64Array(horizonMin)
  const kinds = [false, true].map((isDc) => {
    const some = loads.some((load) => load.isDc === isDc)
    return some || !isDc
      ? {
          isDc,
          some,
          watts: new Float32Array(runs * horizonMin),
          wh: new Float64Array(runs * (horizonMin + 1)),
        }
      : null
  })
  const mainsW2h = new Float64Array(runs * (horizonMin + 1))
  let peakW = 0
  for (let run = 0; run < runs; run++) {
    for (const kind of kinds) {
      if (!kind) continue
      grid.changeW.fill(0)
      for (let slot = 0; slot < loads.length; slot++)
        if (loads[slot].isDc === kind.isDc)
          grid.write(slot, loads[slot], drawLoad(loads[slot], seed, run, values), loads[slot].dcFactor)
      runningSum(grid.changeW, horizonMin, demandW)
      kind.watts.set(demandW, run * horizonMin)
      let sum = 0
      let squares = 0
      const at = run * (horizonMin + 1)
      for (let minute = 0; minute < horizonMin; minute++) {
        const watts = demandW[minute]
        kind.wh[at + minute + 1] = sum += watts / 60
        if (kind.isDc) continue
        mainsW2h[at + minute + 1] = squares += (watts * watts) / 60
        if (watts > peakW) peakW = watts
      }
    }
  }
  const [mains, dc] = kinds
  return {
    plan,
    runs,
    seed,
    horizonMin,
    mainsW: mains!.watts,
    mainsWh: mains!.wh,
    mainsW2h,
    peakW,
    dcW: dc?.watts ?? null,
    dcWh: dc?.wh ?? null,
    hasMains: mains!.some,
  }
}
