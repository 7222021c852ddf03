import { SKY_CLASSES, type SkyClass } from '../plan/limits'
import type { Scenario } from '../plan/schema'
import { clearSkyW } from './irradiance'
import { SKIES, SUN_STEP_MIN, dayOf, lightAt, sunAt } from './sky'

/** Without at least so much clear light a part of a day tells nothing of its sky, Wh/m². */
const LEAST_CLEAR_WH = 50

/**
 * One word for each calendar day of an outage whose sky is known by the hour: the class whose share of clear light
 * is nearest to the day's own, by its ratio. A day without sun in it takes the word of the day before.
 */
export function skyWords(scenario: Scenario): SkyClass[] {
  const { startsAt, durationH } = scenario
  const days = Math.min(16, dayOf(startsAt, durationH * 60 - 1) + 1)
  const clearWh = new Float64Array(days)
  const lightWh = new Float64Array(days)
  for (let minute = SUN_STEP_MIN / 2; minute < durationH * 60; minute += SUN_STEP_MIN) {
    const day = dayOf(startsAt, minute)
    if (day >= days) break
    const sun = sunAt(scenario, minute)
    if (sun.zenithDeg >= 90) continue
    clearWh[day] += (clearSkyW(sun.zenithDeg) * SUN_STEP_MIN) / 60
    lightWh[day] += (lightAt(scenario, minute, sun).globalW * SUN_STEP_MIN) / 60
  }
  const words: (SkyClass | null)[] = Array.from(clearWh, (clear, day) =>
    clear < LEAST_CLEAR_WH ? null : nearest(lightWh[day] / clear),
  )
  const first = words.find((word) => word !== null) ?? 'mixed'
  return words.map((_, day) => words.slice(0, day + 1).findLast((word) => word !== null) ?? first)
}

const nearest = (share: number): SkyClass =>
  SKY_CLASSES.reduce((a, b) =>
    Math.abs(Math.log(SKIES[b].share / Math.max(0.01, share))) <
    Math.abs(Math.log(SKIES[a].share / Math.max(0.01, share)))
      ? b
      : a,
  )
