import type { Explanation } from '@/core/run/explain'
import type { RunOutlook } from '@/core/run/runOutlook'
import type { RunPrediction } from '@/core/run/predictRun'
import type { Moment } from '@/core/run/posterior'
import type { Entry, RunHead } from '@/core/run/runDocument'

/** What the worker of runs does for a page. */
export interface RunJobs {
  predict(head: RunHead, entries: Entry[]): RunPrediction
  /** how well the end is known after hours of a run, and when it may be empty */
  outlook(head: RunHead): RunOutlook
  /** hours by which each thing learned moves the planned end */
  explain(head: RunHead, entries: Entry[], moments: Moment[]): Explanation[]
}
