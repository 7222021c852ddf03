import { epochMinute, localOf } from '@/core/plan/clock'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { minuteOf } from '@/core/run/runDocument'
import type { StationState } from '@/standins/powerStation'
import { stationLog } from '@/words/en/ui/runs'
import { wordsOf } from '@/words/translate'

const say = wordsOf(stationLog)

/** Longest between two readings of a station that logs by itself, minutes of its own clock. */
const MOST_APART_MIN = 30
/** Closest: a display that wavers between two figures says no more for it. */
const LEAST_APART_MIN = 10

/** Turns what a power station tells into entries of a run: a reading for every point of charge, and one now and then between. */
export class StationLog {
  private last: StationState | null = null

  constructor(private readonly head: RunHead) {}

  /** The entries a state calls for; their ids come from their minute, so that two devices that listen keep each once. */
  take(state: StationState): Entry[] {
    const { last } = this
    const isOver = state.output !== 'on'
    const apart = last ? state.minute - last.minute : Infinity
    const isDue =
      apart >= MOST_APART_MIN ||
      (apart >= LEAST_APART_MIN && state.chargePercent !== last?.chargePercent) ||
      (isOver && last?.output === 'on')
    if (!isDue || last?.output === 'off' || last?.output === 'asleep') return []
    this.last = state
    const entries: Entry[] = [
      {
        ...this.stamp(state, 'reading'),
        kind: 'reading',
        sourceId: this.head.sourceId,
        chargeFraction: state.chargePercent / 100,
        outWh: state.wattHoursOut,
        ...(!isOver && { nowW: state.outputW }),
      },
    ]
    if (state.output === 'off') entries.push({ ...this.stamp(state, 'end'), kind: 'end', how: 'empty' })
    if (state.output === 'asleep')
      entries.push({
        ...this.stamp(state, 'end'),
        kind: 'end',
        how: 'stopped',
        why: say('itSwitchedItsOutletsOffToo'),
      })
    return entries
  }

  private stamp(state: StationState, kind: string) {
    const minute = Math.floor(minuteOf(this.head, state.at))
    // the end comes after the reading of its minute
    const at = new Date(Date.parse(state.at) + (kind === 'end' ? 1000 : 0)).toISOString()
    return {
      id: `station-${kind}-${minute}`,
      at,
      local: localOf(epochMinute(this.head.startsLocal) + minute),
      typedAt: state.at,
      by: say('theStation'),
    }
  }
}
