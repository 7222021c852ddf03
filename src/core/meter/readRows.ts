import type { ColumnMapping } from './columns'
import { readMoment } from './moment'
import { type MeterSamples, type RefusedLine, gapsOf } from './samples'

const DAY_MIN = 1440
/** Refused lines kept word for word; more are only counted. */
const MOST_REFUSED = 200
/** No household meter reads more. */
const MOST_W = 50_000

/** Reads a meter's file row by row as it comes; what cannot be used is kept with its line and the reason. */
export class MeterReader {
  readonly refused: RefusedLine[] = []
  refusedCount = 0
  private readonly minutes: number[] = []
  private readonly values: number[] = []
  private line = 0
  private startsAt: string | null = null
  private days = 0
  private lastOfDay = -1

  constructor(private readonly mapping: ColumnMapping) {}

  /** @param cells of the next line of the file */
  add(cells: readonly string[]): void {
    this.line++
    if (this.line <= this.mapping.headerLine + 1) return
    if (cells.every((cell) => cell.trim() === '')) return
    const { time, value, dateOrder, decimal } = this.mapping
    const moment = readMoment(cells[time] ?? '', dateOrder)
    if (!moment)
      return this.refuse(
        cells,
        `“${short(cells[time] ?? '')}” is no date and time; 2027-02-05 18:00 would be`,
      )
    const number = readNumber(cells[value] ?? '', decimal)
    if (number === null)
      return this.refuse(cells, `“${short(cells[value] ?? '')}” is no number; 123${decimal}4 would be`)
    if (number < 0) return this.refuse(cells, 'a meter does not count below zero')
    if (/^k?W$/.test(this.mapping.valueIs) && number * this.scale() > MOST_W)
      return this.refuse(cells, `${short(cells[value])} is more than a house draws`)
    let { minute } = moment
    if (!moment.hasDate) {
      if (this.lastOfDay >= 0 && minute < this.lastOfDay - 1) this.days++
      this.lastOfDay = minute
      minute += this.days * DAY_MIN
    }
    const last = this.minutes[this.minutes.length - 1]
    if (last !== undefined && minute < last) return this.refuse(cells, 'is earlier than the line before it')
    if (last !== undefined && minute === last)
      return this.refuse(cells, 'has the same time as the line before it')
    this.startsAt ??= moment.clock
    this.minutes.push(minute)
    this.values.push(number)
  }

  /** What was read. @throws RangeError with fewer than two usable lines */
  finish(): MeterSamples {
    const { minutes, values } = this
    if (minutes.length < 2)
      throw new RangeError(
        'Fewer than two lines could be read. Check which columns hold the time and the value.',
      )
    const first = minutes[0]
    const atMin = Float64Array.from(minutes, (minute) => minute - first)
    if (!this.mapping.valueIs.endsWith('total'))
      return {
        atMin,
        watts: Float64Array.from(values, (value) => value * this.scale()),
        gaps: gapsOf(atMin),
        resets: 0,
        startsAt: this.startsAt,
      }
    return {
      atMin,
      ...wattsOfTotals(atMin, values, this.scale()),
      gaps: gapsOf(atMin),
      startsAt: this.startsAt,
    }
  }

  private scale(): number {
    return this.mapping.valueIs.startsWith('k') ? 1000 : 1
  }

  private refuse(cells: readonly string[], message: string): void {
    this.refusedCount++
    if (this.refused.length < MOST_REFUSED)
      this.refused.push({ line: this.line, text: short(cells.join(' '), 80), message })
  }
}

/** Mean watts between the readings of a total, Wh; a total that falls began again from nothing. */
function wattsOfTotals(atMin: Float64Array, totals: readonly number[], scale: number) {
  const watts = new Float64Array(atMin.length)
  let resets = 0
  for (let i = 0; i + 1 < atMin.length; i++) {
    let wh = (totals[i + 1] - totals[i]) * scale
    if (wh < 0) {
      resets++
      wh = totals[i + 1] * scale
    }
    watts[i] = (wh * 60) / (atMin[i + 1] - atMin[i])
  }
  watts[atMin.length - 1] = watts[atMin.length - 2]
  return { watts, resets }
}

/** @example readNumber('1.234,5', ',') // 1234.5 */
export function readNumber(text: string, decimal: '.' | ','): number | null {
  const cell = text.trim().replace(/\s|[kK]?[wW][hH]?$/g, '')
  if (cell === '') return null
  const plain =
    decimal === ',' ? cell.replace(/\./g, '').replace(',', '.') : cell.replace(/,(?=\d{3}\b)/g, '')
  const number = Number(plain)
  return Number.isFinite(number) ? number : null
}

const short = (text: string, most = 24) => (text.length > most ? `${text.slice(0, most)}…` : text)
