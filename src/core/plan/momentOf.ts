import { formatMoment } from './clock'
import type { Plan } from './document'

/**
 * A moment of a plan's outage on the clock as its household reads it.
 * @param minutes elapsed since the outage began, rounded to `stepMin`
 * @example momentOf(plan, 1183, 10) // "Saturday 13:40", or "Saturday 1:40 pm"
 */
export const momentOf = (
  { scenario, household }: Pick<Plan, 'scenario' | 'household'>,
  minutes: number,
  stepMin = 1,
): string => formatMoment(scenario.startsAt, minutes, stepMin, household.units.clock)
