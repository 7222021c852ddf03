import { DAY_MIN, minuteOfDay, type DayWindow } from '../plan/clock'
import type { Behaviour, Scheduled } from '../plan/schema'
import { chargingAverageW } from './charging'
import { knownCycle } from './pump'
import { doorsW } from './thermostat'

/**
 * A load's average watts over an ordinary day, from its middle values, as it was known: weather and rain are
 * the outage's, see `expectedW`.
 *
 * @returns W, equal to watt-hours a day divided by 24
 */
export function averageW(behaviour: Behaviour): number {
  const running = behaviour.runningW.value
  switch (behaviour.kind) {
    case 'constant':
      return running
    case 'scheduled':
      return (running * scheduledMinutes(behaviour)) / DAY_MIN
    case 'session':
      return (running * Math.min(DAY_MIN, sessionsADay(behaviour) * behaviour.minutesEach.value)) / DAY_MIN
    case 'cycling':
      return Math.min(
        Math.max(running, behaviour.defrost?.watts.value ?? 0),
        Math.max(0, behaviour.averageW.value + doorsW(behaviour.doors)),
      )
    case 'pump':
      return running * Math.min(1, knownCycle(behaviour).duty)
    case 'charging':
      return chargingAverageW(behaviour)
  }
}

/** How many sessions an ordinary day has. */
export function sessionsADay(session: Extract<Behaviour, { kind: 'session' }>): number {
  return 'at' in session.when ? new Set(session.when.at).size : session.when.timesADay
}

/** Minutes a day a scheduled load is on, averaged over the week. */
export function scheduledMinutes({ windows, eachHour }: Scheduled): number {
  const inside = scheduledMinutesADay(windows)
  return eachHour ? (inside * Math.min(60, eachHour.minutes)) / 60 : inside
}

/** Minutes a day inside any of the windows, averaged over the week (windows of certain days count by sevenths). */
export function scheduledMinutesADay(windows: readonly DayWindow[]): number {
  const week = new Uint8Array(7 * DAY_MIN)
  const names = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const
  for (const window of windows) {
    const from = minuteOfDay(window.from)
    const length = (minuteOfDay(window.to) - from + DAY_MIN) % DAY_MIN || DAY_MIN
    names.forEach((name, day) => {
      if (window.days && !window.days.includes(name)) return
      for (let i = 0; i < length; i++) week[(day * DAY_MIN + from + i) % week.length] = 1
    })
  }
  return week.reduce((sum, inside) => sum + inside, 0) / 7
}
