import { told } from '../quantity/told'
import type { DayName, PartOfDay, Phrase, Sight } from './facts'
import { type Found, isMark, isWord, past, quantity } from './pieces'

/** When a load is on by the clock: at hours, within stretches, in parts of the day. */

interface Clock {
  minute: number
  /** said with am or pm, a colon, or as a word; a bare number otherwise */
  isSure: boolean
  half: 'am' | 'pm' | null
}

/** A time of day: "18:30", "6:30 pm", "noon", "midnight"; "18" and "18.00" only where `bare`. */
function clock(sight: Sight, at: number, bare: boolean, isHour = false): Found<Clock> {
  const token = sight.tokens[at]
  if (!token) return null
  if (token.kind === 'clock')
    return { value: { minute: token.minute, isSure: true, half: token.half }, to: at + 1 }
  if (isWord(sight, at, ['noon', 'midday']))
    return { value: { minute: 720, isSure: true, half: null }, to: at + 1 }
  if (isWord(sight, at, ['midnight']))
    return { value: { minute: 1440, isSure: true, half: null }, to: at + 1 }
  // "from 19h to 23h": hours of the clock where it is said to be from one to another
  const hours = isHour && token.kind === 'quantity' ? token.text.match(/^(\d{1,2})\s?h$/i) : null
  if (hours && Number(hours[1]) <= 24)
    return { value: { minute: Number(hours[1]) * 60, isSure: true, half: null }, to: at + 1 }
  if (!bare || token.kind !== 'number' || token.isNegative || token.isShare) return null
  const written = token.text.match(/^(\d{1,2})(?:[.](\d{2}))?$/)
  if (!written && !/^\d{4}$/.test(token.text)) return null
  const [hour, minute] = written
    ? [Number(written[1]), Number(written[2] ?? 0)]
    : [Number(token.text.slice(0, 2)), Number(token.text.slice(2))]
  if (minute > 59) return { value: { minute: NaN, isSure: true, half: null }, to: at + 1 }
  const minutes = hour > 24 || (hour === 24 && minute > 0) ? NaN : hour * 60 + minute
  return {
    value: { minute: minutes, isSure: Boolean(written?.[2]) || !written, half: null },
    to: past(sight, at + 1, ["o'clock", 'uhr']),
  }
}

const noClock = (sight: Sight, from: number, to: number) =>
  told('field.noClock', { said: sight.text.slice(sight.tokens[from].from, sight.tokens[to - 1].to) })

/** "at 07:00, 12 and 18:30"; a clock alone is an hour too. */
export const atClocks: Phrase = (sight, at) => {
  const isSaid = isWord(sight, at, ['at']) || isMark(sight, at, '@')
  let place = isSaid ? at + 1 : at
  const found: number[] = []
  for (;;) {
    const one = clock(sight, place, isSaid)
    if (!one) break
    if (Number.isNaN(one.value.minute)) {
      sight.facts.faults.push(noClock(sight, place, one.to))
      return one.to
    }
    found.push(one.value.minute % 1440)
    const next = past(sight, one.to, ['and', '&'], ',&')
    if (next === one.to || !clock(sight, next, isSaid)) {
      place = one.to
      break
    }
    place = next
  }
  if (found.length === 0) return null
  sight.facts.atMin.push(...found)
  return place
}

const TO = ['to', 'until', 'till', 'til', 'through', 'thru', 'and']

/** "18:00-23:00", "6-8 & 18-22", "from 8 to 20", "7:30pm to midnight", "between 9 and 17". */
export const stretches: Phrase = (sight, at) => {
  let place = past(sight, at, ['from', 'between'])
  const isSaid = place > at
  // "18-23h": so many hours are no length
  const isHour = (place: number) => isSaid || (quantity(sight, place, 'time')?.value ?? 0) > 720
  let last: number | null = null
  for (;;) {
    const first = clock(sight, place, true, isHour(place))
    if (!first) break
    const isDash = isMark(sight, first.to, '-–—')
    const joined = isDash
      ? first.to + 1
      : isWord(sight, first.to, TO) && (isSaid || !isWord(sight, first.to, ['and']))
        ? first.to + 1
        : null
    const second = joined === null ? null : clock(sight, joined, true, isHour(joined))
    if (!second) break
    // "2 to 4" of a line may be a number of things: bare numbers want "from" or a dash between hours
    if (!isSaid && !isDash && !first.value.isSure && !second.value.isSure && endsOdd(sight, second.to)) break
    if (Number.isNaN(first.value.minute) || Number.isNaN(second.value.minute)) {
      sight.facts.faults.push(noClock(sight, place, second.to))
      return second.to
    }
    let from = first.value.minute % 1440
    const to = second.value.minute
    // "7-11pm": the half of the day is said once for both
    if (
      !first.value.isSure &&
      second.value.half &&
      from < 720 &&
      second.value.half === 'pm' &&
      from + 720 < to
    )
      from += 720
    sight.facts.stretches.push({ fromMin: from, toMin: to === 0 ? 1440 : to })
    last = second.to
    const next = past(sight, second.to, ['and', '&', 'also'], ',&+')
    if (next === second.to) break
    place = past(sight, next, ['from', 'between'])
  }
  return last
}

