import type { RunPrediction } from './predictRun'

/** From which probability on it is said. */
const SAID = 0.5
/** All use must be so much more or less than planned before it counts, as a share. */
const LEAST_OFF = 0.15

/** How readings contradict a plan: something in it is not as assumed, or all use is more or less by much; null where they agree. */
export function contradiction(
  found: Pick<RunPrediction, 'contradicts' | 'scaled' | 'scaledTimes'>,
): 'something missing' | 'all use otherwise' | null {
  if (found.contradicts > SAID) return 'something missing'
  return found.scaled > SAID && Math.abs(found.scaledTimes - 1) > LEAST_OFF ? 'all use otherwise' : null
}
