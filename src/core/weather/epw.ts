import { ToldError, told } from '../quantity/told'
import type { Sky } from '../plan/weather'

/**
 * A weather file in EnergyPlus' EPW format: eight header lines, then one line an hour.
 * Source: EnergyPlus, Auxiliary Programs, EPW data dictionary. Columns read (from 1): 1–5 date and hour,
 * 7 dry-bulb temperature, 14 global, 15 direct normal and 16 diffuse horizontal radiation.
 */
export interface EpwFile {
  place: { name: string; latitudeDeg: number; longitudeDeg: number; utcOffsetH: number }
  /** by hour of its year; 8,760 or, with 29 February, 8,784 */
  hours: EpwHour[]
  /** hours in which a value was missing and taken from its neighbours */
  filled: number
}

export interface EpwHour {
  month: number
  day: number
  /** 1: from 00:00 to 01:00 */
  hour: number
  temperatureC: number
  globalW: number
  directW: number
  diffuseW: number
}

const HEADER_LINES = 8
const HOUR_MS = 3_600_000
/** What the data dictionary writes where nothing was measured. */
const MISSING = { temperature: 99.9, radiation: 9999 }
const COLUMNS = { temperature: 6, global: 13, direct: 14, diffuse: 15 }
/** Longer gaps than this are not guessed. */
const LONGEST_GAP_H = 24

/**
 * Reads an EPW file.
 *
 * @throws ToldError that names the line, what is wrong and what would be right: no EPW header, a line cut
 *   short, an hour missing, a value that is no number, a gap of more than a day
 */
export function readEpw(text: string): EpwFile {
  // a mark of the byte order, lone carriage returns and quoted cells come from spreadsheets
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/)
  const location = cellsOf(lines[0] ?? '')
  if (location[0]?.toUpperCase() !== 'LOCATION') throw new ToldError(told('weather.noEpw'))
  const place = {
    name: location[1]?.trim() ?? '',
    latitudeDeg: within(location[6], -90, 90, 'latitude'),
    longitudeDeg: within(location[7], -180, 180, 'longitude'),
    utcOffsetH: within(location[8], -12, 14, 'zone'),
  }
  const rows = lines.slice(HEADER_LINES)
  while (rows.length > 0 && rows[rows.length - 1].trim() === '') rows.pop()
  const read = rows.map((row, i) => hourOf(row, i + HEADER_LINES + 1))
  if (read.length !== 8760 && read.length !== 8784)
    throw new ToldError(told('weather.hours', { hours: read.length }))
  read.forEach((hour, i) => {
    if (hour.hour !== (i % 24) + 1)
      throw new ToldError(
        told('weather.otherHour', {
          line: String(i + HEADER_LINES + 1),
          hour: hour.hour,
          expected: (i % 24) + 1,
        }),
      )
  })
  const keys = ['temperatureC', 'globalW', 'directW', 'diffuseW'] as const
  const gaps = new Set<number>()
  for (const key of keys) fillGaps(read, key, gaps)
  return { place, hours: read, filled: gaps.size }
}

/** The cells of a line; a comma within quotes parts none. Source: RFC 4180. */
function cellsOf(row: string): string[] {
  if (!row.includes('"')) return row.split(',')
  return [...row.matchAll(/(?:^|,)(?:"((?:[^"]|"")*)"|([^,]*))/g)].map(([, quoted, plain]) =>
    quoted === undefined ? plain : quoted.replace(/""/g, '"'),
  )
}

