import { expose } from 'comlink'
import { candidatesOf } from '@/core/sizing/search/candidates'
import { type Judged, SEARCH_RUNS, Search } from '@/core/sizing/search/search'
import { ensureComputable } from '@/words/reading/computable'
import { DEFAULT_SEED } from '@/core/simulation/simulate'
import type { SearchJobs } from './searchJobs'

/** Between two words of what has been found. */
const REPORT_MS = 60

const jobs: SearchJobs = {
  run: ({ plans, want, confidence, hours, stock }, share, shares, report) => {
    plans.forEach(ensureComputable)
    const candidates = candidatesOf(stock, want)
    const search = new Search(plans, want, confidence, hours, SEARCH_RUNS, DEFAULT_SEED, stock.controllers)
    let judged: Judged[] = []
    let last = performance.now()
    for (let i = share; i < candidates.length; i += shares) {
      judged.push(search.judge(candidates[i]))
      if (performance.now() - last < REPORT_MS) continue
      report(judged, candidates.length)
      judged = []
      last = performance.now()
    }
    report(judged, candidates.length)
  },
}

expose(jobs)
