import type { Plan } from '@/core/plan/document'
import type { Household } from '@/core/plan/household'
import { planOf } from '@/core/plan/planOf'

/** An edit makes another household. */
const plans = new WeakMap<Household, Plan>()

/** The plan of a household's chosen scenario and power system, made once for all who ask. */
export function planFor(household: Household): Plan {
  const known = plans.get(household)
  if (known) return known
  const plan = planOf(household)
  plans.set(household, plan)
  return plan
}
