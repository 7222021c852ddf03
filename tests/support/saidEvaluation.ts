import type { Plan } from '@/core/plan/document'
import { evaluate as judge } from '@/core/sizing/evaluate'
import type { SimulationOptions } from '@/core/simulation/simulate'
import type { Evaluation } from '@/words/answer/evaluation'
import { sayEvaluation } from '@/words/answer/sayAnswer'

/** A plan run, judged and said, as pages have it. */
export const evaluate = (plan: Plan, options?: SimulationOptions): Evaluation =>
  sayEvaluation(plan, judge(plan, options))
