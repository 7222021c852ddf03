import { type DayWindow, type Weekday, clockOf, minuteOfDay } from '../plan/clock'
import type { Session } from '../plan/schema'
import type { Facts, PartOfDay } from '../reading/facts'

/** Hours of the day that a line gives, or that go with what it gives. */

export type Dated = Session['when']

const DAY = 1440
/** Parts of the day as most households keep them. */
const PARTS: Readonly<Record<PartOfDay, DayWindow>> = {
  night: { from: '22:30', to: '06:30' },
  evening: { from: '17:00', to: '23:00' },
  morning: { from: '06:00', to: '09:00' },
  daytime: { from: '08:00', to: '18:00' },
}

export const stretchOf = (part: PartOfDay): DayWindow => PARTS[part]

const lengthOf = ({ from, to }: DayWindow) => ((minuteOfDay(to) - minuteOfDay(from) + DAY - 1) % DAY) + 1

/** The end of a window; midnight is the end of its day. */
export const endOf = (minute: number) => (minute === 0 || minute === DAY ? '24:00' : clockOf(minute % DAY))

/**
 * The windows of a scheduled load.
 *
 * @param minutes how long a day, where no hours are said: the end of the usual hours is kept, the beginning moves
 * @param usual hours such a thing usually has
 */
export function windowsOfFacts(facts: Facts, minutes?: number, usual?: readonly DayWindow[]): DayWindow[] {
  if (facts.stretches.length > 0)
    return facts.stretches.map(({ fromMin, toMin }) => ({ from: clockOf(fromMin), to: endOf(toMin) }))
  const length = Math.min(DAY, Math.round(minutes ?? 60))
  if (length === DAY) return [{ from: '00:00', to: '24:00' }]
  if (facts.fromMin !== null)
    return [{ from: clockOf(facts.fromMin), to: endOf((facts.fromMin + length) % DAY) }]
  const last = usual?.[usual.length - 1]
  // "a lamp 5 h a night": the evening hours it usually has, as far as they are long enough
  const isUsual = !facts.partOfDay || (facts.partOfDay === 'night' && last && lengthOf(last) >= length)
  const part = isUsual ? last : PARTS[facts.partOfDay!]
  const end = facts.untilMin ?? minuteOfDay(part?.to ?? (length > 15 * 60 ? '24:00' : '23:00'))
  return [{ from: clockOf((end - length + 2 * DAY) % DAY), to: endOf(end) }]
}

/** So long on certain days of the week, from an hour on. */
export function weeklyWindows(from: string, minutes: number, days: Weekday[]): DayWindow[] {
  const length = Math.min(DAY - 1, Math.max(1, Math.round(minutes)))
  return [{ from, to: endOf((minuteOfDay(from) + length) % DAY), days }]
}
