import { DAY_MIN, epochMinute, localOf, minuteOfDay } from '../plan/clock'
import { type Told, told } from '../quantity/told'
import { parseClock } from '../reading/clock'
import { plainNumber } from '../reading/plainNumber'
import type { Entry, Reading, RunHead } from './runDocument'
import { standingEntries, minuteOf } from './runDocument'

/** What a column of a sheet of readings holds; null for nothing that is read. */
export type ReadingColumn = 'hours' | 'clock' | 'moment' | ReadingFigure | 'note' | null
type ReadingFigure = Exclude<keyof Reading & keyof typeof PER_UNIT, never>

/** Kept units in one of the column's. */
const PER_UNIT = {
  chargeFraction: 0.01,
  loadedV: 1,
  restV: 1,
  outAh: 1,
  outWh: 1,
  meterWh: 1000,
  nowW: 1,
  peakW: 1,
}

/** The names each column is written under by the program itself, with what people call it. */
const NAMES: readonly [Exclude<ReadingColumn, null>, string, RegExp][] = [
  ['hours', 'hours', /^(?:hours?|h|elapsed.*)$/i],
  ['moment', 'local_time', /date|local|timestamp|moment/i],
  ['clock', 'clock', /clock|time|hour of/i],
  ['restV', 'volts_at_rest', /v.*(?:rest|open|idle)|(?:rest|open).*v/i],
  ['loadedV', 'volts_under_load', /volt|^v$|^u$/i],
  ['outAh', 'amp_hours_out', /amp.?h|^ah\b|\bah\b/i],
  ['meterWh', 'meter_kwh', /kwh|meter/i],
  ['outWh', 'watt_hours_out', /watt.?h|^wh\b|\bwh\b/i],
  ['peakW', 'peak_watts', /peak|max/i],
  ['nowW', 'watts_now', /watt|^w$|power|load/i],
  ['chargeFraction', 'charge_percent', /charge|percent|%|soc|battery|left|remaining/i],
  ['note', 'note', /note|remark|comment|what/i],
]

/** A guess at what the columns hold, by their names; each kind is taken once. */
export function guessReadingColumns(header: readonly string[]): ReadingColumn[] {
  const taken = new Set<ReadingColumn>()
  return header.map((name) => {
    const text = name.trim().replace(/_/g, ' ')
    const found = NAMES.find(
      ([column, own, pattern]) =>
        !taken.has(column) && (own === name.trim().toLowerCase() || pattern.test(text)),
    )
    if (!found) return null
    taken.add(found[0])
    return found[0]
  })
}

export interface ReadEntries {
  entries: Entry[]
  /** lines that could not be read: their number from 1, and what would be right */
  refused: { line: number; message: Told }[]
}

/**
 * Readings from a sheet.
 *
 * @param rows cells of text, without the header
 * @param columns what each holds; one of them is a time
 * @param firstLine number of the first row, for what is told of it
 * @param utcOffsetMin minutes the clock on the wall is ahead of UTC
 */
export function entriesOfRows(
  head: RunHead,
  rows: readonly (readonly string[])[],
  columns: readonly ReadingColumn[],
  { firstLine = 2, utcOffsetMin = 0 } = {},
): ReadEntries {
  const refused: ReadEntries['refused'] = []
  const entries: Entry[] = []
  const start = epochMinute(head.startsLocal)
  let before = 0
  rows.forEach((row, i) => {
    const line = firstLine + i
    if (row.every((cell) => cell.trim() === '')) return
    const refuse = (message: Told) => void refused.push({ line, message })
    const minute = momentOfRow(row, columns, start, before)
    if (typeof minute !== 'number') return refuse(minute)
    const reading = figuresOf(row, columns)
    if ('what' in reading) return refuse(reading)
    before = minute
    const local = localOf(start + Math.round(minute))
    const at = new Date((epochMinute(local) - utcOffsetMin) * 60_000).toISOString()
    // the same line read twice is the same entry
    const fields = { id: `csv-${line}-${Math.round(minute)}`, at, local, typedAt: at }
    const note = noteOf(row, columns)
    if (Object.keys(reading).length > 0)
      entries.push({ ...fields, kind: 'reading', sourceId: head.sourceId, ...reading })
    else if (note) entries.push({ ...fields, kind: 'note', text: note })
    else refuse(told('reading.nothing'))
  })
  return { entries, refused }
}

