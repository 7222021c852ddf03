import type { Plan } from '@/core/plan/document'
import type { Evaluation } from '@/words/answer/evaluation'
import type { SaidLever } from '@/words/levers/sayLever'
import type { LongLook } from '@/core/sizing/longLook'
import type { MatrixCell } from '@/core/sizing/matrix'
import type { MeasureNext } from '@/core/sizing/measureNext'
import type { Opener } from '@/core/sizing/openers'
import type { RuleGain } from '@/core/sizing/ruleGains'
import type { SearchStock } from '@/core/sizing/search/candidates'
import type { WorseOutcome } from '@/core/sizing/worseCases'
import type { SimulationOptions } from '@/core/simulation/simulate'

/** What the simulation worker does for a page. */
export interface SimulationJobs {
  evaluate(plan: Plan, options?: SimulationOptions): Evaluation
  /** @param report told the levers again and again, as more runs are made */
  rankLevers(plan: Plan, report: (levers: SaidLever[]) => void): SaidLever[]
  /** @param report told what worse cases cost again and again, as more runs are made */
  worseCases(plan: Plan, report: (outcomes: WorseOutcome[]) => void): WorseOutcome[]
  /** @param plans of one scenario, one for each power system */
  cells(plans: Plan[]): MatrixCell[]
  measureNext(plan: Plan): MeasureNext[]
  ruleGains(plan: Plan): RuleGain[]
  longLook(plan: Plan): LongLook
  openers(plan: Plan, stock: SearchStock): Opener[]
}
