import type { Charging } from '../plan/schema'
import { type Intervals, clockOf, minuteOfDay, windowIntervals } from '../plan/clock'

/**
 * Charging: a bounded amount of energy at the charger's watts, then only what the charger idles at.
 */

/** Minutes one charge takes: t = 60 · E ÷ (η · P). @example chargeMin(50, 0.85, 60) // 58.8 */
export function chargeMin(energyWh: number, efficiencyFraction: number, chargerW: number): number {
  return chargerW > 0 ? (60 * energyWh) / (efficiencyFraction * chargerW) : 0
}

/** Minutes of the outage at which a charge begins: at once, or at its hours of the clock on every day. */
export function chargeStarts(when: Charging['when'], startsAt: string, lengthMin: number): number[] {
  if (when === 'start') return [0]
  const minutes: Intervals = when.at.flatMap((clock) =>
    windowIntervals([{ from: clock, to: clockOf(minuteOfDay(clock) + 1) }], startsAt, lengthMin),
  )
  return [...new Set(minutes.map(([from]) => from))].sort((a, b) => a - b)
}

/** Watts over a day, on average: what goes in each time with its loss, and the idle draw for the rest. */
export function chargingAverageW(charging: Charging): number {
  const { energyWh, efficiencyFraction, runningW, idleW, when } = charging
  const times = when === 'start' ? 1 : new Set(when.at).size
  const minutes = Math.min(1440, times * chargeMin(energyWh.value, efficiencyFraction.value, runningW.value))
  return (minutes * runningW.value + (1440 - minutes) * idleW.value) / 1440
}
