import {
  type Intervals,
  DAY_MIN,
  clockOf,
  epochMinute,
  mergeIntervals,
  minuteOfDay,
  windowIntervals,
} from '../plan/clock'
import type { Behaviour } from '../plan/schema'

/** Where in a stretch of the day a session of the day's `slot` may begin. */
export interface SessionSlot {
  fromMin: number
  toMin: number
}

type Session = Extract<Behaviour, { kind: 'session' }>

/**
 * The stretches of the outage in which a load may be running at all, by the clock.
 * Constant and cycling loads may run at any time; sessions within a window at any time of the window.
 *
 * @param sessionMin how long a session is taken to be; its middle value unless given
 */
export function possibleStretches(
  behaviour: Behaviour,
  startsAt: string,
  lengthMin: number,
  sessionMin = behaviour.kind === 'session' ? behaviour.minutesEach.value : 0,
): Intervals {
  if (behaviour.kind === 'scheduled') return windowIntervals(behaviour.windows, startsAt, lengthMin)
  if (behaviour.kind === 'session') {
    return mergeIntervals(
      sessionSlots(behaviour, startsAt, lengthMin)
        .map(({ fromMin, toMin }): [number, number] => [
          Math.max(0, fromMin),
          Math.min(lengthMin, Math.max(toMin, fromMin + sessionMin)),
        ])
        .filter(([from, to]) => to > from),
    )
  }
  return [[0, lengthMin]]
}

/**
 * The slots in which sessions begin, in minutes since the outage began: a point in time for a session at
 * a fixed hour (`fromMin === toMin`), one equal share of the window for each of the day's sessions otherwise.
 * Slots before the start are kept when a session in them may reach into the outage.
 */
export function sessionSlots(session: Session, startsAt: string, lengthMin: number): SessionSlot[] {
  const slots: SessionSlot[] = []
  if ('at' in session.when) {
    for (const clock of new Set(session.when.at)) {
      const window = { from: clock, to: clockOf(minuteOfDay(clock) + 1) }
      for (const [at] of windowIntervals([window], startsAt, lengthMin))
        slots.push({ fromMin: at, toMin: at })
    }
    return slots.sort((a, b) => a.fromMin - b.fromMin)
  }
  const { timesADay, from, to } = session.when
  const start = epochMinute(startsAt)
  const length = (minuteOfDay(to) - minuteOfDay(from) + DAY_MIN) % DAY_MIN || DAY_MIN
  const share = length / timesADay
  const firstDay = Math.floor(start / DAY_MIN) * DAY_MIN - DAY_MIN
  for (let midnight = firstDay; midnight < start + lengthMin; midnight += DAY_MIN) {
    for (let i = 0; i < timesADay; i++) {
      const fromMin = midnight + minuteOfDay(from) + i * share - start
      if (fromMin + share > 0 && fromMin < lengthMin) slots.push({ fromMin, toMin: fromMin + share })
    }
  }
  return slots
}
