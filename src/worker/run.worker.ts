import { expose } from 'comlink'
import { ensureComputable } from '@/words/reading/computable'
import { predictRun } from '@/core/run/predictRun'
import { explainRun } from '@/core/run/explain'
import { runOutlook } from '@/core/run/runOutlook'
import { planOfSegment, segmentsOf } from '@/core/run/segments'
import type { RunJobs } from './runJobs'

const jobs: RunJobs = {
  predict: (head, entries) => {
    ensureComputable(head.plan)
    return predictRun(head, entries)
  },
  outlook: (head) => {
    ensureComputable(head.plan)
    return runOutlook(planOfSegment(head, segmentsOf(head, [])[0]), head.sourceId)
  },
  explain: (head, entries, moments) => explainRun(head, entries, moments),
}

expose(jobs)
