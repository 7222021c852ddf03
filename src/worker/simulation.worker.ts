import { expose } from 'comlink'
import type { Plan } from '@/core/plan/document'
import type { SearchStock } from '@/core/sizing/search/candidates'
import { ensureComputable } from '@/words/reading/computable'
import { evaluate, evaluateTraced } from '@/core/sizing/evaluate'
import { withLosses } from '@/core/sizing/leverLosses'
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
import { Turns } from './turns'

const turns = new Turns()

/** @param steps of the work on a plan; one over the budget of switchings is refused with the load that is too busy */
const inTurn = <A extends unknown[], R>(steps: (plan: Plan, ...rest: A) => Generator<unknown, R>) =>
  turns.inTurn((plan: Plan, ...rest: A) => {
    ensureComputable(plan)
    return steps(plan, ...rest)
  })

/** Work of one step. */
const atOnce = <A extends unknown[], R>(work: (plan: Plan, ...rest: A) => R) =>
  inTurn(function* (plan: Plan, ...rest: A) {
    return work(plan, ...rest)
  })

const jobs: SimulationJobs = {
  evaluate: (plan, options) => {
    ensureComputable(plan)
    return sayEvaluation(plan, evaluateTraced(plan, options))
  },
  cells: (plans) => {
    plans.forEach(ensureComputable)
    return cellsOf(plans)
  },
  rankLevers: inTurn(function* (plan, report: (levers: SaidLever[]) => void) {
    let last: SaidLever[] = []
    for (const tried of tryLevers(plan))
      yield report((last = withLosses(plan, tried).map((lever) => sayLever(lever, plan.household))))
    return last
  }),
  worseCases: inTurn(function* (plan, report: (outcomes: WorseOutcome[]) => void) {
    let last: WorseOutcome[] = []
    for (const outcomes of worseOutcomes(plan)) yield report((last = outcomes))
    return last
  }),
  measureNext: inTurn((plan) => measureNext(plan)),
  ruleGains: atOnce((plan) => ruleGains(plan)),
  longLook: atOnce((plan) => longLook(plan)),
  openers: atOnce((plan, stock: SearchStock) => openersOf(plan, evaluate(plan, { runs: 100 }).gates, stock)),
  giveUp: (ticket) => turns.giveUp(ticket),
}

expose(jobs)
