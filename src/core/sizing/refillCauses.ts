import type { Plan } from '../plan/document'
import type { Source } from '../plan/power'
import { NO_CHARGING } from '../plan/noRefill'
import { type Told, told } from '../quantity/told'
import { carReach, givesTwelveVolts } from '../refill/carReach'
import { connectedArrays } from '../refill/connected'
import { hoursOf, refilledSource, weatherOf } from '../simulation/compile'
import { compileRefill, runsOf } from '../simulation/compileRefill'
import { POINT_MIN } from '../simulation/sweep'
import { chargerAmps } from '../storage/bank'
import { recordLowOf } from '../weather/recordCold'

/** Why something that is planned to refill brings nothing or little, and what it is about. */
export interface RefillCause {
  what: 'sun' | 'car' | 'generator' | 'grid' | 'all'
  why: Told
  /** it brings nothing at all for this reason */
  isNothing: boolean
}

/** A charger that is barred for more than this share of the hours in which something comes in is told. */
const MOSTLY = 0.5

/** Causes that lie in how things are connected: no input, volts not allowed, no charger, no fuel, forbidden hours. */
export function connectionCauses(plan: Plan, source: Source): RefillCause[] {
  const { scenario, refill } = plan
  const charging = scenario.charging ?? NO_CHARGING
  const causes: RefillCause[] = []
  const cause = (what: RefillCause['what'], why: Told, isNothing = true) =>
    causes.push({ what, why, isNothing })
  const arrays = connectedArrays(refill.panels, source, recordLowOf(refill, scenario))
  for (const { array, verdict, message, isUsed } of arrays) {
    if (isUsed && verdict !== 'unlike') continue
    cause(
      'sun',
      told('of', { name: array.name, message }),
      arrays.every((one) => !one.isUsed),
    )
  }
  const car = refill.car?.on && charging.car.length > 0 ? refill.car : null
  if (car) {
    const { watts, why } = carReach(car, source)
    if (watts === 0 && why) cause('car', why)
    else if (givesTwelveVolts(car) && car.idleLPerH > 0 && car.onHandL <= 0) cause('car', told('car.noFuel'))
    else if (car.way === 'electric' && (car.chargedFraction ?? 1) <= car.floorFraction)
      cause('car', told('car.downToFloor'))
  }
  const generator = refill.generator?.on && charging.generator.length > 0 ? refill.generator : null
  const hasNoCharger = source.bank
    ? chargerAmps(source.bank) <= 0
    : source.outfit !== undefined && source.outfit.input.acW <= 0
  if (hasNoCharger && (generator || charging.grid.length > 0))
    cause(generator ? 'generator' : 'grid', told('noWallCharging', { source: source.name }))
  if (generator) {
    if (generator.onHandL <= 0) cause('generator', told('generator.noFuel'))
    else if (runsOf(charging.generator, generator, scenario.startsAt, scenario.durationH * 60).length === 0)
      cause('generator', told('generator.quietHours'))
  }
  return causes
}

/** True causes of what does not come in: those of the connection, and night, shade, volts below the window, frost. */
export function refillCauses(plan: Plan): RefillCause[] {
  const { scenario, refill, powerSystem } = plan
  if (powerSystem.sources.every(({ isAway }) => isAway)) return []
  const source = refilledSource(powerSystem.sources)
  const outageMin = scenario.durationH * 60
  const causes = connectionCauses(plan, source)
  const arrays = connectedArrays(refill.panels, source, recordLowOf(refill, scenario))
  const weather = weatherOf(scenario, hoursOf(outageMin))
  const around = weather[source.where ?? 'indoors']
  const compiled = compileRefill(plan, [source], outageMin, weather.outdoors, [around])
  if (!compiled) return causes
  if (arrays.some(({ isUsed }) => isUsed) && compiled.sunW.every((watts) => watts === 0)) {
    const isBelow = compiled.belowWindowW.some((watts) => watts > 0)
    causes.push({
      what: 'sun',
      why: told(isBelow ? 'panels.belowInput' : 'panels.noSun'),
      isNothing: true,
    })
  }
  const barred = barredShare(compiled)
  if (barred > MOSTLY) {
    const isCold = Math.min(...around) < 5
    causes.push({
      what: 'all',
      why: isCold
        ? told('frost', { source: source.name, coldestC: Math.min(...around) })
        : told('heat', { source: source.name, hottestC: Math.max(...around) }),
      isNothing: barred >= 1,
    })
  }
  return causes
}

/** Of the quarter hours in which anything could come in, the share in which it is too cold or too hot to charge. */
function barredShare(compiled: NonNullable<ReturnType<typeof compileRefill>>): number {
  const { noChargeHours } = compiled.inputs[0]
  if (!noChargeHours) return 0
  let offered = 0
  let barred = 0
  for (let q = 0; q < compiled.sunW.length; q++) {
    if (compiled.sunW[q] + compiled.dcW[q] + compiled.acShare[q] * compiled.acW[q] <= 0) continue
    offered++
    if (noChargeHours[Math.floor((q * POINT_MIN) / 60)] === 1) barred++
  }
  return offered > 0 ? barred / offered : 0
}

/** °C on which it rests that the panels may be connected, where nobody typed how cold it gets; null where nothing does. */
export function coldGuessC({ refill, scenario, powerSystem }: Plan): number | null {
  if (powerSystem.sources.every(({ isAway }) => isAway)) return null
  const recordLow = recordLowOf(refill, scenario)
  const source = refilledSource(powerSystem.sources)
  const arrays = connectedArrays(refill.panels, source, recordLow)
  return arrays.some(({ isUsed, check }) => isUsed && check?.restsOnGuess) ? recordLow.celsius : null
}

/** What runs by the clock, and the last minute of the outage it is planned for. */
export interface LastPlanned {
  by: ('generator' | 'car' | 'grid')[]
  atMin: number
}

/** When what runs by the clock is planned for the last time; null where nothing runs by the clock. */
export function lastPlanned({ scenario, refill }: Plan): LastPlanned | null {
  const { generator, car, grid } = scenario.charging ?? NO_CHARGING
  const planned = [
    { by: 'generator' as const, stretches: refill.generator?.on ? generator : [] },
    { by: 'car' as const, stretches: refill.car?.on ? car : [] },
    { by: 'grid' as const, stretches: grid },
  ].filter(({ stretches }) => stretches.length > 0)
  if (planned.length === 0) return null
  return {
    by: planned.map(({ by }) => by),
    atMin: Math.max(...planned.flatMap(({ stretches }) => stretches.map(({ toMin }) => toMin))),
  }
}
