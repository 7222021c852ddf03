import { clockOf, minuteOfDay } from '@/core/plan/clock'

/** What is dragged comes to rest at whole quarters of an hour since the start. */
export const SNAP_MIN = 15
const LONGEST_MIN = 40_000

export const snapped = (minute: number) => Math.round(minute / SNAP_MIN) * SNAP_MIN

/** A pause moved by so many minutes, its end moved further by so many; never before the start, never shorter than a quarter. */
export function placed(
  { fromMin, toMin }: { fromMin: number; toMin: number },
  byMin: number,
  endByMin: number,
): { fromMin: number; toMin: number } {
  const by = Math.max(-fromMin, byMin)
  const from = fromMin + by
  return { fromMin: from, toMin: Math.min(LONGEST_MIN, Math.max(from + SNAP_MIN, toMin + by + endByMin)) }
}

/** An hour of the clock moved by so many minutes, round midnight. @example movedClock('23:50', 15) // '00:05' */
export const movedClock = (clock: string, byMin: number) => clockOf(minuteOfDay(clock) + byMin)
