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

/** What the simulation worker does for a page. Advice is worked out in turn; its ticket is what it is given up by. */
export interface SimulationJobs {
  evaluate(plan: Plan, options?: SimulationOptions): Evaluation
  /** @param plans of one scenario, one for each power system */
  cells(plans: Plan[]): MatrixCell[]
  /** @param report told the levers again and again, as more runs are made */
  rankLevers(ticket: number, plan: Plan, report: (levers: SaidLever[]) => void): Promise<SaidLever[]>
  /** @param report told what worse cases cost again and again, as more runs are made */
  worseCases(ticket: number, plan: Plan, report: (outcomes: WorseOutcome[]) => void): Promise<WorseOutcome[]>
  measureNext(ticket: number, plan: Plan): Promise<MeasureNext[]>
  ruleGains(ticket: number, plan: Plan): Promise<RuleGain[]>
  longLook(ticket: number, plan: Plan): Promise<LongLook>
  openers(ticket: number, plan: Plan, stock: SearchStock): Promise<Opener[]>
  /** Whoever waits for it is refused at its next pause. */
  giveUp(ticket: number): void
}
