/**
 * Clock time without a time zone: an outage is planned on the clock on the wall. Hours are counted as
 * they elapse; a change to or from summer time during an outage is not modelled.
 */

export const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const
export type Weekday = (typeof WEEKDAYS)[number]

export const DAY_MIN = 1440

/** A stretch of the day, `from` up to but not including `to`; wraps past midnight when `to` is not later. */
export interface DayWindow {
  from: string
  to: string
  /** days on which it begins; every day when left out */
  days?: Weekday[]
}

/** Minutes after midnight of "HH:MM" ("24:00" is 1440). */
export function minuteOfDay(clock: string): number {
  return Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3, 5))
}

/** "HH:MM" of a minute of the day; wraps. */
export function clockOf(minute: number): string {
  const m = ((Math.round(minute) % DAY_MIN) + DAY_MIN) % DAY_MIN
  return `${String(Math.floor(m / 60)).padStart(2, '0')}:${String(m % 60).padStart(2, '0')}`
}

/** How a household reads its clock. */
export type ClockStyle = '24 h' | '12 h'

/** Minutes since 1970-01-01T00:00 of a local date and time "YYYY-MM-DDTHH:MM"; NaN when it is no such date. */
export function epochMinute(local: string): number {
  // a plan asks for the same start many thousand times
  if (local !== lastRead.local) lastRead = { local, epochMin: readLocal(local) }
  return lastRead.epochMin
}

let lastRead = { local: '', epochMin: NaN }

function readLocal(local: string): number {
  const m = local.match(/^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})$/)
  if (!m) return NaN
  const ms = Date.UTC(Number(m[1]), Number(m[2]) - 1, Number(m[3]), Number(m[4]), Number(m[5]))
  return localOf(ms / 60000) === local ? ms / 60000 : NaN
}

/** "YYYY-MM-DDTHH:MM" of an epoch minute; the inverse of `epochMinute`. */
export function localOf(epochMin: number): string {
  return new Date(Math.round(epochMin) * 60000).toISOString().slice(0, 16)
}

/** 0 (Monday) … 6 (Sunday). 1970-01-01 was a Thursday. */
export function weekdayIndex(epochMin: number): number {
  const day = Math.floor(epochMin / DAY_MIN)
  return (((day + 3) % 7) + 7) % 7
}

/** Intervals in minutes since the outage began, in order and not touching; the shape schedules compile to. */
export type Intervals = [from: number, to: number][]

/**
 * The stretches of the outage that lie in any of the windows.
 * @param windows by the clock, each on its days
 * @param startsAt local start of the outage
 * @param lengthMin how far to look
 */
export function windowIntervals(
  windows: readonly DayWindow[],
  startsAt: string,
  lengthMin: number,
): Intervals {
  const start = epochMinute(startsAt)
  const firstMidnight = Math.floor(start / DAY_MIN) * DAY_MIN
  const found: Intervals = []
  for (const window of windows) {
    const from = minuteOfDay(window.from)
    const to = minuteOfDay(window.to)
    const length = to > from ? to - from : to - from + DAY_MIN
    for (let midnight = firstMidnight - DAY_MIN; midnight < start + lengthMin; midnight += DAY_MIN) {
      if (window.days && !window.days.includes(WEEKDAYS[weekdayIndex(midnight)])) continue
      const a = Math.max(0, midnight + from - start)
      const b = Math.min(lengthMin, midnight + from + length - start)
      if (b > a) found.push([a, b])
    }
  }
  return mergeIntervals(found)
}

/** Sorted, with overlapping or touching stretches joined. */
export function mergeIntervals(intervals: Intervals): Intervals {
  const merged: Intervals = []
  for (const [a, b] of [...intervals].sort((x, y) => x[0] - y[0])) {
    const last = merged[merged.length - 1]
    if (last && a <= last[1]) last[1] = Math.max(last[1], b)
    else merged.push([a, b])
  }
  return merged
}

/** Whether a moment (minutes since the outage began) lies in any of the intervals. */
export function isWithin(intervals: Intervals, minute: number): boolean {
  return intervals.some(([a, b]) => minute >= a && minute < b)
}

/**
 * Minutes of the outage at which the clock shows a time, day after day; the last time before it begins is below 0.
 *
 * @example dailyMoments('20:00', '2027-02-05T18:00', 1440) // [-1320, 120]
 */
export function dailyMoments(clock: string, startsAt: string, lengthMin: number): number[] {
  const ago = ((((epochMinute(startsAt) % DAY_MIN) - minuteOfDay(clock)) % DAY_MIN) + DAY_MIN) % DAY_MIN
  const moments: number[] = []
  for (let at = ago === 0 ? -DAY_MIN : -ago; at < lengthMin; at += DAY_MIN) moments.push(at)
  return moments
}
