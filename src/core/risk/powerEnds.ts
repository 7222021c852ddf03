import type { Plan } from '../plan/document'
import type { SimulationResult } from '../simulation/result'
import type { Spread } from './riskClock'

/**
 * When a load's power ends; null where the plan does not feed it although it is on.
 *
 * @returns minutes since the outage began, the 10, 50 and 90 % percentiles of the runs
 */
export function powerEndsOf(plan: Plan, result: SimulationResult, loadId: string): Spread | null {
  if (result.leftOut.some((left) => left.loadId === loadId)) return null
  const load = plan.loads.find(({ id }) => id === loadId)
  const chain = result.chains.find(({ sources }) =>
    sources.some(({ sourceId }) => sourceId === load?.sourceId),
  )
  if (!chain) return null
  const { p10, p50, p90 } = chain.runtimeMin
  return { early: p10, likely: p50, late: p90 }
}

/** A thing that can do without power for so long, after its power has ended. */
export const after = (
  ends: Spread | null,
  [early, likely, late]: readonly [number, number, number],
): Spread => ({
  early: (ends?.early ?? 0) + early,
  likely: (ends?.likely ?? 0) + likely,
  late: (ends?.late ?? 0) + late,
})
