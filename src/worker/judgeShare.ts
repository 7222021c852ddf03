import { DEFAULT_SEED } from '@/core/simulation/simulate'
import { candidatesOf } from '@/core/sizing/search/candidates'
import { type Judged, SEARCH_RUNS, Search } from '@/core/sizing/search/search'
import type { SearchRequest } from './searchJobs'

/** Between two words of what has been found. */
const REPORT_MS = 60

/**
 * Judges every `shares`-th candidate, from the `share`-th on.
 *
 * @param report told what has been judged since the last time, and how many candidates there are in all
 * @returns when all that was told has been heard: words and the end of the work come on ways of their own, and
 *   whoever hears of the end first would take a part for the whole
 */
export async function judgeShare(
  { plans, want, confidence, hours, stock }: SearchRequest,
  share: number,
  shares: number,
  report: (judged: Judged[], all: number) => void | Promise<void>,
): Promise<void> {
  const candidates = candidatesOf(stock, want)
  const search = new Search(plans, want, confidence, hours, SEARCH_RUNS, DEFAULT_SEED, stock.controllers)
  const heard: (void | Promise<void>)[] = []
  let judged: Judged[] = []
  let last = performance.now()
  for (let i = share; i < candidates.length; i += shares) {
    judged.push(search.judge(candidates[i]))
    if (performance.now() - last < REPORT_MS) continue
    heard.push(report(judged, candidates.length))
    judged = []
    last = performance.now()
  }
  heard.push(report(judged, candidates.length))
  await Promise.all(heard)
}