/** Whether a bare number is followed by what it may count: "2 to 4 bulbs". */
const endsOdd = (sight: Sight, at: number) =>
  sight.tokens[at]?.kind === 'word' && !isWord(sight, at, ['and', "o'clock", 'daily', 'every', 'on'])

/** "until midnight", "from 8" where the other end is usual. */
export const oneEnd: Phrase = (sight, at) => {
  const isUntil = isWord(sight, at, ['until', 'till', 'til'])
  if (!isUntil && !isWord(sight, at, ['from', 'after', 'since'])) return null
  const found = clock(sight, at + 1, true, true)
  if (!found || (!isUntil && !found.value.isSure && isWord(sight, found.to, ['to']))) return null
  if (Number.isNaN(found.value.minute)) {
    sight.facts.faults.push(noClock(sight, at + 1, found.to))
    return found.to
  }
  // a bare number of four digits after "from" is a year: "from 2015"
  if (/^\d{4}$/.test(sight.tokens[at + 1].text) && !isUntil) return null
  if (isUntil) sight.facts.untilMin = found.value.minute === 0 ? 1440 : found.value.minute
  else sight.facts.fromMin = found.value.minute % 1440
  return found.to
}

const PARTS: readonly [PartOfDay, readonly string[]][] = [
  ['night', ['night', 'nights', 'overnight', 'nighttime', 'nightly']],
  ['evening', ['evening', 'evenings']],
  ['morning', ['morning', 'mornings']],
  ['daytime', ['daytime']],
]
const LEAD = ['at', 'in', 'the', 'all', 'every', 'each', 'a', 'per', 'during', 'through', 'only']

/** "nights", "at night", "in the evening", "every morning". */
export const partOfDay: Phrase = (sight, at) => {
  const place = past(sight, at, LEAD, '/')
  if (
    isWord(sight, place, ['day']) &&
    isWord(sight, place - 1, ['the']) &&
    isWord(sight, at, ['during', 'through'])
  ) {
    sight.facts.partOfDay = 'daytime'
    return place + 1
  }
  for (const [part, words] of PARTS) {
    if (!isWord(sight, place, words)) continue
    if (sight.facts.partOfDay !== null && sight.facts.partOfDay !== part) return null
    // "night light" is a thing, "light nights" a time: a single word in front of a name belongs to it
    const next = sight.tokens[place + 1]
    if (
      place === at &&
      isWord(sight, place, ['night', 'evening', 'morning']) &&
      next?.kind === 'word' &&
      !isWord(sight, place + 1, ['only', 'for', 'from', 'at', 'time'])
    )
      return null
    sight.facts.partOfDay = part
    return past(sight, place + 1, ['only', 'time'])
  }
  return null
}

const OTHER_SHORT: Readonly<Record<DayName, string[]>> = {
  mon: [],
  tue: ['tues'],
  wed: ['weds'],
  thu: ['thur', 'thurs'],
  fri: [],
  sat: [],
  sun: [],
}
const WORKDAYS: readonly DayName[] = ['mon', 'tue', 'wed', 'thu', 'fri']
const DAYS = new Map<string, readonly DayName[]>([
  ...['weekdays', 'weekday', 'workdays', 'mon-fri'].map((word) => [word, WORKDAYS] as const),
  ...['weekends', 'weekend'].map((word) => [word, ['sat', 'sun']] as const),
  ...(['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'] as const).flatMap(
    (word) => {
      const day = [word.slice(0, 3) as DayName]
      return [word, `${word}s`, day[0], ...OTHER_SHORT[day[0]]].map((said) => [said, day] as const)
    },
  ),
])

/** "on weekdays", "weekends", "every Sunday", "Tue and Fri". */
export const daysOfWeek: Phrase = (sight, at) => {
  const daysAt = (place: number) => {
    const token = sight.tokens[place]
    return token?.kind === 'word' ? (DAYS.get(token.word) ?? null) : null
  }
  let place = past(sight, at, ['on', 'at', 'every', 'each', 'the'])
  const days: DayName[] = []
  for (let some = daysAt(place); some; some = daysAt(place)) {
    days.push(...some)
    const next = past(sight, place + 1, ['and', 'on'], ',&+/')
    if (!daysAt(next)) {
      // a "sun lamp" and a "sat receiver" are things
      const isThing = place === at && days.length === 1 && sight.tokens[place + 1]?.kind === 'word'
      if (isThing && sight.tokens[place].text.length < 4) return null
      sight.facts.days = [...new Set([...(sight.facts.days ?? []), ...days])]
      return place + 1
    }
    place = next
  }
  return null
}
