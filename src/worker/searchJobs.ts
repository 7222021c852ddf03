import type { Plan } from '@/core/plan/document'
import type { SearchConstraints, SearchStock } from '@/core/sizing/search/candidates'
import type { Judged } from '@/core/sizing/search/search'

/** What a search is asked. */
export interface SearchRequest {
  /** one for each scenario */
  plans: Plan[]
  want: SearchConstraints
  confidence: number
  /** to last; null: as long as each outage */
  hours: number | null
  stock: SearchStock
}

/** What a search worker does for a page. */
export interface SearchJobs {
  /**
   * Judges every `shares`-th candidate, from the `share`-th on.
   *
   * @param report told what has been judged since the last time, and how many there are in all; it has heard all of it at the end
   */
  run(
    request: SearchRequest,
    share: number,
    shares: number,
    report: (judged: Judged[], all: number) => void | Promise<void>,
  ): Promise<void>
}
