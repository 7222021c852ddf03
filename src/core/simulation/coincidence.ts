import { MOST_OFF_MIN, isByHand } from '../load/habits'
import { possibleStretches } from '../load/stretches'
import { mergeIntervals } from '../plan/clock'
import { drawn } from '../quantity/quantity'
import type { CompiledLoad } from './compile'
import type { DemandGrid } from './demand'
import { STARTS } from './stretchList'

/** A session this many standard deviations long is longer than any that is drawn in a million. */
const LONGEST_Z = 4.9

/**
 * The sets of loads that may run at the same moment, by the clock: the moments at which some load may
 * begin are enough, since a sum of stretches is largest at the beginning of one.
 *
 * @returns slots of the loads, a set for each distinct moment; sets within other sets are left out
 */
export function coincidences(
  loads: readonly CompiledLoad[],
  startsAt: string,
  horizonMin: number,
): number[][] {
  const stretches = loads.map(({ load }) => {
    const { behaviour } = load
    const longest = behaviour.kind === 'session' ? drawn(behaviour.minutesEach, LONGEST_Z) : 0
    const byClock = possibleStretches(behaviour, startsAt, horizonMin, longest)
    return isByHand(behaviour)
      ? mergeIntervals(
          byClock.map(([from, to]) => [
            Math.max(0, from - MOST_OFF_MIN),
            Math.min(horizonMin, to + MOST_OFF_MIN),
          ]),
        )
      : byClock
  })
  const moments = new Set(stretches.flatMap((list) => list.map(([from]) => from)))
  const sets = new Map<string, number[]>()
  for (const moment of moments) {
    const set = stretches.flatMap((list, slot) =>
      list.some(([a, b]) => a <= moment && moment < b) ? [slot] : [],
    )
    sets.set(set.join(), set)
  }
  const all = [...sets.values()]
  return all.filter(
    (set) => !all.some((other) => other.length > set.length && set.every((slot) => other.includes(slot))),
  )
}

/** Watts are added and taken away again all through a run; what that leaves over is no overload. */
const ROUNDING_W = 1e-6

/** What broke which limit, and when, in one run. */
export interface Overload {
  minute: number
  slot: number
  limit: 'continuous' | 'surge'
}

/** The limits in force at a moment. */
export type LimitsAt = (minute: number) => { continuousW: number; surgeW: number }

/**
 * Finds the first moment a run passes a limit, from the exact switching times of its loads: at each
 * switching on, everything running against the continuous watts, and everything else running plus this
 * start against the surge watts.
 */
export class OverloadFinder {
  private readonly sets: number[][]
  private readonly next: Int32Array

  constructor(
    private readonly loads: readonly CompiledLoad[],
    startsAt: string,
    horizonMin: number,
  ) {
    // direct current passes the inverter by
    this.sets = coincidences(loads, startsAt, horizonMin).map((set) =>
      set.filter((slot) => !loads[slot].isDc),
    )
    this.next = new Int32Array(loads.length)
  }

  /** Whether loads that may coincide could pass a limit at all in this run; cheap, and never wrongly no. */
  isPossible(grid: DemandGrid, continuousW: number, surgeW: number): boolean {
    return this.sets.some((set) => {
      let together = 0
      let largestRise = 0
      for (const slot of set) {
        const watts = grid.lists[slot].peakW
        together += watts
        // a start counts from nothing: a defrost heater may be the larger draw of its load
        largestRise = Math.max(largestRise, this.loads[slot].startingW - watts)
      }
      return together > continuousW || together + largestRise > surgeW
    })
  }

  /** The first overload before `untilMin`, or null. */
  first(grid: DemandGrid, limitsAt: LimitsAt, untilMin: number): Overload | null {
    const { lists } = grid
    const running = new Float64Array(lists.length)
    let together = 0
    this.next.fill(0)
    for (;;) {
      let minute = Infinity
      let slot = -1
      for (let i = 0; i < lists.length; i++) {
        if (this.loads[i].isDc) continue
        const edge = this.next[i]
        const k = edge >> 1
        if (k >= lists[i].count) continue
        const at = edge & 1 ? lists[i].offMin(k) : lists[i].onMin(k)
        // at the same instant what switches off goes first
        if (at < minute || (at === minute && (edge & 1) === 1)) {
          minute = at
          slot = i
        }
      }
      if (slot < 0 || minute >= untilMin) return null
      const edge = this.next[slot]++
      if (edge & 1) {
        together -= running[slot]
        running[slot] = 0
        continue
      }
      const list = lists[slot]
      const watts = list.watts(edge >> 1)
      const others = together
      running[slot] = watts
      together += watts
      const { continuousW, surgeW } = limitsAt(minute)
      if (together > continuousW + ROUNDING_W) return { minute, slot, limit: 'continuous' }
      const startW = list.has(edge >> 1, STARTS) ? Math.max(watts, this.loads[slot].startW) : watts
      if (others + startW > surgeW + ROUNDING_W) return { minute, slot, limit: 'surge' }
    }
  }
}
