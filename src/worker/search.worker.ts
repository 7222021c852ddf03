import { expose } from 'comlink'
import { candidatesOf } from '@/core/sizing/search/candidates'
import { type Judged, Search } from '@/core/sizing/search/search'
import type { SearchJobs } from './searchJobs'

/** Between two words of what has been found. */
const REPORT_MS = 60

const jobs: SearchJobs = {
  run: ({ plans, want, confidence, hours, stock }, share, shares, report) => {
    const candidates = candidatesOf(stock, want)
    const search = new Search(plans, want, confidence, hours)
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
