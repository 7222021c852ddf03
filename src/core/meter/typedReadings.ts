import { type Told, told } from '../quantity/told'
import { parseClock } from '../reading/clock'
import { parseMeasure } from '../reading/measure'
import { numberAt } from '../reading/number'

/** One reading written down from a plug-in meter: the clock, its total, the peak it shows. */
export interface TypedReading {
  clock: string
  kWhTotal: string
  peakW: string
}

export type TypedResult =
  | { ok: true; hours: number; averageW: number; peakW: number | null }
  | { ok: false; row: number; message: Told }

const DAY_MIN = 1440

/**
 * The average between the first and the last reading; a clock earlier than the one before it is the next day.
 *
 * @returns hours, average watts and the highest peak, or the row that cannot be read and what would be right
 */
export function readTyped(readings: readonly TypedReading[]): TypedResult {
  const wrong = (row: number, message: Told): TypedResult => ({ ok: false, row, message })
  if (readings.length < 2) return wrong(readings.length, told('meter.twoReadings'))
  let day = 0
  let before = -1
  let total = -1
  let first = 0
  let firstTotal = 0
  let peak: number | null = null
  for (let i = 0; i < readings.length; i++) {
    const { clock, kWhTotal, peakW } = readings[i]
    const read = parseClock(clock)
    if (!read.ok) return wrong(i, read.message)
    const kWh = totalOf(kWhTotal)
    if (kWh === null) return wrong(i, told('meter.noTotal'))
    if (kWh < total) return wrong(i, told('meter.lowerTotal'))
    const ofDay = Number(read.clock.slice(0, 2)) * 60 + Number(read.clock.slice(3))
    if (ofDay <= before) day++
    before = ofDay
    total = kWh
    const minute = day * DAY_MIN + ofDay
    if (i === 0) {
      first = minute
      firstTotal = kWh
    }
    if (peakW.trim() !== '') {
      const watts = parseMeasure(peakW, 'power')
      if (!watts.ok) return wrong(i, told('meter.noPeak', { why: watts.message }))
      peak = Math.max(peak ?? 0, watts.value)
    }
    if (i === readings.length - 1) {
      const hours = (minute - first) / 60
      return { ok: true, hours, averageW: ((kWh - firstTotal) * 1000) / hours, peakW: peak }
    }
  }
  return wrong(0, told('meter.twoReadings'))
}

/** A meter's total in kWh as it was written down: "1.34", "0,6", "1340 Wh"; three digits after a point are no thousands here. */
function totalOf(text: string): number | null {
  const number = numberAt(text.trim(), 0)
  if (!number || number.pair) return null
  const unit = text.trim().slice(number.to).trim().toLowerCase()
  // a display shows "1,234 kWh" for little more than one, never thousands
  const value =
    number.isWhole && text.includes(',')
      ? Number(text.trim().slice(0, number.to).replace(',', '.'))
      : number.value
  if (unit === '' || unit === 'kwh') return value
  return unit === 'wh' ? value / 1000 : null
}
