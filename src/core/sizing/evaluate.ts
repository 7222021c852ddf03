import type { Plan } from '../plan/document'
import type { SimulationResult } from '../simulation/result'
import { type SimulationOptions, simulate } from '../simulation/simulate'
import { type AnswerPart, answerOf } from './answer'
import { type Gates, gatesOf } from './gates'
import { requirementOf } from './requirement'
import { workingsOf } from './workings'

/** Everything a planning page shows of a plan. */
export interface Evaluation {
  result: SimulationResult
  gates: Gates
  answer: AnswerPart[]
  workings: ReturnType<typeof workingsOf>
  /** whether curves and the list of runs are in it; see `withoutTraces` */
  hasTraces: boolean
}

/** Runs a plan and judges it: the runs, the gates, the sentence, and the working of every figure in them. */
export function evaluate(plan: Plan, options?: SimulationOptions): Evaluation {
  const result = simulate(plan, options)
  const gates = gatesOf(plan, result)
  const { household, scenario } = plan
  const other = requirementOf(
    gates.starts.requirement.starting,
    scenario.startsAt,
    result.outageMin,
    household.surgeSchool === 'largest-start' ? 'sum-of-starts' : 'largest-start',
  )
  return {
    result,
    gates,
    answer: answerOf(plan, result, gates),
    workings: workingsOf(plan, result, gates, other.startW),
    hasTraces: true,
  }
}
