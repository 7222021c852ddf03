import { DAY_MIN, epochMinute } from '../plan/clock'
import type { Sky } from '../plan/weather'
import type { SkyClass, Rain } from '../plan/limits'
import type { Scenario } from '../plan/schema'
import { type Irradiance, clearSkyW, splitGlobal } from './irradiance'
import { type SunPosition, solarPosition } from './solarPosition'

/** Minutes between two looks at the sun: as the state of charge is looked at. */
export const SUN_STEP_MIN = 15

/**
 * Share of clear-sky light that reaches the ground, and how far a day may be off it (80 % interval, ×/÷).
 * Clear to overcast: Kasten & Czeplak 1980, 1 − 0.75·(N ÷ 8)^3.4 at 1, 6 and 8 eighths; a storm's dark days
 * and all spreads: from memory.
 */
export const SKIES: Record<SkyClass, { share: number; times: number }> = {
  clear: { share: 1, times: 1.08 },
  mixed: { share: 0.7, times: 1.35 },
  overcast: { share: 0.25, times: 1.6 },
  dark: { share: 0.1, times: 1.8 },
}

/** The sky of a scenario that says nothing of it. */
export const usualSky = (rain: Rain): SkyClass =>
  rain === 'dry' ? 'mixed' : rain === 'rain' ? 'overcast' : 'dark'

/** Hours by which the clock on the wall is ahead of UTC: as the place says, or by its longitude. */
export const utcOffsetH = ({ place }: Pick<Scenario, 'place'>) =>
  place.utcOffsetH ?? Math.round(place.longitudeDeg / 15)

/** Where the sun stands at a minute of the outage. */
export function sunAt(scenario: Pick<Scenario, 'place' | 'startsAt'>, minute: number): SunPosition {
  const utcMs = (epochMinute(scenario.startsAt) + minute - utcOffsetH(scenario) * 60) * 60_000
  return solarPosition(utcMs, scenario.place.latitudeDeg, scenario.place.longitudeDeg)
}

/** The day of the outage (0: the calendar day it begins) a minute lies in. */
export function dayOf(startsAt: string, minute: number): number {
  const start = epochMinute(startsAt)
  return Math.floor((start + minute) / DAY_MIN) - Math.floor(start / DAY_MIN)
}

const skyOfDay = (sky: Extract<Sky, { kind: 'days' }>, day: number): SkyClass =>
  sky.days[Math.min(day, sky.days.length - 1)]

/** Light on the ground at a minute of the outage, by what the scenario says of the sky. */
export function lightAt(scenario: Scenario, minute: number, sun = sunAt(scenario, minute)): Irradiance {
  const sky: Sky = scenario.sky ?? { kind: 'days', days: [usualSky(scenario.rain)] }
  if (sky.kind === 'measured') {
    const at = fileHour(scenario.startsAt, minute) % sky.globalW.length
    return { globalW: sky.globalW[at], directW: sky.directW[at], diffuseW: sky.diffuseW[at] }
  }
  const share =
    sky.kind === 'days'
      ? SKIES[skyOfDay(sky, dayOf(scenario.startsAt, minute))].share
      : sky.sunShare[Math.min(Math.floor(minute / 60), sky.sunShare.length - 1)]
  return splitGlobal(clearSkyW(sun.zenithDeg) * share, sun)
}

/**
 * The hour of a weather file a minute of the outage lies in: its hours are those of the clock, the first that in
 * which the outage begins.
 */
export const fileHour = (startsAt: string, minute: number) =>
  Math.max(0, Math.floor(((epochMinute(startsAt) % 60) + minute) / 60))

/** How far the light of a day may be off what the scenario says: ×/÷, the 80 % interval. */
export function lightSpread(scenario: Scenario, day: number): number {
  const { sky } = scenario
  if (!sky) return SKIES[usualSky(scenario.rain)].times
  if (sky.kind === 'days') return SKIES[skyOfDay(sky, day)].times
  return FORECAST_TIMES
}

/** Of hours that were typed, forecast or measured in another year. From memory. */
const FORECAST_TIMES = 1.4
