import { windowIntervals } from '../plan/clock'
import type { Scenario } from '../plan/schema'

/** When people sleep and are away, minutes since the outage began. */
export function bedAndAway(scenario: Scenario): { asleep: [number, number][]; away: [number, number][] } {
  const lengthMin = scenario.durationH * 60
  return {
    asleep: windowIntervals(scenario.asleep, scenario.startsAt, lengthMin),
    away: windowIntervals(scenario.away, scenario.startsAt, lengthMin),
  }
}

/** Minutes that stretches and intervals have in common. */
export const commonMinutes = (
  stretches: readonly { fromMin: number; toMin: number }[],
  intervals: readonly [number, number][],
): number =>
  stretches.reduce(
    (sum, { fromMin, toMin }) =>
      intervals.reduce(
        (inner, [from, to]) => inner + Math.max(0, Math.min(toMin, to) - Math.max(fromMin, from)),
        sum,
      ),
    0,
  )
