/** What the columns of a meter's file hold. */
export interface ColumnMapping {
  /** line of the names; −1 for none */
  headerLine: number
  time: number
  value: number
  valueIs: 'W' | 'kW' | 'Wh total' | 'kWh total'
  decimal: '.' | ','
  /** order of day and month where a date is written with numbers */
  dateOrder: 'day first' | 'month first'
}

const TIME_NAMES = /time|date|stamp|zeit|datum|fecha|hora|heure/i
const POWER_NAMES = /power|watt|\bw\b|load|leistung|potencia|puissance/i
const ENERGY_NAMES = /kwh|\bwh\b|energy|total|consum|energie|energ/i

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
  const numeric = columns.filter((i) => i !== time && share(i, isNumber) > 0.5)
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
  return {
    headerLine,
    time,
    value,
    valueIs: isEnergy
      ? /kwh/i.test(name) || !/wh/i.test(name)
        ? 'kWh total'
        : 'Wh total'
      : /\bkw\b/i.test(name)
        ? 'kW'
        : 'W',
    decimal,
    dateOrder: orderOf(data.map((row) => row[time] ?? '')),
  }
}

function decimalOf(cells: readonly string[], separator: string): '.' | ',' {
  if (separator === ',') return '.'
  const commas = cells.filter((cell) => /\d,\d/.test(cell)).length
  const points = cells.filter((cell) => /\d\.\d/.test(cell)).length
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
