import type { Plan } from '../plan/document'
import type { Source } from '../plan/power'
import { type Told, told } from '../quantity/told'
import { expectedW } from '../simulation/expected'
import { hoursOf, leftOutWhy, weatherOf } from '../simulation/compile'
import { chemistryOf } from '../storage/bank'
import { coldShareOf, meanAroundC } from '../simulation/coldShare'

/** Lead-acid or cold LiFePO4 that gives less than this is worth a word. */
const COLD_SHARE = 0.95
/** A vehicle that holds more than a starter battery ever does is an electric one: it has no exhaust. */
export const MOST_STARTER_WH = 5000

/**
 * What no gate measures and yet breaks a night: a unit that goes to sleep, that stands too cold or too hot, a car that stays
 * awake. What can hurt is found by core/hazard.
 *
 * @returns the gravest first
 */
export function sourceWarnings(source: Source, plan: Plan): Told[] {
  const loads = plan.loads.filter((load) => load.sourceId === source.id && leftOutWhy(load, plan) === null)
  if (loads.length === 0) return []
  const { outfit, bank } = source
  const warnings: Told[] = []
  const weather = weatherOf(plan.scenario, hoursOf(plan.scenario.durationH * 60))
  const around = weather[source.where ?? 'indoors']
  const coldest = Math.min(...around)
  const hottest = Math.max(...around)

  const search = bank?.inverter?.search
  const sleep = outfit?.sleep
  const threshold = sleep?.belowW ?? search?.belowW ?? 0
  const steadyW = loads
    .filter(({ behaviour }) => behaviour.kind === 'constant')
    .reduce((sum, load) => sum + expectedW(load, plan.scenario), 0)
  if (threshold > 0 && steadyW < threshold)
    warnings.push(
      sleep
        ? told('source.asleep', { thresholdW: threshold, afterMinutes: sleep.afterMin, quietestW: steadyW })
        : told('source.searches', { thresholdW: threshold, quietestW: steadyW }),
    )
  if (outfit && coldest < outfit.dischargeC.lowC)
    warnings.push(told('source.tooCold', { lowC: outfit.dischargeC.lowC, coldestC: coldest }))
  if (outfit && hottest > outfit.dischargeC.highC)
    warnings.push(told('source.tooHot', { highC: outfit.dischargeC.highC, hottestC: hottest }))
  if (chemistryOf(source) === 'lifepo4' && coldest < 0)
    warnings.push(told('source.noColdCharging', { limitC: 0 }))
  const share = coldShareOf(source, weather, plan.scenario.durationH)
  if (share < COLD_SHARE) {
    const meanC = meanAroundC(source, weather, plan.scenario.durationH)
    warnings.push(told('source.lessInCold', { meanC, shareFraction: share }))
  }
  if (source.kind === 'vehicle')
    warnings.push(
      told(source.capacityWh.value > MOST_STARTER_WH ? 'source.keepForDriving' : 'source.engineOutdoors'),
    )
  if (source.kind === 'ups') warnings.push(told('source.officeUps'))
  return warnings
}
