import { type Told, ToldError, told } from '../quantity/told'
import type { ColumnMapping } from './columns'
import { readNumber } from './meterNumber'
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
  /** 1 where lines go on in time, −1 where the newest stands first; 0 until the second line tells */
  private direction = 0

  constructor(private readonly mapping: ColumnMapping) {}

  /** @param cells of the next line of the file */
  add(cells: readonly string[]): void {
    this.line++
    if (this.line <= this.mapping.headerLine + 1) return
    if (cells.every((cell) => cell.trim() === '')) return
    const { time, date, value, dateOrder, decimal } = this.mapping
    const written = `${date === null ? '' : `${cells[date] ?? ''} `}${cells[time] ?? ''}`
    const moment = readMoment(written, dateOrder)
    if (!moment) return this.refuse(cells, told('meter.noMoment', { said: short(written) }))
    const number = readNumber(cells[value] ?? '', decimal)
    if (number === null)
      return this.refuse(
        cells,
        told('meter.noNumber', { said: short(cells[value] ?? ''), example: `123${decimal}4` }),
      )
    if (number < 0) return this.refuse(cells, told('meter.belowZero'))
    if (/^k?W$/.test(this.mapping.valueIs) && number * this.scale() > MOST_W)
      return this.refuse(cells, told('meter.tooMuch', { said: short(cells[value]) }))
    const minute = moment.hasDate ? moment.minute : this.pastMidnight(moment.minute)
    const last = this.minutes[this.minutes.length - 1]
    if (last !== undefined && minute === last) return this.refuse(cells, told('meter.sameTime'))
    if (last !== undefined && this.direction === 0) this.direction = minute > last ? 1 : -1
    if (last !== undefined && (minute - last) * this.direction < 0)
      return this.refuse(cells, this.direction > 0 ? told('meter.earlier') : told('meter.later'))
    // of a file with the newest first the last line is the first reading
    if (this.direction < 0) this.startsAt = moment.clock
    this.startsAt ??= moment.clock
    this.minutes.push(minute)
    this.values.push(number)
  }

  /** What was read. @throws ToldError with fewer than two usable lines */
  finish(): MeterSamples {
    const isBackwards = this.direction < 0
    const minutes = isBackwards ? [...this.minutes].reverse() : this.minutes
    const values = isBackwards ? [...this.values].reverse() : this.values
    if (minutes.length < 2) throw new ToldError(told('meter.tooFew'))
    const first = minutes[0]
    const atMin = Float64Array.from(minutes, (minute) => minute - first)
    if (this.mapping.valueIs.endsWith('each')) {
      const each = wattsOfIntervals(atMin, values, this.scale())
      return { ...each, gaps: gapsOf(each.atMin), resets: 0, startsAt: this.startsAt }
    }
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

  /** Minutes of a clock without a date, a day further each time it passes midnight. */
  private pastMidnight(ofDay: number): number {
    const { lastOfDay, direction } = this
    // a newest-first clock goes down; the first step tells, unless it is one over midnight
    if (
      lastOfDay >= 0 &&
      direction >= 0 &&
      ofDay < lastOfDay - 1 &&
      (direction > 0 || lastOfDay - ofDay > 720)
    )
      this.days++
    if (lastOfDay >= 0 && direction < 0 && ofDay > lastOfDay + 1) this.days--
    this.lastOfDay = ofDay
    return ofDay + this.days * DAY_MIN
  }

  private scale(): number {
    return this.mapping.valueIs.startsWith('k') ? 1000 : 1
  }

  private refuse(cells: readonly string[], message: Told): void {
    this.refusedCount++
    if (this.refused.length < MOST_REFUSED)
      this.refused.push({ line: this.line, text: short(cells.join(' '), 80), message })
  }
}

/**
 * Mean watts of intervals from the energy of each, in Wh; an interval lasts until the next begins, the last one and one before a
 * gap as long as is usual.
 */
function wattsOfIntervals(atMin: Float64Array, energies: readonly number[], scale: number) {
  const steps = Float64Array.from(atMin.subarray(1), (minute, i) => minute - atMin[i]).sort()
  const usual = steps[steps.length >> 1]
  const ends = Float64Array.from([...atMin, atMin[atMin.length - 1] + usual])
  const watts = new Float64Array(ends.length)
  for (let i = 0; i < energies.length; i++)
    watts[i] = (energies[i] * scale * 60) / Math.min(ends[i + 1] - ends[i], usual * 1.5)
  watts[ends.length - 1] = watts[ends.length - 2]
  return { atMin: ends, watts }
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

const short = (text: string, most = 24) => (text.length > most ? `${text.slice(0, most)}…` : text)
