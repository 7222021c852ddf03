import type { Behaviour } from '../plan/schema'
import {
  formatEnergy,
  formatExactDuration,
  formatNumber,
  formatPercent,
  formatWatts,
} from '../quantity/format'
import { sessionsADay } from './average'
import { averageAtRoomW } from './averageAtRoom'
import type { LineLoad } from './loadLine'

const RUNS = {
  constant: 'on all the time',
  scheduled: 'by the clock',
  session: 'now and then',
  cycling: 'on and off by a thermostat',
  pump: 'pumping',
  charging: 'charging',
}

/** What was understood of a line, in words: what runs how, at what watts, and what it comes to a day. */
export function wordsForLine(
  load: LineLoad,
  told: { how: string | null; guessedFrom: string | null; isStated: boolean; roomC: number },
): string {
  const { behaviour, count, start, thing, medical } = load
  const running = formatWatts(behaviour.runningW.value)
  const each = count > 1 ? ` (${count} × ${formatWatts(behaviour.runningW.value / count)})` : ''
  const parts = [
    ...(told.guessedFrom ? [`taken for: ${told.guessedFrom}`] : []),
    `${running}${each}${!told.isStated && thing ? ', usual' : ''}`,
    ...(told.how ? [told.how] : []),
    howItRuns(behaviour, told.roomC),
    ...(behaviour.kind === 'cycling' && behaviour.idleW
      ? [`${formatWatts(behaviour.idleW.value)} between`]
      : []),
    `${formatEnergy(averageAtRoomW(behaviour, told.roomC) * 24)} a day`,
    ...(start ? [`starts at ${formatWatts(start.watts.value)}`] : []),
    ...(medical ? ['a medical device'] : []),
  ]
  return parts.join(', ')
}

function howItRuns(behaviour: Behaviour, roomC: number): string {
  const share = behaviour.runningW.value > 0 ? averageAtRoomW(behaviour, roomC) / behaviour.runningW.value : 0
  const shared = `${share < 0.1 ? `${formatNumber(share * 100, 1)} %` : formatPercent(share)} of the time`
  switch (behaviour.kind) {
    case 'scheduled':
      return `${RUNS.scheduled} ${behaviour.windows
        .map(({ from, to, days }) => `${from} to ${to}${days ? ` ${days.join(', ')}` : ''}`)
        .join(' and ')}`
    case 'session': {
      const { when, minutesEach } = behaviour
      const hours =
        'at' in when
          ? `at ${when.at.join(' and ')}`
          : sessionsADay(behaviour) === 1
            ? 'once a day'
            : `${sessionsADay(behaviour)} times a day`
      return `${minutesEach.value < 1 ? `${Math.round(minutesEach.value * 60)} s` : formatExactDuration(minutesEach.value)} ${hours}`
    }
    case 'cycling':
    case 'pump':
      return `${RUNS[behaviour.kind]}, ${shared}`
    case 'charging':
      return `charging ${formatEnergy(behaviour.energyWh.value)} ${behaviour.when === 'start' ? 'once, at the start' : `at ${behaviour.when.at.join(' and ')}`}`
    default:
      return RUNS.constant
  }
}
