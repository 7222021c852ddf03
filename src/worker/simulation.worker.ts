import { expose } from 'comlink'
import type { Plan } from '@/core/plan/document'
import type { SearchStock } from '@/core/sizing/search/candidates'
import { ensureComputable } from '@/words/reading/computable'
import { evaluate, evaluateTraced } from '@/core/sizing/evaluate'
import { withLosses } from '@/core/risk/leverLosses'
import { longLook } from '@/core/sizing/longLook'
import { cellsOf } from '@/core/sizing/matrix'
import { measureNext } from '@/core/sizing/measureNext'
import { openersOf } from '@/core/sizing/openers'
import { ruleGains } from '@/core/sizing/ruleGains'
import { tryLevers } from '@/core/sizing/tryLevers'
import { type WorseOutcome, worseOutcomes } from '@/core/sizing/worseCases'
import { sayEvaluation } from '@/words/answer/sayAnswer'
import { type SaidLever, sayLever } from '@/words/levers/sayLever'
import type { SimulationJobs } from './simulationJobs'

/** A job on plans that keep to the budget of switchings; others are refused with the load that is too busy. */
const computable =
  <A extends unknown[], R>(job: (plan: Plan, ...rest: A) => R) =>
  (plan: Plan, ...rest: A): R => {
    ensureComputable(plan)
    return job(plan, ...rest)
  }

const jobs: SimulationJobs = {
  evaluate: computable((plan, options) => sayEvaluation(plan, evaluateTraced(plan, options))),
  rankLevers: computable((plan, report: Parameters<SimulationJobs['rankLevers']>[1]) => {
    let last: SaidLever[] = []
    for (const tried of tryLevers(plan))
      report((last = withLosses(plan, tried).map((lever) => sayLever(lever, plan.household))))
    return last
  }),
  worseCases: computable((plan, report: Parameters<SimulationJobs['worseCases']>[1]) => {
    let last: WorseOutcome[] = []
    for (const outcomes of worseOutcomes(plan)) report((last = outcomes))
    return last
  }),
  cells: (plans) => {
    plans.forEach(ensureComputable)
    return cellsOf(plans)
  },
  measureNext: computable((plan) => measureNext(plan)),
  ruleGains: computable((plan) => ruleGains(plan)),
  longLook: computable((plan) => longLook(plan)),
  openers: computable((plan, stock: SearchStock) =>
    openersOf(plan, evaluate(plan, { runs: 100 }).gates, stock),
  ),
}

expose(jobs)
