import type { Chemistry } from '../plan/limits'
import type { Bank } from '../plan/power'

export type HalfUsedSchool = Bank['halfUsedSchool']

/** Volts of a 12 V battery at rest (25 °C, hours after use) for 0, 10 … 100 % of its charge. From memory. */
const RESTING_V: Record<Chemistry, readonly number[]> = {
  flooded: [11.4, 11.55, 11.68, 11.8, 11.92, 12.05, 12.2, 12.34, 12.48, 12.6, 12.72],
  agm: [11.5, 11.67, 11.82, 11.95, 12.07, 12.2, 12.35, 12.5, 12.62, 12.74, 12.85],
  lifepo4: [10, 12.6, 12.88, 12.98, 13.06, 13.12, 13.16, 13.21, 13.26, 13.32, 13.5],
}

/**
 * The last tenth of LiFePO4: its volts stand until a few hundredths are left and then fall off, so that a cut-off at 11 V
 * leaves hardly anything. V = V₀ + (V₁₀ − V₀)·(1 − e^(−s ÷ 0.015)), s the share left. From memory.
 */
const KNEE_FRACTION = 0.015
const KNEE_WHOLE = 1 - Math.exp(-0.1 / KNEE_FRACTION)
const kneeShare = (fraction: number) => (1 - Math.exp(-fraction / KNEE_FRACTION)) / KNEE_WHOLE
const kneeFraction = (share: number) => -KNEE_FRACTION * Math.log(1 - share * KNEE_WHOLE)

/** Cells of a nominal 12 V battery. */
const CELLS_OF_12V: Record<Chemistry, number> = { flooded: 6, agm: 6, lifepo4: 4 }
const NOMINAL_CELL_V: Record<Chemistry, number> = { flooded: 2, agm: 2, lifepo4: 3.2 }

/**
 * The earlier school lets the same volts count as more used: 12.10 V, which the usual table reads as 53 %
 * left, is its half. It recharges sooner. Both: common practice, no source.
 */
const EARLIER_BY_V = 0.05

/** How many nominal 12 V batteries a bank's volts are. @example twelves('lifepo4', 25.6) // 2 */
export function twelves(chemistry: Chemistry, volts: number): number {
  return volts / (CELLS_OF_12V[chemistry] * NOMINAL_CELL_V[chemistry])
}

/**
 * Volts of a bank at rest.
 *
 * @param fraction state of charge 0…1
 * @param volts the bank's nominal volts, such as 12, 25.6 or 48
 * @returns volts at rest by linear interpolation in the table
 * @example restingV('flooded', 0.5, 12) // 12.05
 */
export function restingV(
  chemistry: Chemistry,
  fraction: number,
  volts: number,
  school: HalfUsedSchool = 'at 12.05 V',
): number {
  const table = RESTING_V[chemistry]
  const at = Math.min(1, Math.max(0, fraction)) * 10
  const k = Math.min(9, Math.floor(at))
  const part = k === 0 && chemistry === 'lifepo4' ? kneeShare(at / 10) : at - k
  const value = table[k] + part * (table[k + 1] - table[k])
  return (value + earlierV(chemistry, school)) * twelves(chemistry, volts)
}

/** The state of charge that resting volts speak for, 0…1: the table read the other way. */
export function fractionAtRest(
  chemistry: Chemistry,
  measuredV: number,
  volts: number,
  school: HalfUsedSchool = 'at 12.05 V',
): number {
  const table = RESTING_V[chemistry]
  const v = measuredV / twelves(chemistry, volts) - earlierV(chemistry, school)
  if (v <= table[0]) return 0
  const k = table.findIndex((value) => value >= v)
  if (k < 0) return 1
  const share = 1 - (table[k] - v) / (table[k] - table[k - 1])
  return k === 1 && chemistry === 'lifepo4' ? kneeFraction(share) : (k - 1 + share) / 10
}

const earlierV = (chemistry: Chemistry, school: HalfUsedSchool) =>
  chemistry !== 'lifepo4' && school === 'at 12.10 V earlier' ? EARLIER_BY_V : 0

/**
 * How far the state of charge is off when a 12 V battery's voltmeter is off by 0.05 V, in the middle of its
 * range: about 4 % for lead-acid, 9 % for LiFePO4.
 */
export function fractionPerReading(chemistry: Chemistry): number {
  const table = RESTING_V[chemistry]
  return (0.05 * 0.4) / (table[7] - table[3])
}
