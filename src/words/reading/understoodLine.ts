import { sessionsADay } from '@/core/load/average'
import { averageAtRoomW } from '@/core/load/averageAtRoom'
import type { LineLoad } from '@/core/load/loadLine'
import { type DayWindow } from '@/core/plan/clock'
import { formatClock } from '@/words/clock'
import type { Behaviour } from '@/core/plan/schema'
import { formatEnergy, formatExactDuration, formatNumber, formatPercent, formatWatts } from '@/words/format'
import { told } from '@/core/quantity/told'
import type { Units } from '@/core/quantity/units'
import { understood } from '../en/understood'
import { NONE } from '../factWords'
import { listed } from '../listed'
import { wordsOf } from '../translate'
import { sayLine } from './sayLine'

const say = wordsOf(understood)

/**
 * What was understood of a line, in words: what runs how, at what watts, and what it comes to a day.
 *
 * @param roomC °C of the room it stands in
 */
export function understoodLine(load: LineLoad, roomC: number, units: Units): string {
  const { behaviour, count, start, thing, medical, how } = load
  const { runningW } = behaviour
  const parts = [
    load.isGuess && thing && say('takenFor', { name: thing.name }),
    say('running', {
      watts: formatWatts(runningW.value),
      count,
      each: count > 1 ? formatWatts(runningW.value / count) : NONE,
      isUsual: !load.isStated && thing ? 'yes' : 'no',
    }),
    how && sayLine(how, units),
    howItRuns(behaviour, roomC, units),
    behaviour.kind === 'cycling' &&
      behaviour.idleW &&
      say('between', { watts: formatWatts(behaviour.idleW.value) }),
    say('aDay', { energy: formatEnergy(averageAtRoomW(behaviour, roomC) * 24) }),
    start && say('startsAt', { watts: formatWatts(start.watts.value) }),
    medical && say('medical'),
  ]
  return parts.filter(Boolean).join(', ')
}

function howItRuns(behaviour: Behaviour, roomC: number, units: Units): string {
  const fraction =
    behaviour.runningW.value > 0 ? averageAtRoomW(behaviour, roomC) / behaviour.runningW.value : 0
  const share = fraction < 0.1 ? `${formatNumber(fraction * 100, 1)} %` : formatPercent(fraction)
  const clocks = (at: readonly string[]) => say('at', { clocks: listed(at.map((one) => clock(one, units))) })
  switch (behaviour.kind) {
    case 'scheduled':
      return say('byTheClock', { windows: listed(behaviour.windows.map((one) => windowText(one, units))) })
    case 'session': {
      const { when, minutesEach } = behaviour
      const times = sessionsADay(behaviour)
      return say('sessions', {
        length:
          minutesEach.value < 1
            ? `${Math.round(minutesEach.value * 60)} s`
            : formatExactDuration(minutesEach.value),
        when: 'at' in when ? clocks(when.at) : times === 1 ? say('onceADay') : say('timesADay', { times }),
      })
    }
    case 'cycling':
      return say('byThermostat', { share })
    case 'pump':
      return say('pumping', { share })
    case 'charging':
      return say('charging', {
        energy: formatEnergy(behaviour.energyWh.value),
        when: behaviour.when === 'start' ? say('onceAtTheStart') : clocks(behaviour.when.at),
      })
    default:
      return say('always')
  }
}

const windowText = ({ from, to, days }: DayWindow, units: Units) =>
  say('window', {
    from: clock(from, units),
    to: clock(to, units),
    days: days ? days.map((day) => sayLine(told(`day.${day}`), units)).join(', ') : NONE,
  })

const clock = (written: string, units: Units) => formatClock(written, units.clock)
