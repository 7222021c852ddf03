import { demoHousehold } from '@/catalog/demoHousehold'
import { searchStock } from '@/catalog/searchStock'
import { planOf } from '@/core/plan/planOf'
import { NO_CONSTRAINTS, candidatesOf } from '@/core/sizing/search/candidates'
import { Search, onOneSource } from '@/core/sizing/search/search'
import { simulate } from '@/core/simulation/simulate'

const RUNS = 200
const CANDIDATES = 500
/**
 * The search over 500 candidates × 200 runs × 72 h of the sample household, against evaluating each from
 * scratch: every twentieth is evaluated so, in turn with its neighbours' search, and the time taken by twenty.
 */
export function benchSearch(): Record<string, string | number> {
  const household = demoHousehold()
  const plan = planOf(household, household.chosen.scenarioId, household.chosen.powerSystemId)
  plan.scenario.durationH = 48 // looked at a day further: 72 h
  const all = candidatesOf(searchStock(120), NO_CONSTRAINTS)
  const candidates = Array.from({ length: CANDIDATES }, (_, i) => all[(i * 7) % all.length])
  const from = performance.now()
  const search = new Search([plan], NO_CONSTRAINTS, 0.8, null, RUNS)
  const realiseMs = performance.now() - from
  let searchMs = realiseMs
  let scratchMs = 0
  let evaluated = 0
  candidates.forEach((candidate, i) => {
    const before = performance.now()
    search.judge(candidate)
    searchMs += performance.now() - before
    if (i % 20) return
    const again = performance.now()
    const alone = { ...onOneSource(plan), powerSystem: { ...plan.powerSystem, sources: [candidate.source] } }
    simulate(alone, { runs: RUNS, horizonMin: 72 * 60 })
    scratchMs += performance.now() - again
    evaluated++
  })
  return {
    'candidates in the catalogue': all.length,
    'search of 500 × 200 runs × 72 h, one core, ms': Math.round(searchMs),
    'of it realising the demand, ms': Math.round(realiseMs),
    'search ÷ from scratch (at most 0.05)':
      Math.round((10_000 * searchMs * evaluated) / (scratchMs * CANDIDATES)) / 10_000,
  }
}
