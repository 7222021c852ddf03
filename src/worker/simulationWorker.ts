import { type Remote, wrap } from 'comlink'
import { LANGUAGE } from '@/words/language'
import type { SimulationJobs } from './simulationJobs'

/** A worker that runs plans, begun on first use. */
export class SimulationWorker {
  private worker: Worker | null = null
  private remote: Remote<SimulationJobs> | null = null
  /** settles never but when the worker breaks down */
  private broken: Promise<never> | null = null

  /** Puts a question to the worker. A worker that breaks down answers nothing: it is ended, and the next question begins a new one. */
  async ask<T>(question: (jobs: Remote<SimulationJobs>) => Promise<T>): Promise<T> {
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

  /** Ends the worker; a later question begins a new one. */
  dispose(): void {
    this.worker?.terminate()
    this.worker = null
    this.remote = null
    this.broken = null
  }
}
