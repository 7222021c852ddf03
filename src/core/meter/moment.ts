import type { ColumnMapping } from './columns'

/** A moment as it stood in a record. */
export interface Moment {
  /** minutes on a scale common to the record: since 1970, or since midnight where there is no date */
  minute: number
  hasDate: boolean
  /** as the clock showed it, without its time zone */
  clock: string
}

const two = (n: number) => String(n).padStart(2, '0')

/**
 * Reads a date and time as meters write them: ISO with or without a time zone, day or month first, 12 or 24
 * hours, seconds or milliseconds since 1970, or a clock alone. A time zone counts, so that a record across the end of
 * summer time keeps its hours.
 *
 * @returns the moment, or null when it is none
 */
export function readMoment(text: string, order: ColumnMapping['dateOrder']): Moment | null {
  const cell = text.trim()
  if (/^\d{10}(\.\d+)?$/.test(cell)) return fromEpoch(Number(cell) / 60)
  if (/^\d{13}$/.test(cell)) return fromEpoch(Number(cell) / 60_000)
  const date =
    cell.match(/^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})[T\s,]*/) ??
    cell.match(/^(\d{1,2})[-/.](\d{1,2})[-/.](\d{2,4})[T\s,]*/)
  const rest = date ? cell.slice(date[0].length) : cell
  const time = rest.match(
    /^(\d{1,2}):(\d{2})(?::(\d{2})(?:[.,]\d+)?)?\s*(am|pm|a\.m\.?|p\.m\.?)?\s*(z|utc|gmt|[+-]\d{1,2}(?::?\d{2})?)?$/i,
  )
  if (!time && !(date && rest === '')) return null
  let hour = time ? Number(time[1]) : 0
  const minute = time ? Number(time[2]) : 0
  const second = time?.[3] ? Number(time[3]) : 0
  if (time?.[4]) hour = (hour % 12) + (/^p/i.test(time[4]) ? 12 : 0)
  if (hour > 24 || minute > 59 || second > 60) return null
  const ofDay = hour * 60 + minute + second / 60
  const clock = `${two(hour)}:${two(minute)}`
  if (!date) return { minute: ofDay, hasDate: false, clock }
  const [year, month, day] = partsOf(date, order)
  const ms = Date.UTC(year, month - 1, day)
  const check = new Date(ms)
  if (check.getUTCMonth() !== month - 1 || check.getUTCDate() !== day) return null
  return {
    minute: ms / 60_000 + ofDay - zoneMin(time?.[5]),
    hasDate: true,
    clock: `${year}-${two(month)}-${two(day)}T${clock}`,
  }
}

function partsOf(date: RegExpMatchArray, order: ColumnMapping['dateOrder']): [number, number, number] {
  const [a, b, c] = [Number(date[1]), Number(date[2]), Number(date[3])]
  if (date[1].length === 4) return [a, b, c]
  const year = c < 100 ? 2000 + c : c
  return order === 'day first' ? [year, b, a] : [year, a, b]
}

function zoneMin(zone: string | undefined): number {
  const match = zone?.match(/([+-])(\d{1,2})(?::?(\d{2}))?$/)
  return match ? (match[1] === '-' ? -1 : 1) * (Number(match[2]) * 60 + Number(match[3] ?? 0)) : 0
}

function fromEpoch(minute: number): Moment {
  return { minute, hasDate: true, clock: new Date(minute * 60_000).toISOString().slice(0, 16) }
}
