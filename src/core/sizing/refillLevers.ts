import { DAY_MIN, type DayWindow, clockOf, epochMinute, minuteOfDay, windowIntervals } from '../plan/clock'
import type { Plan } from '../plan/document'
import { NO_CHARGING } from '../plan/noRefill'
import type { Scenario } from '../plan/schema'
import { leftOutWhy, refilledSource } from '../simulation/compile'
import { windowFor } from '../refill/connection'
import { sunAt } from '../weather/sky'
import type { Lever } from './levers'

/** Hours of generator offered a day, and fuel offered at once. Common practice, no source. */
const RUN_MIN = 120
const MORE_FUEL_L = 10
/** Sessions this much from the sun's noon are offered to it. */
const NEAR_NOON_MIN = 150

/** What more refill would gain: one more string, two hours of the generator a day, fuel, sessions moved into the sun. */
export function findRefillLevers(plan: Plan): Lever[] {
  const { refill, scenario, powerSystem } = plan
  const charging = scenario.charging ?? NO_CHARGING
  const { generator, panels } = refill
  const levers: Lever[] = []
  if (powerSystem.sources.every(({ isAway }) => isAway)) return levers
  const source = refilledSource(powerSystem.sources)
  const used = panels.filter((array) => array.on && windowFor(array, source))
  for (const array of used)
    levers.push({
      id: `${array.id} more panels`,
      act: { is: 'more panels', name: array.name },
      note: { is: 'beside the others', watts: array.panel.watts * array.series },
      change: {
        refill: {
          ...refill,
          panels: panels.map((one) => (one === array ? { ...one, parallel: one.parallel + 1 } : one)),
        },
      },
      isBought: true,
    })
  if (generator?.on) {
    const days = Math.max(1, Math.floor(scenario.durationH / 24))
    const start = epochMinute(scenario.startsAt)
    const window = attendedWindow(scenario, generator.quiet)
    const firstRun = window ? (((minuteOfDay(window.from) - start) % 1440) + 1440) % 1440 : 0
    const more = Array.from({ length: days }, (_, day) => {
      const fromMin = firstRun + day * 1440
      return { fromMin, toMin: fromMin + RUN_MIN }
    }).filter(({ fromMin }) => fromMin < scenario.durationH * 60)
    if (window && more.length > 0 && charging.generator.length + more.length <= 24)
      levers.push({
        id: 'generator hours',
        act: { is: 'generator hours', window },
        note: { is: 'generator', litresADay: ((generator.idleLPerH + generator.fullLPerH) / 2) * 2 },
        change: { charging: { ...charging, generator: [...charging.generator, ...more] } },
      })
    if (charging.generator.length > 0)
      levers.push({
        id: 'fuel',
        act: { is: 'fuel', litres: MORE_FUEL_L },
        note: { is: 'fuel can' },
        change: {
          refill: { ...refill, generator: { ...generator, onHandL: generator.onHandL + MORE_FUEL_L } },
        },
        isBought: true,
      })
  }
  if (used.length > 0) levers.push(...sessionsIntoSun(plan))
  return levers
}

/** Hours at which running a generator is offered, the first that fits: evenings, when people are home and awake. */
const OFFERED = [18, 17, 19, 16, 8, 9, 10, 11, 12, 13, 14, 15]

/** Two hours of the day in which it may run and in no night somebody sleeps or nobody is home; null where there are none. */
function attendedWindow({ asleep, away, startsAt }: Scenario, quiet: readonly DayWindow[]): DayWindow | null {
  const midnight = `${startsAt.slice(0, 10)}T00:00`
  const week = 7 * DAY_MIN
  const barred = windowIntervals([...asleep, ...away, ...quiet], midnight, week)
  for (const hour of OFFERED) {
    const from = hour * 60
    const to = from + RUN_MIN
    const meets = barred.some(([a, b]) => {
      for (let day = 0; day < week; day += DAY_MIN) if (from + day < b && to + day > a) return true
      return false
    })
    if (!meets) return { from: clockOf(from), to: clockOf(to) }
  }
  return null
}

/** Sessions at fixed hours moved to the sun's noon. */
function sessionsIntoSun(plan: Plan): Lever[] {
  const noon = noonOf(plan)
  return plan.loads.flatMap((load): Lever[] => {
    const { behaviour, steering, id, name, medical } = load
    if (medical || behaviour.kind !== 'session' || !('at' in behaviour.when)) return []
    if (leftOutWhy(load, plan) !== null) return []
    const hours = steering?.sessionsAt ?? behaviour.when.at
    const apart = (clock: string) => Math.abs(Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3)) - noon)
    if (hours.every((clock) => apart(clock) <= NEAR_NOON_MIN)) return []
    const moved = hours.map((clock, i) => (apart(clock) <= NEAR_NOON_MIN ? clock : clockOf(noon + 30 * i)))
    return [
      {
        id: `${id} into the sun`,
        act: { is: 'into the sun', name, at: [...new Set(moved)] },
        note: { is: 'past the battery' },
        change: { loadId: id, steering: { ...steering, sessionsAt: [...new Set(moved)] } },
      },
    ]
  })
}

/** Minute of the day at which the sun stands highest, to the quarter. */
function noonOf({ scenario }: Plan): number {
  const midnight = -(epochMinute(scenario.startsAt) % 1440)
  let best = 720
  let least = Infinity
  for (let minute = 9 * 60; minute <= 15 * 60; minute += 15) {
    const { zenithDeg } = sunAt(scenario, midnight + minute)
    if (zenithDeg < least) [least, best] = [zenithDeg, minute]
  }
  return best
}
