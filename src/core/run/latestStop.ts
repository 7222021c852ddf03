/** When a test run had better be over: before somebody must stay up for it, and before food warms with nobody looking. */
export interface LatestStop {
  /** since the run began */
  minute: number
  why: 'bed' | 'empty'
}

/**
 * The latest sensible minute to stop a test run.
 *
 * @param night the night ahead, as `nightAhead` finds it; null where nobody sleeps
 * @param emptyMin the minute before which it is empty in one run of ten
 * @param nowMin minutes of the run that are over
 */
export function latestStop(night: { fromMin: number } | null, emptyMin: number, nowMin: number): LatestStop {
  return night && night.fromMin > nowMin && night.fromMin <= emptyMin
    ? { minute: night.fromMin, why: 'bed' }
    : { minute: emptyMin, why: 'empty' }
}