function hourOf(row: string, line: number): EpwHour {
  const cells = cellsOf(row)
  if (cells.length <= COLUMNS.diffuse)
    throw new ToldError(told('weather.columns', { line: String(line), columns: cells.length }))
  const number = (column: number, missing: number) => {
    const value = Number(cells[column])
    if (cells[column].trim() === '' || !Number.isFinite(value))
      throw new ToldError(
        told('weather.noNumber', { line: String(line), column: column + 1, said: cells[column] }),
      )
    return value >= missing ? NaN : value
  }
  const radiation = (column: number) => Math.max(0, number(column, MISSING.radiation))
  return {
    month: number(1, Infinity),
    day: number(2, Infinity),
    hour: number(3, Infinity),
    temperatureC: number(COLUMNS.temperature, MISSING.temperature),
    globalW: radiation(COLUMNS.global),
    directW: radiation(COLUMNS.direct),
    diffuseW: radiation(COLUMNS.diffuse),
  }
}

/** Missing values from their neighbours: temperature on a straight line, light as at the same hour a day before or after. */
function fillGaps(
  hours: EpwHour[],
  key: 'temperatureC' | 'globalW' | 'directW' | 'diffuseW',
  gaps: Set<number>,
) {
  const known = (i: number) => i >= 0 && i < hours.length && !Number.isNaN(hours[i][key])
  const missing = hours.flatMap((hour, i) => (Number.isNaN(hour[key]) ? [i] : []))
  const values = missing.map((i) => {
    let before = i
    let after = i
    while (before >= 0 && !known(before)) before--
    while (after < hours.length && !known(after)) after++
    if (after - before - 1 > LONGEST_GAP_H)
      throw new ToldError(
        told('weather.gap', {
          what: key === 'temperatureC' ? 'temperature' : 'radiation',
          hours: after - before - 1,
          line: String(before + HEADER_LINES + 2),
        }),
      )
    if (key !== 'temperatureC') {
      const other = [i - 24, i + 24].find(known)
      return other === undefined ? 0 : hours[other][key]
    }
    if (before < 0) return hours[after][key]
    if (after >= hours.length) return hours[before][key]
    const share = (i - before) / (after - before)
    return hours[before][key] + share * (hours[after][key] - hours[before][key])
  })
  missing.forEach((i, k) => {
    hours[i][key] = values[k]
    gaps.add(i)
  })
}

function within(
  text: string | undefined,
  low: number,
  high: number,
  what: 'latitude' | 'longitude' | 'zone',
): number {
  const value = Number(text)
  if (text === undefined || text.trim() === '' || !(value >= low && value <= high))
    throw new ToldError(told('weather.place', { what, said: text ?? '', low, high }))
  return value
}

/**
 * The hours of a weather file from a date on, as a scenario's sky. 29 February is that of the file, or the
 * 28th once more where it has none; a file with one is read past it in other years.
 *
 * @param startsAt local start of the outage; its minutes are dropped
 * @param hours how many
 * @param utcOffsetH of the outage's clock; the file's is standard time, so summer time is an hour ahead of it
 */
export function skyFromEpw(
  file: EpwFile,
  startsAt: string,
  hours: number,
  utcOffsetH = file.place.utcOffsetH,
): Sky {
  const at = new Map(file.hours.map((hour, i) => [`${hour.month}-${hour.day}-${hour.hour}`, i]))
  const ahead = Math.round(utcOffsetH - file.place.utcOffsetH) * HOUR_MS
  const startMs = Date.parse(`${startsAt.slice(0, 13)}:00Z`) - ahead
  const picked = Array.from({ length: hours }, (_, h) => {
    const moment = new Date(startMs + h * HOUR_MS)
    const month = moment.getUTCMonth() + 1
    const day = moment.getUTCDate()
    const hour = moment.getUTCHours() + 1
    const found = at.get(`${month}-${day}-${hour}`) ?? at.get(`${month}-${Math.min(28, day)}-${hour}`)
    return file.hours[found ?? 0]
  })
  return {
    kind: 'measured',
    name: file.place.name.slice(0, 80),
    temperatureC: picked.map(({ temperatureC }) => temperatureC),
    globalW: picked.map(({ globalW }) => globalW),
    directW: picked.map(({ directW }) => directW),
    diffuseW: picked.map(({ diffuseW }) => diffuseW),
  }
}
