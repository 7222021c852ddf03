import type { Plan } from '../plan/document'
import { DEFAULT_SEED, simulate } from '../simulation/simulate'
import type { Percentiles } from '../simulation/result'
import { gatesOf } from './gates'

/** How far it is looked when the question is whether it can go on. */
export const LOOK_DAYS = 21
const RUNS = 60

/** What becomes of a plan if its last day's weather goes on. */
export interface LongLook {
  /** null where the outage itself already tells the end, or nothing refills it */
  runtimeMin: Percentiles | null
  horizonMin: number
}

/**
 * Looks three weeks ahead: the weather of the last day goes on, what runs by plan does not run again.
 *
 */
export function longLook(plan: Plan, runs = RUNS, seed = DEFAULT_SEED): LongLook {
  const short = simulate(plan, { runs, seed })
  const { refills } = gatesOf(plan, short)
  if (refills.verdict === 'unplanned' || short.runtimeMin.p50 < Infinity)
    return { runtimeMin: null, horizonMin: short.horizonMin }
  const horizonMin = Math.max(short.horizonMin, LOOK_DAYS * 24 * 60)
  const { runtimeMin } = simulate(plan, { runs, seed, horizonMin })
  return { runtimeMin, horizonMin }
}
