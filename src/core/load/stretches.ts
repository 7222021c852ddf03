import {
  type Intervals,
  DAY_MIN,
  dailyMoments,
  epochMinute,
  mergeIntervals,
  minuteOfDay,
  windowIntervals,
} from '../plan/clock'
import type { Behaviour, Load, Scheduled, Session, Steering } from '../plan/schema'
import { chargeMin, chargeStarts } from './charging'

/** Where in a stretch of the day a session of the day's `slot` may begin. */
export interface SessionSlot {
  fromMin: number
  toMin: number
}

/**
 * The stretches of the outage in which a load may be running at all, by the clock.
 * Constant, cycling and pumping loads may run at any time; sessions within a window at any time of the window.
 *
 * @param sessionMin how long a session is taken to be; its middle value unless given
 */
export function possibleStretches(
  behaviour: Behaviour,
  startsAt: string,
  lengthMin: number,
  sessionMin = behaviour.kind === 'session' ? behaviour.minutesEach.value : 0,
): Intervals {
  if (behaviour.kind === 'scheduled') return scheduledStretches(behaviour, startsAt, lengthMin)
  if (behaviour.kind === 'charging') {
    const { energyWh, efficiencyFraction, runningW, when } = behaviour
    const minutes = chargeMin(energyWh.value, efficiencyFraction.value, runningW.value)
    return mergeIntervals(
      chargeStarts(when, startsAt, lengthMin)
        .map((from): [number, number] => [Math.max(0, from), Math.min(lengthMin, from + minutes)])
        .filter(([from, to]) => to > from),
    )
  }
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

/** The stretches in which a load may be running as it is steered: its sessions moved, its pauses left out. */
export function steeredStretches(
  { behaviour, steering }: Pick<Load, 'behaviour' | 'steering'>,
  startsAt: string,
  lengthMin: number,
): Intervals {
  const possible = possibleStretches(movedSessions(behaviour, steering), startsAt, lengthMin)
  return without(possible, pausesOf(steering, startsAt, lengthMin))
}

/** A behaviour with its sessions at the hours they were moved to. */
export const movedSessions = (behaviour: Behaviour, steering: Steering | undefined): Behaviour =>
  steering?.sessionsAt && behaviour.kind === 'session' && 'at' in behaviour.when
    ? { ...behaviour, when: { at: steering.sessionsAt } }
    : behaviour

/** When a scheduled load is on: its windows, or so many minutes from so many past each hour within them. */
export function scheduledStretches(load: Scheduled, startsAt: string, lengthMin: number): Intervals {
  const windows = windowIntervals(load.windows, startsAt, lengthMin)
  if (!load.eachHour) return windows
  const { atMinute, minutes } = load.eachHour
  const start = epochMinute(startsAt)
  const first = Math.floor(start / 60) * 60 + atMinute - 60 - start
  const found: Intervals = []
  for (let from = first; from < lengthMin; from += 60)
    for (const [a, b] of windows)
      if (from < b && from + minutes > a) found.push([Math.max(a, from), Math.min(b, from + minutes)])
  return mergeIntervals(found)
}

/** When a load is kept off: its pauses, and the hours it is off every day. */
export function pausesOf(steering: Steering | undefined, startsAt: string, lengthMin: number): Intervals {
  const once = (steering?.pauses ?? [])
    .map(({ fromMin, toMin }): [number, number] => [fromMin, Math.min(lengthMin, toMin)])
    .filter(([from, to]) => to > from)
  return mergeIntervals([...once, ...windowIntervals(steering?.offDaily ?? [], startsAt, lengthMin)])
}

/** What is left of stretches outside the pauses. */
export function without(stretches: Intervals, pauses: Intervals): Intervals {
  return stretches.flatMap((stretch) => {
    let rest: Intervals = [stretch]
    for (const [from, to] of pauses)
      rest = rest.flatMap(([a, b]): Intervals =>
        to <= a || from >= b
          ? [[a, b]]
          : ([
              [a, from],
              [to, b],
            ].filter(([x, y]) => y > x) as Intervals),
      )
    return rest
  })
}

/**
 * The slots in which sessions begin, in minutes since the outage began: a point in time for a session at
 * a fixed hour (`fromMin === toMin`), one equal share of the window for each of the day's sessions otherwise.
 * Slots before the start are kept when a session in them may reach into the outage.
 */
export function sessionSlots(session: Session, startsAt: string, lengthMin: number): SessionSlot[] {
  const slots: SessionSlot[] = []
  if ('at' in session.when) {
    for (const clock of new Set(session.when.at))
      for (const at of dailyMoments(clock, startsAt, lengthMin)) slots.push({ fromMin: at, toMin: at })
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
