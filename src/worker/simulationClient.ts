import { type Remote, proxy, wrap } from 'comlink'
import type { Plan } from '@/core/plan/document'
import type { Evaluation } from '@/words/answer/evaluation'
import type { SaidLever } from '@/words/levers/sayLever'
import type { LongLook } from '@/core/sizing/longLook'
import type { MatrixCell } from '@/core/sizing/matrix'
import type { MeasureNext } from '@/core/sizing/measureNext'
import type { Opener } from '@/core/sizing/openers'
import type { RuleGain } from '@/core/sizing/ruleGains'
import type { WorseOutcome } from '@/core/sizing/worseCases'
import type { SearchStock } from '@/core/sizing/search/candidates'
import { LANGUAGE } from '@/words/language'
import type { SimulationJobs } from './simulationJobs'
import { simulationClient } from '@/words/en/ui/worker'
import { wordsOf } from '@/words/translate'

const say = wordsOf(simulationClient)

/** How a computation came out: with its evaluation, or with why there is none. */
export type Outcome = { kind: 'done'; evaluation: Evaluation } | { kind: 'failed'; message: string }

const outcomeOf = (error: unknown): Outcome => ({
  kind: 'failed',
  // what the core refuses names the load and what would be right
  message:
    error instanceof RangeError || (error as Error)?.name === 'RangeError'
      ? (error as Error).message
      : say('theComputationFailed'),
})

/** A worker that runs plans off the page's own thread, begun on first use. */
export class SimulationClient {
  private worker: Worker | null = null
  private remote: Remote<SimulationJobs> | null = null
  /** settles never but when the worker breaks down */
  private broken: Promise<never> | null = null
  private waiting: { plan: Plan; settle: (outcome: Outcome | null) => void } | null = null
  private busy = false

  /** Runs a plan. */
  evaluate(plan: Plan): Promise<Evaluation> {
    return this.ask((jobs) => jobs.evaluate(plan))
  }

  /** Runs a plan; what goes wrong is in the outcome. */
  attempt(plan: Plan): Promise<Outcome> {
    return this.evaluate(plan).then((evaluation): Outcome => ({ kind: 'done', evaluation }), outcomeOf)
  }

  /** What adds hours, ranked; told as it is found. */
  rankLevers(plan: Plan, report: (levers: SaidLever[]) => void): Promise<SaidLever[]> {
    return this.ask((jobs) => jobs.rankLevers(plan, proxy(report)))
  }

  /** What worse cases cost, ranked; told as it is found. */
  worseCases(plan: Plan, report: (outcomes: WorseOutcome[]) => void): Promise<WorseOutcome[]> {
    return this.ask((jobs) => jobs.worseCases(plan, proxy(report)))
  }

  /** How each power system comes out in one outage. */
  cells(plans: Plan[]): Promise<MatrixCell[]> {
    return this.ask((jobs) => jobs.cells(plans))
  }

  /** What is worth measuring, ranked. */
  measureNext(plan: Plan): Promise<MeasureNext[]> {
    return this.ask((jobs) => jobs.measureNext(plan))
  }

  /** The hours each rule of load shedding buys. */
  ruleGains(plan: Plan): Promise<RuleGain[]> {
    return this.ask((jobs) => jobs.ruleGains(plan))
  }

  /** What becomes of it if the weather goes on. */
  longLook(plan: Plan): Promise<LongLook> {
    return this.ask((jobs) => jobs.longLook(plan))
  }

  /** What would open the gates that are shut. */
  openers(plan: Plan, stock: SearchStock): Promise<Opener[]> {
    return this.ask((jobs) => jobs.openers(plan, stock))
  }

  /**
   * Runs a plan unless a newer one comes before its turn: while one is being run only the newest waits.
   * @returns how it came out, or null when a newer plan took its place
   */
  evaluateNewest(plan: Plan): Promise<Outcome | null> {
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
    this.broken = null
  }

  private async work(): Promise<void> {
    this.busy = true
    while (this.waiting) {
      const { plan, settle } = this.waiting
      this.waiting = null
      settle(await this.attempt(plan))
    }
    this.busy = false
  }

  /** Puts a question to the worker. A worker that breaks down answers nothing: it is ended, and the next question begins a new one. */
  private async ask<T>(question: (jobs: Remote<SimulationJobs>) => Promise<T>): Promise<T> {
    if (!this.remote || !this.broken) {
      const worker = new Worker(new URL('./simulation.worker.ts', import.meta.url), {
        type: 'module',
        name: LANGUAGE,
      })
      this.worker = worker
      this.remote = wrap<SimulationJobs>(worker)
      this.broken = new Promise((_, reject) => {
        worker.addEventListener('error', () => {
          if (this.worker === worker) this.dispose()
          reject(new Error('the worker broke down'))
        })
      })
      this.broken.catch(() => {})
    }
    const { remote, broken } = this
    return Promise.race([broken, question(remote)])
  }
}
