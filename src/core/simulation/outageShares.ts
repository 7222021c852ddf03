import { POINT_MIN } from './sweep'

/**
 * How much of each quarter hour lies in the outage: what comes in and goes out a day is the mean over the outage's own hours,
 * its last morning counted like its first.
 *
 * @param quarters how many are looked at
 * @returns shares; they add up to the outage's quarters where so many are looked at
 */
export const outageShares = (outageMin: number, quarters: number): Float64Array =>
  Float64Array.from({ length: quarters }, (_, q) => Math.max(0, Math.min(1, outageMin / POINT_MIN - q)))
