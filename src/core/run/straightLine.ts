import type { Observation } from './observations'

/** A straight line through charges that were read: what people draw by eye. */
export interface StraightLine {
  /** share of full used in an hour; 0 or less where it does not fall */
  sharePerH: number
  /** charge the line has at the last reading */
  chargeNow: number
  /** minutes from the segment's begin until it reaches the floor; Infinity where it does not fall */
  endMin: number
}

/** Charges closer together say nothing of a slope, minutes. */
const LEAST_SPAN_MIN = 20

/**
 * The line of least squares through a segment's charges; through the first and the only other where there are two.
 *
 * @param floor share of full at which the source ends
 * @returns null with fewer than two charges, or all of them within some minutes
 */
export function straightLine(observations: readonly Observation[], floor: number): StraightLine | null {
  const read = observations.filter(({ instrument }) => instrument.what === 'charge')
  const charges =
    read.length >= 2 ? read : observations.filter(({ instrument }) => instrument.what === 'volts')
  if (charges.length < 2) return null
  const count = charges.length
  const meanT = charges.reduce((sum, { minute }) => sum + minute, 0) / count
  const meanS = charges.reduce((sum, { value }) => sum + value, 0) / count
  let across = 0
  let square = 0
  for (const { minute, value } of charges) {
    across += (minute - meanT) * (value - meanS)
    square += (minute - meanT) ** 2
  }
  // two looks at one display make no line
  if (charges[count - 1].minute - charges[0].minute < LEAST_SPAN_MIN || square === 0) return null
  const perMin = across / square
  const last = charges[count - 1].minute
  const chargeNow = meanS + perMin * (last - meanT)
  return {
    sharePerH: -perMin * 60,
    chargeNow,
    endMin: perMin < 0 ? Math.max(last, last + (chargeNow - floor) / -perMin) : Infinity,
  }
}
