import { type Remote, proxy, wrap } from 'comlink'
import type { Plan } from '@/core/plan/document'
import type { Evaluation } from '@/core/sizing/evaluate'
import type { RankedLever } from '@/core/sizing/levers'
import type { LongLook } from '@/core/sizing/longLook'
import type { MatrixCell } from '@/core/sizing/matrix'
import type { MeasureNext } from '@/core/sizing/measureNext'
import type { Opener } from '@/core/sizing/openers'
import type { RuleGain } from '@/core/sizing/ruleGains'
import type { SearchStock } from '@/core/sizing/search/candidates'
import type { SimulationJobs } from './simulationJobs'

/** A worker that runs plans off the page's own thread, begun on first use. */
export class SimulationClient {
  private worker: Worker | null = null
  private remote: Remote<SimulationJobs> | null = null
  private waiting: { plan: Plan; settle: (evaluation: Evaluation | null) => void } | null = null
  private busy = false

  /** Runs a plan. */
  evaluate(plan: Plan): Promise<Evaluation> {
    return this.jobs().evaluate(plan)
  }

  /** What buys hours, ranked; told as it is found. */
  rankLevers(plan: Plan, report: (levers: RankedLever[]) => void): Promise<RankedLever[]> {
    return this.jobs().rankLevers(plan, proxy(report))
  }

  /** How each power system comes out in one outage. */
  cells(plans: Plan[]): Promise<MatrixCell[]> {
    return this.jobs().cells(plans)
  }

  /** What is worth measuring, ranked. */
  measureNext(plan: Plan): Promise<MeasureNext[]> {
    return this.jobs().measureNext(plan)
  }

  /** The hours each rule of load shedding buys. */
  ruleGains(plan: Plan): Promise<RuleGain[]> {
    return this.jobs().ruleGains(plan)
  }

  /** What becomes of it if the weather goes on. */
  longLook(plan: Plan): Promise<LongLook> {
    return this.jobs().longLook(plan)
  }

  /** What would open the gates that are shut. */
  openers(plan: Plan, stock: SearchStock): Promise<Opener[]> {
    return this.jobs().openers(plan, stock)
  }

  /**
   * Runs a plan unless a newer one comes before its turn: while one is being run only the newest waits.
   * @returns the evaluation, or null when a newer plan took its place
   */
  evaluateNewest(plan: Plan): Promise<Evaluation | null> {
    return new Promise((settle) => {
      this.waiting?.settle(null)
      this.waiting = { plan, settle }
      if (!this.busy) void this.work()
    })
  }

  /** Ends the worker; a later call begins a new one. */
  dispose(): void {
    this.worker?.terminate()
    this.worker = null
    this.remote = null
  }

  private async work(): Promise<void> {
    this.busy = true
    while (this.waiting) {
      const { plan, settle } = this.waiting
      this.waiting = null
      settle(await this.evaluate(plan).catch(() => null))
    }
    this.busy = false
  }

  private jobs(): Remote<SimulationJobs> {
    if (!this.remote) {
      this.worker = new Worker(new URL('./simulation.worker.ts', import.meta.url), { type: 'module' })
      this.remote = wrap<SimulationJobs>(this.worker)
    }
    return this.remote
  }
}
