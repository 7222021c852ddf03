import type { Plan } from '@/core/plan/document'
import { tooBusyFact } from '@/core/simulation/switchingBudget'
import { sayDocument } from './sayDocument'

/** @throws RangeError for a plan that switches more often than is computed, naming the load, in words */
export function ensureComputable(plan: Plan): void {
  const fact = tooBusyFact(plan)
  if (fact) throw new RangeError(`${sayDocument(fact)}.`)
}
