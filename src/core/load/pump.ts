import { DAY_MIN, epochMinute } from '../plan/clock'
import type { Rain } from '../plan/limits'
import type { Pump, Scenario } from '../plan/schema'
import { type Told, told } from '../quantity/told'

/**
 * Demand-driven pumps: a pit that fills with V between its float switches while Qi flows in and Qp is lifted
 * runs t_on = V ÷ (Qp − Qi) and rests t_off = V ÷ Qi. With D = Qi ÷ Qp these are a thermostat's times at the half-duty
 * period 4·V ÷ Qp, so pumps and thermostats are run by one engine.
 */

/** Inflow against a dry spell. From memory: a pit that is lifted a few times a day fills every few minutes in a downpour. */
export const RAIN_INFLOW: Readonly<Record<Rain, number>> = { dry: 1, rain: 5, downpour: 15 }

/** Water used in each hour of the day, mean 1: little at night, most in the morning and the evening. From memory. */
const USE_BY_HOUR = [
  0.25, 0.15, 0.1, 0.1, 0.2, 0.6, 1.5, 2.1, 1.8, 1.3, 1.1, 1, 1.1, 1, 0.9, 0.95, 1.1, 1.5, 1.9, 1.7, 1.4, 1.1,
  0.75, 0.4,
]

/** A pump's duty and half-duty period from its values. */
export interface PumpCycle {
  /** share of the time it must run; 1 and more never stops */
  duty: number
  periodHalfMin: number
}

/** From "so long every so often". @example spacingCycle(0.25, 6) // duty 0.0417 */
export function spacingCycle(onMin: number, everyMin: number): PumpCycle {
  const duty = onMin / everyMin
  return { duty, periodHalfMin: 4 * onMin * Math.max(0.01, 1 - duty) }
}

/** From volume between the switches (L), pump rate (L/min) and inflow (L/h). */
export function volumeCycle(volumeL: number, rateLMin: number, inflowLH: number): PumpCycle {
  return { duty: inflowLH / 60 / rateLMin, periodHalfMin: (4 * volumeL) / rateLMin }
}

/** The cycle at the middle values, as it was known. */
export function knownCycle({ cycle }: Pump): PumpCycle {
  return cycle.by === 'spacing'
    ? spacingCycle(cycle.onMin.value, cycle.everyMin.value)
    : volumeCycle(cycle.volumeL.value, cycle.rateLMin.value, cycle.inflowLH.value)
}

/**
 * Inflow by the hour of the outage against what was known: rain raises it, use follows the day.
 *
 * @returns a factor for each hour; means of one day come to the rain's factor, or to 1
 */
export function inflowByHour(pump: Pump, scenario: Scenario, hours: number): Float64Array {
  const factors = new Float64Array(hours).fill(1)
  if (pump.inflowFollows === 'rain')
    return factors.fill(RAIN_INFLOW[scenario.rain] / RAIN_INFLOW[pump.knownIn ?? 'dry'])
  if (pump.inflowFollows === 'use') {
    const mean = USE_BY_HOUR.reduce((sum, share) => sum + share, 0) / 24
    const first = Math.floor((epochMinute(scenario.startsAt) % DAY_MIN) / 60)
    for (let i = 0; i < hours; i++) factors[i] = USE_BY_HOUR[(first + i) % 24] / mean
  }
  return factors
}

/** What is wrong with a pump that cannot keep up, or null. */
export function pumpTrouble(pump: Pump, scenario: Scenario): Told | null {
  const { duty } = knownCycle(pump)
  const now = duty * Math.max(...inflowByHour(pump, scenario, 24))
  if (now < 1) return null
  return told('pump.neverStops', { rateFraction: now })
}
