import type { Explanation } from '@/core/run/explain'
import type { ExpectedWidth } from '@/core/run/expectedWidth'
import type { RunPrediction } from '@/core/run/predictRun'
import type { Moment } from '@/core/run/posterior'
import type { Entry, RunHead } from '@/core/run/runDocument'

/** What the worker of runs does for a page. */
export interface RunJobs {
  predict(head: RunHead, entries: Entry[]): RunPrediction
  /** how well the end is known after hours of a run */
  widths(head: RunHead): ExpectedWidth[]
  /** hours by which each thing learned moves the planned end */
  explain(head: RunHead, entries: Entry[], moments: Moment[]): Explanation[]
}
