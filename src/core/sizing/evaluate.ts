import type { Plan } from '../plan/document'
import type { RiskClock } from '../risk/riskClock'
import { riskClocks } from '../risk/riskClocks'
import type { SimulationResult } from '../simulation/result'
import { shownMinutes } from '../simulation/shownMinutes'
import { type LoadTrace, typicalRun } from '../simulation/trace'
import { type SimulationOptions, simulate } from '../simulation/simulate'
import { type AnswerFacts, answerOf } from './answer'
import { type Gates, gatesOf } from './gates'
import { requirementOf } from './requirement'

/** Everything a planning page shows of a plan. */
export interface Evaluation {
  result: SimulationResult
  gates: Gates
  answer: AnswerFacts
  /** what is lost without power, and when */
  clocks: RiskClock[]
  /** W the worst start would ask by the school the household did not choose */
  otherStartW: number
  /** whether curves and the list of runs are in it; see `withoutTraces` */
  hasTraces: boolean
  /** when each load runs in a typical run, as far as is shown; only where it was asked for */
  traces?: LoadTrace[]
}

/** Runs a plan and judges it: the runs, the gates, the facts of the sentence. */
export function evaluate(plan: Plan, options?: SimulationOptions): Evaluation {
  const result = simulate(plan, options)
  const gates = gatesOf(plan, result)
  const clocks = riskClocks(plan, result)
  const { household, scenario } = plan
  const other = requirementOf(
    gates.starts.requirement.starting,
    scenario.startsAt,
    result.outageMin,
    household.surgeSchool === 'largest-start' ? 'sum-of-starts' : 'largest-start',
  )
  return {
    // judged once: what of it is lost is told by the clocks
    result: { ...result, unfed: null },
    gates,
    clocks,
    answer: answerOf(plan, result, gates, clocks),
    otherStartW: other.startW,
    hasTraces: true,
  }
}

/** The same with a typical run as far as any of the sources is shown. */
export function evaluateTraced(plan: Plan, options?: SimulationOptions): Evaluation {
  const evaluation = evaluate(plan, options)
  const { result } = evaluation
  const ids = result.chains.flatMap(({ sources }) => sources.map(({ sourceId }) => sourceId))
  const lengthMin = Math.max(...ids.map((id) => shownMinutes(result, id)))
  return { ...evaluation, traces: ids.length ? typicalRun(plan, Math.ceil(lengthMin)) : [] }
}
