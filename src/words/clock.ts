import {
  type ClockStyle,
  DAY_MIN,
  type DayWindow,
  WEEKDAYS,
  clockOf,
  epochMinute,
  weekdayIndex,
} from '@/core/plan/clock'
import { MONTHS } from '@/core/plan/dateText'
import { clockWords } from './en/clock'
import { wordsOf } from './translate'

const say = wordsOf(clockWords)

/** A time of day as the household reads it. @example formatClock('18:05', '12 h') // "6:05 pm" */
export function formatClock(clock: string, style: ClockStyle): string {
  if (style === '24 h') return clock
  if (clock === '24:00') return say('midnight')
  const hours = Number(clock.slice(0, 2)) % 24
  return say(hours < 12 ? 'am' : 'pm', { clock: `${hours % 12 || 12}:${clock.slice(3, 5)}` })
}

/** A stretch of the day as the household reads it. @example formatWindow({ from: '23:00', to: '06:30' }, '12 h') // "11:00 pm–6:30 am" */
export const formatWindow = ({ from, to }: Pick<DayWindow, 'from' | 'to'>, style: ClockStyle): string =>
  `${formatClock(from, style)}–${formatClock(to, style)}`

/** The day of the week of an epoch minute. */
export const weekdayName = (epochMin: number): string => say(`days.${WEEKDAYS[weekdayIndex(epochMin)]}`)

/** The same, short, for the foot of a chart. */
export const weekdayShort = (epochMin: number): string => say(`shortDays.${WEEKDAYS[weekdayIndex(epochMin)]}`)

/**
 * A moment of the outage on the clock.
 *
 * @param startsAt local start of the outage
 * @param minutes elapsed since then, rounded to `stepMin`; without an end it is told not to be in sight
 * @example formatMoment('2027-02-05T18:00', 1183, 10) // "Saturday 13:40"
 */
export function formatMoment(
  startsAt: string,
  minutes: number,
  stepMin = 1,
  style: ClockStyle = '24 h',
): string {
  if (!Number.isFinite(minutes)) return say('notInSight')
  const at = Math.round((epochMinute(startsAt) + minutes) / stepMin) * stepMin
  return say('moment', { day: weekdayName(at), clock: formatClock(clockOf(at % DAY_MIN), style) })
}

/** The months of the year. @example MONTH_NAMES[0] // "January" */
export const MONTH_NAMES: readonly string[] = MONTHS.map((month) => say(`longMonths.${month}`))

/** A date that reads the same everywhere. @example formatDate('2027-02-07') // "7 Feb 2027" */
export function formatDate(date: string): string {
  const [year, month, day] = date.split('-').map(Number)
  // a year has no comma
  return say('date', { day: String(day), month: say(`months.${MONTHS[month - 1]}`), year: String(year) })
}
