import { readNumber } from './meterNumber'

/** What the columns of a meter's file hold. */
export interface ColumnMapping {
  /** line of the names; −1 for none */
  headerLine: number
  time: number
  /** column of the date where it stands apart from the clock; null where they stand together */
  date: number | null
  value: number
  /** watts, a total that grows, or the energy of each interval from its line on */
  valueIs: 'W' | 'kW' | 'Wh total' | 'kWh total' | 'Wh each' | 'kWh each'
  decimal: '.' | ','
  /** order of day and month where a date is written with numbers */
  dateOrder: 'day first' | 'month first'
}

const TIME_NAMES = /time|date|stamp|zeit|datum|fecha|hora|heure/i
const POWER_NAMES = /power|watt|(?<![a-z])k?w(?![a-z])|load|leistung|potencia|puissance/i
const ENERGY_NAMES = /kwh|(?<![a-z])wh(?![a-z])|energy|total|consum|energie|energ|usage|verbrauch/i
/** Names of what each interval used, beside totals. */
const EACH_NAMES = /interval|hourly|each|delta|per (?:hour|interval|day)/i
const KILOWATTS = /(?<![a-z])kw(?![a-z])/i
/** A total hardly ever falls; what each interval used does so at every second line. */
const FALLS_OF_A_TOTAL = 0.1

const isNumber = (text: string) => /^[-+]?[\d.,\s]*\d(?:e[-+]?\d+)?$/i.test(text.trim()) && /\d/.test(text)
const looksLikeTime = (text: string) =>
  /\d{1,4}[-/.]\d{1,2}[-/.]\d{1,4}|\d{1,2}:\d{2}|^\d{10}(\d{3})?$/.test(text.trim())

/**
 * A first guess at what a file's columns hold, from their names and the first rows.
 *
 * @param rows the first rows, as cells of text
 * @param separator between cells: with semicolons a comma in a number is a decimal comma
 */
export function guessColumns(rows: readonly string[][], separator: string): ColumnMapping {
  const headerLine = rows.findIndex(
    (row) => row.length > 1 && row.every((cell) => !isNumber(cell) && !looksLikeTime(cell)),
  )
  const names = headerLine >= 0 ? rows[headerLine] : []
  const data = rows.slice(headerLine + 1).filter((row) => row.length > 1)
  const width = Math.max(1, ...rows.map((row) => row.length))
  const columns = Array.from({ length: width }, (_, i) => i)
  const share = (column: number, holds: (text: string) => boolean) =>
    data.length === 0 ? 0 : data.filter((row) => holds(row[column] ?? '')).length / data.length
  const byName = (pattern: RegExp, other?: number) =>
    columns.find((i) => i !== other && pattern.test(names[i] ?? ''))
  const time =
    columns.find((i) => TIME_NAMES.test(names[i] ?? '') && share(i, looksLikeTime) > 0.5) ??
    columns.find((i) => share(i, looksLikeTime) > 0.5) ??
    byName(TIME_NAMES) ??
    0
  const isClock = share(time, (text) => /^\s*\d{1,2}:\d{2}/.test(text)) > 0.5
  const date = isClock
    ? (columns.find((i) => i !== time && share(i, isDate) > 0.5) ?? null)
    : dateApart(columns, time, share)
  const timeColumn =
    date === time
      ? columns.find((i) => i !== time && share(i, (text) => /^\s*\d{1,2}:\d{2}/.test(text)) > 0.5)!
      : time
  const numeric = columns.filter((i) => i !== timeColumn && i !== date && share(i, isNumber) > 0.5)
  const named = (pattern: RegExp) => numeric.find((i) => pattern.test(names[i] ?? ''))
  const power = named(POWER_NAMES)
  const energy = named(ENERGY_NAMES)
  const value = power ?? energy ?? numeric[0] ?? (time === 0 ? 1 : 0)
  const name = names[value] ?? ''
  const decimal = decimalOf(
    data.map((row) => row[value] ?? ''),
    separator,
  )
  const isEnergy = value === energy && value !== power ? true : /wh/i.test(name)
  const figures = data.flatMap((row) => readNumber(row[value] ?? '', decimal) ?? [])
  const isEach = isEnergy && (EACH_NAMES.test(name) || fallsOften(figures))
  return {
    headerLine,
    time: timeColumn,
    date,
    value,
    valueIs: isEnergy
      ? `${/kwh/i.test(name) || !/wh/i.test(name) ? 'kWh' : 'Wh'} ${isEach ? 'each' : 'total'}`
      : KILOWATTS.test(name)
        ? 'kW'
        : 'W',
    decimal,
    dateOrder: orderOf(data.map((row) => row[date ?? timeColumn] ?? '')),
  }
}

const isDate = (text: string) => /^\s*\d{1,4}[-/.]\d{1,2}[-/.]\d{1,4}\s*$/.test(text)

/** The column of the date where it stands before its clock in another column. */
function dateApart(
  columns: readonly number[],
  time: number,
  share: (column: number, holds: (text: string) => boolean) => number,
): number | null {
  if (share(time, isDate) <= 0.5) return null
  return columns.some((i) => i !== time && share(i, (text) => /^\s*\d{1,2}:\d{2}/.test(text)) > 0.5)
    ? time
    : null
}

/** Whether figures fall too often for a total. Newest-first totals fall always: those rise when read backwards. */
function fallsOften(figures: readonly number[]): boolean {
  if (figures.length < 3) return false
  const steps = figures.slice(1).map((figure, i) => figure - figures[i])
  const falls = steps.filter((step) => step < 0).length
  const rises = steps.filter((step) => step > 0).length
  return Math.min(falls, rises) / steps.length > FALLS_OF_A_TOTAL
}

function decimalOf(cells: readonly string[], separator: string): '.' | ',' {
  if (separator === ',' && !cells.some((cell) => /\d,\d/.test(cell))) return '.'
  // of "1.234,5" the last mark is the decimal one
  const commas = cells.filter((cell) => /\d,\d+\s*[a-z]*$/i.test(cell.trim())).length
  const points = cells.filter((cell) => /\d\.\d+\s*[a-z]*$/i.test(cell.trim())).length
  return commas > points ? ',' : '.'
}

function orderOf(cells: readonly string[]): ColumnMapping['dateOrder'] {
  for (const cell of cells) {
    const match = cell.match(/^\s*(\d{1,2})[./-](\d{1,2})[./-]\d{2,4}/)
    if (!match) continue
    if (Number(match[1]) > 12) return 'day first'
    if (Number(match[2]) > 12) return 'month first'
  }
  return cells.some((cell) => /^\s*\d{1,2}\.\d{1,2}\./.test(cell)) ? 'day first' : 'month first'
}
