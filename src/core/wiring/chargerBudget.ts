import { dcEfficiency } from '../conversion/dc'
import { averageW } from '../load/average'
import { dcFactor } from '../load/dcFeed'
import { peakRunningW } from '../load/peak'
import type { Plan } from '../plan/document'
import type { Source } from '../plan/power'
import type { Load } from '../plan/schema'
import { leftOutWhy } from '../simulation/compile'
import { bankVolts, chargerAmps } from '../storage/bank'
import { CHARGER_EFFICIENCY, TAPER_FACTOR } from '../storage/wallHours'

/** What a charger has left for the battery while it feeds direct current as well. */
export interface ChargerBudget {
  source: Source
  loads: Load[]
  /** W it puts out on the battery's side */
  chargerW: number
  /** W the loads take there, over a day and at most */
  meanW: number
  peakW: number
  /** W left to charge with; negative where the battery empties although it is plugged in */
  leftW: number
  /** h from the reserve to full with what is left; Infinity where nothing is */
  fullH: number
}

/**
 * Loads on direct current hang on the battery even with the wall there, and take from its charger; household current is passed
 * by. Source: t = E · 1.1 ÷ (P_charger − P_loads).
 *
 * @returns one for each source that has a charger and feeds direct current
 */
export function chargerBudgets(plan: Plan): ChargerBudget[] {
  return plan.powerSystem.sources.flatMap((source) => {
    const loads = plan.loads.filter(
      (load) => load.sourceId === source.id && load.volts === 12 && leftOutWhy(load, plan) === null,
    )
    const chargerW = chargerWattsOf(source)
    if (source.isAway || chargerW <= 0 || loads.length === 0) return []
    const asked = (watts: (load: Load) => number) =>
      loads.reduce((sum, load) => {
        const wiring = plan.wiring?.loads?.find(({ loadId }) => loadId === load.id)
        return sum + watts(load) * dcFactor(load, wiring)
      }, 0) / dcEfficiency(source)
    const meanW = asked(({ behaviour }) => averageW(behaviour))
    const leftW = chargerW - meanW
    const wh = source.capacityWh.value * (1 - source.reserveFraction.value) * TAPER_FACTOR
    return [
      {
        source,
        loads,
        chargerW,
        meanW,
        peakW: asked(({ behaviour }) => peakRunningW(behaviour)),
        leftW,
        fullH: leftW > 0 ? wh / leftW : Infinity,
      },
    ]
  })
}

const chargerWattsOf = ({ bank, outfit }: Source): number =>
  bank ? chargerAmps(bank) * bankVolts(bank) : (outfit?.input.acW ?? 0) * CHARGER_EFFICIENCY
