import type { Plan } from '../plan/document'
import type { Source } from '../plan/power'
import { formatNumber, formatWatts } from '../quantity/format'
import { expectedW } from '../simulation/expected'
import { hoursOf, leftOutWhy, weatherOf } from '../simulation/compile'
import { chemistryOf } from '../storage/bank'
import { coldShareOf } from '../simulation/coldShare'
import { formatTemperature } from '../reading/inUnits'

/** Lead-acid or cold LiFePO4 that gives less than this is worth a word. */
const COLD_SHARE = 0.95
/** A vehicle that holds more than a starter battery ever does is an electric one: it has no exhaust. */
export const MOST_STARTER_WH = 5000

/**
 * What no gate measures and yet breaks a night: a unit that goes to sleep, that stands too cold or too hot, a car that stays
 * awake. What can hurt is found by core/hazard.
 *
 * @returns sentences, the gravest first
 */
export function sourceWarnings(source: Source, plan: Plan): string[] {
  const loads = plan.loads.filter((load) => load.sourceId === source.id && leftOutWhy(load, plan) === null)
  if (loads.length === 0) return []
  const { outfit, bank } = source
  const warnings: string[] = []
  const weather = weatherOf(plan.scenario, hoursOf(plan.scenario.durationH * 60))
  const around = weather[source.where ?? 'indoors']
  const coldest = Math.min(...around)
  const hottest = Math.max(...around)
  const celsius = (value: number) => formatTemperature(value, plan.household.units)

  const search = bank?.inverter?.search
  const sleep = outfit?.sleep
  const threshold = sleep?.belowW ?? search?.belowW ?? 0
  const steadyW = loads
    .filter(({ behaviour }) => behaviour.kind === 'constant')
    .reduce((sum, load) => sum + expectedW(load, plan.scenario), 0)
  if (threshold > 0 && steadyW < threshold)
    warnings.push(
      sleep
        ? `It switches its outlets off when less than ${formatWatts(threshold)} is drawn for ${formatNumber(sleep.afterMin)} min; ${formatWatts(steadyW)} is drawn at the quietest. Turn that off, or the night ends there.`
        : `In search mode it feeds nothing under ${formatWatts(threshold)}; ${formatWatts(steadyW)} is drawn at the quietest. Small loads go out between the large ones.`,
    )
  if (outfit && coldest < outfit.dischargeC.lowC)
    warnings.push(
      `It gives nothing below ${celsius(outfit.dischargeC.lowC)}, and it gets ${celsius(coldest)} where it stands; that ends the run.`,
    )
  if (outfit && hottest > outfit.dischargeC.highC)
    warnings.push(
      `It switches off above ${celsius(outfit.dischargeC.highC)}, and it gets ${celsius(hottest)} where it stands; that ends the run.`,
    )
  if (chemistryOf(source) === 'lifepo4' && coldest < 0)
    warnings.push(`It must not be charged below ${celsius(0)}: bring it in, or use one that heats itself.`)
  const share = coldShareOf(source, weather, plan.scenario.durationH)
  if (share < COLD_SHARE)
    warnings.push(`In this cold it gives ${formatNumber(share * 100, 0)} % of its capacity; that is counted.`)
  if (source.kind === 'vehicle')
    warnings.push(
      source.capacityWh.value > MOST_STARTER_WH
        ? 'Keep the charge you need for a drive to safety; what it keeps is its reserve.'
        : 'Never run a car’s engine in a garage or near a window: carbon monoxide kills. Park it outdoors, mind its charge for driving.',
    )
  if (source.kind === 'ups')
    warnings.push(
      'An office UPS is made for minutes: its fan and inverter take a large share, and some beep all night.',
    )
  return warnings
}
