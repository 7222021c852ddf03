import { windowIntervals } from '../plan/clock'
import type { RunHead } from './runDocument'

/** The hours in which the household sleeps next, or sleeps now, minutes since the run began; null where none are planned. */
export function nightAhead(head: RunHead, nowMin: number): { fromMin: number; toMin: number } | null {
  const { asleep } = head.plan.scenario
  const night = windowIntervals(asleep, head.startsLocal, nowMin + 3 * 1440).find(([, to]) => to > nowMin)
  return night ? { fromMin: night[0], toMin: night[1] } : null
}
