import { formatMoment } from './clock'
import type { Plan } from '@/core/plan/document'

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

/** A stretch of a pause. @example pauseWords(plan, { fromMin: 300, toMin: 420 }) // "Friday 23:00 – Saturday 01:00" */
export const pauseWords = (
  plan: Pick<Plan, 'scenario' | 'household'>,
  { fromMin, toMin }: { fromMin: number; toMin: number },
): string => `${momentOf(plan, fromMin)} – ${momentOf(plan, toMin)}`