function momentOfRow(
  row: readonly string[],
  columns: readonly ReadingColumn[],
  start: number,
  before: number,
): number | Told {
  const cell = (column: ReadingColumn) => row[columns.indexOf(column)]?.trim()
  if (columns.includes('hours')) {
    const hours = plainNumber(cell('hours') ?? '')
    return hours === null || hours < 0 ? told('reading.noHours', { said: cell('hours') ?? '' }) : hours * 60
  }
  if (columns.includes('moment')) {
    const text = (cell('moment') ?? '').replace(' ', 'T').slice(0, 16)
    const at = epochMinute(text)
    const said = cell('moment') ?? ''
    if (Number.isNaN(at)) return told('reading.noMoment', { said })
    return at < start ? told('reading.tooEarly', { said }) : at - start
  }
  const read = parseClock(cell('clock') ?? '')
  if (!read.ok) return read.message
  // a clock that is earlier than the one before it is of the next day
  const ofStart = ((start % DAY_MIN) + DAY_MIN) % DAY_MIN
  let minute = minuteOfDay(read.clock) - ofStart
  while (minute < before - 1) minute += DAY_MIN
  return minute
}

function figuresOf(row: readonly string[], columns: readonly ReadingColumn[]): Partial<Reading> | Told {
  const reading: Partial<Reading> = {}
  for (const [i, column] of columns.entries()) {
    const text = row[i]?.trim() ?? ''
    if (column === null || !(column in PER_UNIT) || text === '') continue
    const figure = column as ReadingFigure
    const value = plainNumber(text.replace(/\s*(?:%|V|Ah|Wh|kWh|W)$/i, ''))
    if (value === null) return told('reading.noNumber', { said: text })
    if (value < 0) return told('reading.belowZero', { said: text })
    if (figure === 'chargeFraction' && value > 100) return told('reading.overFull', { said: text })
    reading[figure] = Math.round(value * PER_UNIT[figure] * 1e6) / 1e6
  }
  return reading
}

const noteOf = (row: readonly string[], columns: readonly ReadingColumn[]) =>
  row[columns.indexOf('note')]?.trim().slice(0, 2000) ?? ''

/** The header of the program's own sheets. */
export const CSV_HEADER = [
  'local_time',
  'hours',
  'charge_percent',
  'volts_under_load',
  'volts_at_rest',
  'amp_hours_out',
  'watt_hours_out',
  'meter_kwh',
  'watts_now',
  'peak_watts',
  'note',
] as const

/** A run's readings and notes as rows under `CSV_HEADER`; what reads them again is `entriesOfRows`. */
export function rowsOfEntries(head: RunHead, entries: readonly Entry[]): string[][] {
  const figure = (value: number | undefined, perUnit: number) =>
    value === undefined ? '' : String(Math.round((value / perUnit) * 1000) / 1000)
  return standingEntries(entries).flatMap((entry) => {
    if (entry.kind !== 'reading' && entry.kind !== 'note') return []
    const reading: Partial<Reading> = entry.kind === 'reading' ? entry : {}
    return [
      [
        entry.local.replace('T', ' '),
        String(Math.round((minuteOf(head, entry.at) / 60) * 1000) / 1000),
        figure(reading.chargeFraction, PER_UNIT.chargeFraction),
        figure(reading.loadedV, 1),
        figure(reading.restV, 1),
        figure(reading.outAh, 1),
        figure(reading.outWh, 1),
        figure(reading.meterWh, PER_UNIT.meterWh),
        figure(reading.nowW, 1),
        figure(reading.peakW, 1),
        entry.kind === 'note' ? entry.text : '',
      ],
    ]
  })
}
