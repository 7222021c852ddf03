import type { Plan } from '@/core/plan/document'
import { expectedW } from '@/core/simulation/expected'

/** A typed figure makes another plan. */
const averages = new WeakMap<Plan, Map<string, number>>()

/** A load's average watts in the plan's outage, computed once for all who ask. @throws RangeError when the plan has no such load */
export function averageInPlan(plan: Plan, loadId: string): number {
  let known = averages.get(plan)
  if (!known) averages.set(plan, (known = new Map()))
  const found = known.get(loadId)
  if (found !== undefined) return found
  const load = plan.loads.find(({ id }) => id === loadId)
  if (!load) throw new RangeError('no such load')
  const watts = expectedW(load, plan.scenario)
  known.set(loadId, watts)
  return watts
}
