import 'server-only'
import ical, { ICalAlarmRelatesTo, ICalAlarmType, ICalEventRepeatingFreq } from 'ical-generator'
import type { Upkeep } from '@/words/upkeep'
import { calendar as calendarWords } from '@/words/en/server/refusals'
import { wordsOf } from '@/words/translate'

const say = wordsOf(calendarWords)

/** Seconds before an all-day event begins at which it is called to mind: at nine on the day itself. Its end is the next day's midnight. */
const REMIND_S = -9 * 3600

/**
 * Tasks as a calendar of whole-day events that come back every so many months (RFC 5545).
 *
 * @param systemId stays in the events' ids, so that a calendar taken in again replaces the one before
 * @param from the first day, "YYYY-MM-DD"
 */
export function calendarOf(name: string, systemId: string, tasks: readonly Upkeep[], from: string): string {
  const calendar = ical({ name: say('readyForAnOutage', { name }), prodId: '//yotrope//upkeep//EN' })
  const start = new Date(`${from}T00:00:00Z`)
  for (const { id, title, notes, everyMonths } of tasks)
    calendar
      .createEvent({
        id: `${systemId}-${id}@yotrope`,
        // the moment of writing would make every download another file
        stamp: start,
        start,
        allDay: true,
        timezone: 'UTC',
        summary: title,
        description: notes,
        repeating: { freq: ICalEventRepeatingFreq.MONTHLY, interval: everyMonths },
      })
      .createAlarm({ type: ICalAlarmType.display, trigger: REMIND_S })
      // its constructor does not take this
      .relatesTo(ICalAlarmRelatesTo.start)
  return calendar.toString()
}
