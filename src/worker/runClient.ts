import { type Remote, wrap } from 'comlink'
import type { Moment } from '@/core/run/posterior'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { LANGUAGE } from '@/words/language'
import type { RunJobs } from './runJobs'

/** A worker that holds readings against simulated runs, off the page's own thread. */
export class RunClient {
  private readonly worker = new Worker(new URL('./run.worker.ts', import.meta.url), {
    type: 'module',
    name: LANGUAGE,
  })
  private readonly remote: Remote<RunJobs> = wrap<RunJobs>(this.worker)

  predict(head: RunHead, entries: Entry[]) {
    return this.remote.predict(head, entries)
  }

  outlook(head: RunHead) {
    return this.remote.outlook(head)
  }

  explain(head: RunHead, entries: Entry[], moments: Moment[]) {
    return this.remote.explain(head, entries, moments)
  }

  dispose(): void {
    this.worker.terminate()
  }
}
