import { proxy, wrap } from 'comlink'
import type { Judged } from '@/core/sizing/search/search'
import { LANGUAGE } from '@/words/language'
import type { SearchJobs, SearchRequest } from './searchJobs'

const MOST_WORKERS = 8

/** A search on all cores, off the page's own thread. */
export class SearchClient {
  private workers: Worker[] = []

  /**
   * @param report told what has been judged since the last time, and how many candidates there are
   * @returns whether it came to its end; false when it was cancelled
   */
  async run(request: SearchRequest, report: (judged: Judged[], all: number) => void): Promise<boolean> {
    this.cancel()
    const shares = Math.max(1, Math.min(MOST_WORKERS, navigator.hardwareConcurrency || 2))
    const workers = Array.from(
      { length: shares },
      () =>
        new Worker(new URL('./search.worker.ts', import.meta.url), {
          type: 'module',
          name: LANGUAGE,
        }),
    )
    this.workers = workers
    const isCurrent = () => this.workers === workers
    await Promise.all(
      workers.map((worker, share) =>
        Promise.race([
          brokenDown(worker),
          wrap<SearchJobs>(worker).run(
            request,
            share,
            shares,
            proxy((judged: Judged[], all: number) => {
              if (isCurrent()) report(judged, all)
            }),
          ),
        ]),
      ),
    )
    const ended = isCurrent()
    if (ended) this.cancel()
    return ended
  }

  /** Stops whatever is being searched. */
  cancel(): void {
    for (const worker of this.workers) worker.terminate()
    this.workers = []
  }
}

/** Settles never but when a worker breaks down. */
const brokenDown = (worker: Worker) =>
  new Promise<never>((_, reject) =>
    worker.addEventListener('error', () => reject(new Error('the worker broke down'))),
  )
