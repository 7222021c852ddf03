import { DAY_MIN, minuteOfDay, type DayWindow } from '../plan/clock'
import type { Behaviour, Scheduled } from '../plan/schema'
import { chargingAverageW } from './charging'
import { knownCycle } from './pump'
import { doorsW } from './thermostat'
import type { Working, WorkingStep, WorkingValue } from '../quantity/working'
import { formatEnergy, formatNumber, formatPercent, formatWatts } from '../quantity/format'

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
function scheduledMinutes({ windows, eachHour }: Scheduled): number {
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

/**
 * How a load's average came about, a step for each calculation.
 *
 * @param inOutageW its average in this outage, where weather, rain or steering make it another than the known one
 */
export function averageWorking(name: string, behaviour: Behaviour, inOutageW?: number): Working {
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
  } else if (behaviour.kind === 'pump') {
    steps.push({
      label: 'Average',
      formula: 'running × share of the time it runs',
      values: [running, { name: 'share', value: formatPercent(knownCycle(behaviour).duty) }],
      result: formatWatts(average),
    })
  } else if (behaviour.kind === 'charging') {
    const { energyWh, efficiencyFraction, idleW, when } = behaviour
    steps.push({
      label: 'Average',
      formula: 'charges a day × energy ÷ efficiency ÷ 24, and the idle watts between',
      values: [
        running,
        { name: 'charges a day', value: when === 'start' ? '1, at the start' : String(when.at.length) },
        { name: 'energy', value: formatEnergy(energyWh.value), evidence: energyWh.evidence },
        { name: 'efficiency', value: formatPercent(efficiencyFraction.value) },
        { name: 'idle', value: formatWatts(idleW.value), evidence: idleW.evidence },
      ],
      result: formatWatts(average),
    })
  } else {
    const minutes =
      behaviour.kind === 'scheduled'
        ? scheduledMinutes(behaviour)
        : Math.min(DAY_MIN, sessionsADay(behaviour) * behaviour.minutesEach.value)
    steps.push({
      label: 'Average',
      formula: 'running × minutes on a day ÷ 1440',
      values: [running, { name: 'on', value: `${formatNumber(minutes, 1)} min a day` }],
      result: formatWatts(average),
    })
  }
  const now = inOutageW ?? average
  if (Math.abs(now - average) > 0.05)
    steps.push({
      label: 'In this outage',
      formula: 'each hour’s duty cycle × watts, after weather, rain and what is kept off; mean of the hours',
      values: [{ name: 'average as known', value: formatWatts(average) }],
      result: formatWatts(now),
    })
  steps.push({
    label: 'Energy a day',
    formula: 'average × 24 h',
    values: [{ name: 'average', value: formatWatts(now) }],
    result: formatEnergy(now * 24),
  })
  return { title: `${name}: average and energy a day`, steps }
}
