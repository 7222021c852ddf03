import { expose } from 'comlink'
import { ensureComputable } from '@/words/reading/computable'
import { judgeShare } from './judgeShare'
import type { SearchJobs } from './searchJobs'

const jobs: SearchJobs = {
  run: (request, share, shares, report) => {
    request.plans.forEach(ensureComputable)
    return judgeShare(request, share, shares, report)
  },
}

expose(jobs)
