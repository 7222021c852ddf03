import { DAY_MIN } from '../plan/clock'
import { POINT_MIN } from './sweep'

/** Whole days that an outage holds, one at least. */
export const wholeDays = (outageMin: number) => Math.max(1, Math.floor(outageMin / DAY_MIN))

/**
 * How much each quarter hour counts in the average day of an outage.
 *
 * A part of a day has no even share of sun and night, so what is averaged is every stretch of whole days that
 * fits into the outage, wherever it begins: every hour of the clock then counts as much as any other, and no hour
 * of the outage is left out. An outage of whole days, or of less than one, has one such stretch.
 *
 * @param quarters how many are looked at
 * @returns shares; they add up to the whole days' quarters where so many are looked at
 * @example an outage of 36 h: 0 at its begin, 1 from the 12th to the 24th hour, 0 at its end
 */
export function dayWeights(outageMin: number, quarters: number): Float64Array {
  const span = wholeDays(outageMin) * DAY_MIN
  const slack = Math.max(0, outageMin - span)
  return Float64Array.from({ length: quarters }, (_, q) => {
    const middle = (q + 0.5) * POINT_MIN
    if (slack === 0) return middle < span ? 1 : 0
    // beginnings of stretches that hold this quarter, of all there are
    return Math.max(0, Math.min(slack, middle) - Math.max(0, middle - span)) / slack
  })
}
