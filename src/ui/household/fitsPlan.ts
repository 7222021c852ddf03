import type { Plan } from '@/core/plan/document'
import type { SimulationResult } from '@/core/simulation/result'

/**
 * Whether a result can be read beside a plan: both have the same sources in use. A change is shown at once and its
 * answer a moment later, so for that moment the two may be of different plans.
 */
export function fitsPlan(
  { powerSystem }: Pick<Plan, 'powerSystem'>,
  { chains }: Pick<SimulationResult, 'chains'>,
): boolean {
  const run = new Set(chains.flatMap(({ sources }) => sources.map(({ sourceId }) => sourceId)))
  const here = powerSystem.sources.filter(({ isAway }) => !isAway)
  return here.length === run.size && here.every(({ id }) => run.has(id))
}
