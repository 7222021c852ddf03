import { type Remote, proxy } from 'comlink'
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
import type { SimulationJobs } from './simulationJobs'
import { SimulationWorker } from './simulationWorker'
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

/** So often, and so many runs each time: an evaluation's worth and more, by which a compiler knows what is run often. */
const PRACTICE = 20
const PRACTICE_RUNS = 100

/** Of all clients, since they may share a worker. */
let tickets = 0

/** @param ticket by which the question can be given up */
type Question<T> = (jobs: Remote<SimulationJobs>, ticket: number) => Promise<T>

/** Runs plans off the page's own thread, in a worker of its own or in one shared with others. */
export class SimulationClient {
  private readonly worker: SimulationWorker
  /** advice that is still awaited */
  private readonly awaited = new Set<number>()
  private waiting: { plan: Plan; settle: (outcome: Outcome | null) => void } | null = null
  private busy = false

  constructor(private readonly shared?: SimulationWorker) {
    this.worker = shared ?? new SimulationWorker()
  }

  /** Runs a plan. */
  evaluate(plan: Plan): Promise<Evaluation> {
    return this.worker.ask((jobs) => jobs.evaluate(plan))
  }

  /**
   * Runs a plan for no answer, in short pieces, unless one is asked for: what a worker runs for the first time it runs slowly, and
   * the first key should not wait for that.
   */
  async practise(plan: Plan): Promise<void> {
    for (let i = 0; i < PRACTICE && !this.busy; i++)
      await this.worker.ask((jobs) => jobs.evaluate(plan, { runs: PRACTICE_RUNS })).catch(() => {})
  }

  /** Runs a plan; what goes wrong is in the outcome. */
  attempt(plan: Plan): Promise<Outcome> {
    return this.evaluate(plan).then((evaluation): Outcome => ({ kind: 'done', evaluation }), outcomeOf)
  }

  /** What adds hours, ranked; told as it is found. */
  rankLevers(plan: Plan, report: (levers: SaidLever[]) => void): Promise<SaidLever[]> {
    return this.advice((jobs, ticket) => jobs.rankLevers(ticket, plan, proxy(report)))
  }

  /** What worse cases cost, ranked; told as it is found. */
  worseCases(plan: Plan, report: (outcomes: WorseOutcome[]) => void): Promise<WorseOutcome[]> {
    return this.advice((jobs, ticket) => jobs.worseCases(ticket, plan, proxy(report)))
  }

  /** How each power system comes out in one outage. */
  cells(plans: Plan[]): Promise<MatrixCell[]> {
    return this.worker.ask((jobs) => jobs.cells(plans))
  }

  /** What is worth measuring, ranked. */
  measureNext(plan: Plan): Promise<MeasureNext[]> {
    return this.advice((jobs, ticket) => jobs.measureNext(ticket, plan))
  }

  /** The hours each rule of load shedding buys. */
  ruleGains(plan: Plan): Promise<RuleGain[]> {
    return this.advice((jobs, ticket) => jobs.ruleGains(ticket, plan))
  }

  /** What becomes of it if the weather goes on. */
  longLook(plan: Plan): Promise<LongLook> {
    return this.advice((jobs, ticket) => jobs.longLook(ticket, plan))
  }

  /** What would open the gates that are shut. */
  openers(plan: Plan, stock: SearchStock): Promise<Opener[]> {
    return this.advice((jobs, ticket) => jobs.openers(ticket, plan, stock))
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

  /** Whoever waits for advice is refused; the worker goes on with other questions. */
  giveUp(): void {
    for (const ticket of this.awaited) void this.worker.ask((jobs) => jobs.giveUp(ticket)).catch(() => {})
    this.awaited.clear()
  }

  /** Ends its worker, or gives up what it asked of a shared one; a later call begins anew. */
  dispose(): void {
    if (this.shared) this.giveUp()
    else this.worker.dispose()
  }

  private async advice<T>(question: Question<T>): Promise<T> {
    const ticket = ++tickets
    this.awaited.add(ticket)
    try {
      return await this.worker.ask((jobs) => question(jobs, ticket))
    } finally {
      this.awaited.delete(ticket)
    }
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
}
