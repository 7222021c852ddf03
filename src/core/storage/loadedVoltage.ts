import type { Chemistry } from '../plan/limits'
import { type HalfUsedSchool, restingV, twelves } from './restingVoltage'

/** What a bank's volts under load depend on. */
export interface BankVoltage {
  chemistry: Chemistry
  /** nominal */
  volts: number
  /** of the whole bank */
  ohm: number
  /** the current its capacity is stated at, A */
  ratedA: number
  school: HalfUsedSchool
}

/**
 * A freshly charged lead-acid battery stands higher than its table until a fifth is used; a part-used one
 * sinks more under load than its resistance says, the more the deeper and the faster. A constant resistance
 * cannot give both early and late readings. Constants from memory, held against readings of common practice.
 */
const LEAD_ACID = { surfaceV: 0.4, surfaceFraction: 0.25, polarisationV: 1.4 }
const LITHIUM = { surfaceV: 0.1, surfaceFraction: 0.03, polarisationV: 0 }

/**
 * What a voltmeter shows at the battery while it is drawn from:
 * V = V_rest(s) + S·e^(−(1−s)/a) − I·R − P·(1−s)²·√(I ÷ I_rated), per 12 V.
 *
 * @param fraction state of charge 0…1
 * @param amps drawn from the bank
 */
export function loadedV(bank: BankVoltage, fraction: number, amps: number): number {
  const { surfaceV, surfaceFraction, polarisationV } = bank.chemistry === 'lifepo4' ? LITHIUM : LEAD_ACID
  const used = 1 - Math.min(1, Math.max(0, fraction))
  const surface = surfaceV * Math.exp(-used / surfaceFraction)
  const polarisation = polarisationV * used * used * Math.sqrt(Math.max(0, amps) / bank.ratedA)
  return (
    restingV(bank.chemistry, fraction, bank.volts, bank.school) +
    (surface - polarisation) * twelves(bank.chemistry, bank.volts) -
    amps * bank.ohm
  )
}
