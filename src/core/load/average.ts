import { DAY_MIN, minuteOfDay, type DayWindow } from '../plan/clock'
import type { Behaviour } from '../plan/schema'
import type { Working, WorkingStep, WorkingValue } from '../quantity/working'
import { formatEnergy, formatNumber, formatWatts } from '../quantity/format'

/**
 * A load's average watts over an ordinary day, from its middle values.
 *
 * @returns W, equal to watt-hours a day divided by 24
 */
export function averageW(behaviour: Behaviour): number {
  const running = behaviour.runningW.value
  switch (behaviour.kind) {
    case 'constant':
      return running
    case 'scheduled':
      return (running * scheduledMinutesADay(behaviour.windows)) / DAY_MIN
    case 'session':
      return (running * Math.min(DAY_MIN, sessionsADay(behaviour) * behaviour.minutesEach.value)) / DAY_MIN
    case 'cycling':
      return Math.min(running, behaviour.averageW.value)
  }
}

/** How many sessions an ordinary day has. */
export function sessionsADay(session: Extract<Behaviour, { kind: 'session' }>): number {
  return 'at' in session.when ? new Set(session.when.at).size : session.when.timesADay
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

/** How a load's average came about, a step for each calculation. */
export function averageWorking(name: string, behaviour: Behaviour): Working {
  const running: WorkingValue = {
    name: 'running',
    value: formatWatts(behaviour.runningW.value),
    evidence: behaviour.runningW.evidence,
    source: behaviour.runningW.source,
  }
  const average = averageW(behaviour)
  const steps: WorkingStep[] = []
  if (behaviour.kind === 'constant') {
    steps.push({
      label: 'Average',
      formula: 'running watts, all day',
      values: [running],
      result: formatWatts(average),
    })
  } else if (behaviour.kind === 'cycling') {
    steps.push({
      label: 'Duty cycle',
      formula: 'average ÷ running, 1 at most',
      values: [
        {
          name: 'average',
          value: formatWatts(behaviour.averageW.value),
          evidence: behaviour.averageW.evidence,
          source: behaviour.averageW.source,
        },
        running,
      ],
      result: formatNumber(behaviour.runningW.value ? average / behaviour.runningW.value : 0),
    })
  } else {
    const minutes =
      behaviour.kind === 'scheduled'
        ? scheduledMinutesADay(behaviour.windows)
        : Math.min(DAY_MIN, sessionsADay(behaviour) * behaviour.minutesEach.value)
    steps.push({
      label: 'Average',
      formula: 'running × minutes on a day ÷ 1440',
      values: [running, { name: 'on', value: `${formatNumber(minutes, 1)} min a day` }],
      result: formatWatts(average),
    })
  }
  steps.push({
    label: 'Energy a day',
    formula: 'average × 24 h',
    values: [{ name: 'average', value: formatWatts(average) }],
    result: formatEnergy(average * 24),
  })
  return { title: `${name}: average and energy a day`, steps }
}
