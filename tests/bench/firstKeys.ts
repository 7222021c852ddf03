import { demoHousehold } from '@/catalog/demoHousehold'
import type { Plan } from '@/core/plan/document'
import { planOf } from '@/core/plan/planOf'
import { quantity } from '@/core/quantity/quantity'
import { evaluateTraced } from '@/core/sizing/evaluate'
import { round } from './compare'

const PRACTICE = 20
const PRACTICE_RUNS = 100
const KEYS = 30
const FIRST = 12

/**
 * What a worker that has practised takes for the first keys beside the later ones: a plan that differs by what was typed, as it
 * comes by a message. To be run before all else, while nothing is compiled.
 */
export function benchFirstKeys(): Record<string, string | number> {
  const base = planOf(demoHousehold())
  for (let i = 0; i < PRACTICE; i++) evaluateTraced(structuredClone(base), { runs: PRACTICE_RUNS })
  const ms = Array.from({ length: KEYS }, (_, key) => {
    const plan = typedIn(base, 30 + ((key * 37) % 100))
    const from = performance.now()
    evaluateTraced(plan)
    return performance.now() - from
  })
  const later = ms.slice(FIRST).sort((a, b) => a - b)
  const usual = later[later.length >> 1]
  const slowest = Math.max(...ms.slice(0, FIRST))
  return {
    'evaluation of a changed plan, ms': round(usual),
    'slowest of the first twelve ÷ a later one (at most 2)': round(slowest / usual),
  }
}

function typedIn(base: Plan, watts: number): Plan {
  const plan = structuredClone(base)
  for (const load of plan.loads)
    if (load.behaviour.kind === 'constant') {
      load.behaviour.runningW = quantity(watts, 'W', 'measured')
      return plan
    }
  throw new Error('the sample has no steady load')
}
