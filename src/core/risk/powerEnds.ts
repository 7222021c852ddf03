import type { Plan } from '../plan/document'
import { leftOutWhy } from '../simulation/compile'
import type { ChainResult, SimulationResult } from '../simulation/result'
import type { Spread } from './riskClock'

/** What is asked of a simulation: how far it looks, and when each chain of sources ends. */
export interface PowerEnds extends Pick<SimulationResult, 'horizonMin'> {
  chains: readonly (Pick<ChainResult, 'runtimeMin'> & { sources: readonly { sourceId: string }[] })[]
}

/**
 * When a load's power ends; null where the plan does not feed it although it is on.
 *
 * @returns minutes since the outage began, the 10, 50 and 90 % percentiles of the runs
 */
export function powerEndsOf(plan: Plan, { chains }: PowerEnds, loadId: string): Spread | null {
  const load = plan.loads.find(({ id }) => id === loadId)
  if (!load || leftOutWhy(load, plan) !== null) return null
  const chain = chains.find(({ sources }) => sources.some(({ sourceId }) => sourceId === load.sourceId))
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
