import type { Intervals } from '../plan/clock'

/** How something fares while its power goes and comes back. */
export interface Course {
  /** it is lost by no fewer minutes without power, all stretches counted */
  readonly leastMin: number
  /** as it is when the outage begins */
  begin(): void
  /** @returns the minute at which it is lost within a stretch without power; Infinity where it is not */
  without(fromMin: number, toMin: number): number
  /** comes back while it is fed */
  fed(fromMin: number, toMin: number): void
}

/**
 * The minute at which something is lost: its course over the stretches of a run without power.
 *
 * @param unfed in order; the last may be open (Infinity)
 */
export function lossOf(unfed: Intervals, course: Course): number {
  let offMin = 0
  for (const [from, to] of unfed) offMin += to - from
  if (unfed.length === 0 || offMin < course.leastMin) return Infinity
  course.begin()
  let at = 0
  for (const [from, to] of unfed) {
    course.fed(at, from)
    const lost = course.without(from, to)
    if (lost < Infinity) return lost
    at = to
  }
  return Infinity
}

/** What is lost the moment its power goes. */
export const atOnce: Course = { leastMin: 0, begin: () => {}, without: (from) => from, fed: () => {} }

/** What is lost the moment it is needed and has no power. @param needed in order */
export const whenNeeded = (needed: Intervals): Course => ({
  ...atOnce,
  without: (from, to) => {
    for (const [begin, end] of needed) if (end > from) return begin < to ? Math.max(begin, from) : Infinity
    return Infinity
  },
})

/** Longer than this without power is exactly as long: rounding of the runs. */
const ROUNDING = 1e-9

/**
 * What bears so many minutes without power, and comes back so many times as fast as it fares worse. An hour's surroundings may
 * stop its clock. What was borne before is counted: two short gaps close to each other are one long one.
 */
export class BearsMinutes implements Course {
  /** of what it bears, 0…1 */
  private borne = 0
  readonly leastMin: number
  private readonly backPerMin: number

  /**
   * @param bearsMin by the hour since the outage began, the last goes on; Infinity where its surroundings keep it
   * @param backTimes how much faster it comes back than it is lost, at the hour it is lost fastest
   */
  constructor(
    private readonly bearsMin: ArrayLike<number>,
    backTimes: number,
  ) {
    let fastest = Infinity
    for (let h = 0; h < bearsMin.length; h++) fastest = Math.min(fastest, bearsMin[h])
    this.leastMin = fastest
    this.backPerMin = backTimes / fastest
  }

  begin(): void {
    this.borne = 0
  }

  without(fromMin: number, toMin: number): number {
    const { bearsMin } = this
    const last = bearsMin.length - 1
    for (let at = fromMin; at < toMin;) {
      const hour = Math.floor(at / 60)
      const until = hour < last ? Math.min(toMin, (hour + 1) * 60) : toMin
      const bears = bearsMin[Math.min(hour, last)]
      const left = bears === Infinity ? Infinity : (1 - this.borne) * bears
      if (at + left < until * (1 - ROUNDING)) return at + left
      if (until === Infinity) return Infinity
      if (bears !== Infinity) this.borne = Math.min(1, this.borne + (until - at) / bears)
      at = until
    }
    return Infinity
  }

  fed(fromMin: number, toMin: number): void {
    this.borne = Math.max(0, this.borne - (toMin - fromMin) * this.backPerMin)
  }
}
