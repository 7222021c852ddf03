import type { Charging } from '../plan/schema'
import { dailyMoments } from '../plan/clock'

/**
 * Charging: a bounded amount of energy at the charger's watts, then only what the charger idles at.
 */

/** Minutes one charge takes: t = 60 · E ÷ (η · P). @example chargeMin(50, 0.85, 60) // 58.8 */
export function chargeMin(energyWh: number, efficiencyFraction: number, chargerW: number): number {
  return chargerW > 0 ? (60 * energyWh) / (efficiencyFraction * chargerW) : 0
}

/**
 * Minutes of the outage at which a charge begins: at once, or at its hours of the clock on every day. Those of the day
 * before are below 0: they may still be under way when the outage begins.
 */
export function chargeStarts(when: Charging['when'], startsAt: string, lengthMin: number): number[] {
  if (when === 'start') return [0]
  return [...new Set(when.at.flatMap((clock) => dailyMoments(clock, startsAt, lengthMin)))].sort(
    (a, b) => a - b,
  )
}

/** Watts over a day, on average: what goes in each time with its loss, and the idle draw for the rest. */
export function chargingAverageW(charging: Charging): number {
  const { energyWh, efficiencyFraction, runningW, idleW, when } = charging
  const times = when === 'start' ? 1 : new Set(when.at).size
  const minutes = Math.min(1440, times * chargeMin(energyWh.value, efficiencyFraction.value, runningW.value))
  return (minutes * runningW.value + (1440 - minutes) * idleW.value) / 1440
}
