import { epochMinute, DAY_MIN } from '../plan/clock'
import type { Surroundings } from '../plan/limits'
import type { Scenario } from '../plan/schema'
import { fileHour } from './sky'

/** The hours of the clock at which a day is coldest and warmest. Common practice, no source. */
const COLDEST_H = 6
const WARMEST_H = 15

/** How much of the outdoor swing an unheated room lets in, how many hours late, and how much it takes from the house. From memory. */
const UNHEATED_SWING = 0.4
const UNHEATED_DELAY_H = 4
const UNHEATED_FROM_HOUSE = 0.2

/**
 * Outdoor temperature at an hour of the day between its low and its high: half a cosine up from the coldest
 * to the warmest hour, half a cosine down through the night.
 *
 * @param hour of the day, 0…24
 * @returns °C
 * @example outdoorC({ lowC: -10, highC: 0 }, 15) // 0
 */
export function outdoorC({ lowC, highC }: Scenario['outdoor'], hour: number): number {
  const h = (((hour - COLDEST_H) % 24) + 24) % 24
  const rising = WARMEST_H - COLDEST_H
  const share =
    h < rising
      ? (1 - Math.cos((Math.PI * h) / rising)) / 2
      : (1 + Math.cos((Math.PI * (h - rising)) / (24 - rising))) / 2
  return lowC + share * (highC - lowC)
}

/** The mean of a day's outdoor temperature, °C: its curve spends as long above the middle as below. */
export const meanOutdoorC = ({ lowC, highC }: Scenario['outdoor']) => (lowC + highC) / 2

/**
 * Temperatures by the hour of the outage, °C, at the middle of each hour.
 *
 * Indoors is the scenario's own. An unheated room stands between the house and a damped, delayed outdoors:
 * T = mean + 0.4 · (T_out(t − 4 h) − mean), a fifth of it drawn towards the house. From memory.
 *
 * @param hours how many hours from the start of the outage
 */
export function surroundingsByHour(scenario: Scenario, where: Surroundings, hours: number): Float64Array {
  if (where === 'indoors') return new Float64Array(hours).fill(scenario.indoorC)
  const outdoors = outdoorsAt(scenario)
  if (where === 'outdoors') return Float64Array.from({ length: hours }, (_, i) => outdoors(i))
  const mean = outdoorMeanC(scenario)
  return Float64Array.from({ length: hours }, (_, i) => {
    const damped = mean + UNHEATED_SWING * (outdoors(i - UNHEATED_DELAY_H) - mean)
    return damped + UNHEATED_FROM_HOUSE * (scenario.indoorC - damped)
  })
}

/** Outdoor °C of an hour of the outage: of its weather file where it has one, else between its low and high. */
function outdoorsAt({ sky, outdoor, startsAt }: Scenario): (hour: number) => number {
  if (sky?.kind === 'measured') {
    const { temperatureC } = sky
    // the middle of each hour of the outage, in the file's hours of the clock
    return (hour) => temperatureC[fileHour(startsAt, hour * 60 + 30) % temperatureC.length]
  }
  const startH = (epochMinute(startsAt) % DAY_MIN) / 60
  return (hour) => outdoorC(outdoor, startH + hour + 0.5)
}

const outdoorMeanC = ({ sky, outdoor }: Scenario) =>
  sky?.kind === 'measured'
    ? sky.temperatureC.reduce((sum, celsius) => sum + celsius, 0) / sky.temperatureC.length
    : meanOutdoorC(outdoor)
