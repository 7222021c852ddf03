import type { Units } from '../quantity/units'
import { voltsLost } from './voltageDrop'
import { type Wire, type WiringTables, sizesOf } from './wire'

/** Usual target for the cable between battery and inverter. Common practice, no source. */
export const CABLE_DROP = 0.02
/** A fuse carries a lasting current at no more than four fifths of its rating: NEC 210.20, 690.9. */
export const FUSE_FACTOR = 1.25
/** A fuse or breaker without its rating written interrupts little. From memory: a strip fuse in a holder, 2 kA. */
export const USUAL_INTERRUPTING_A = 2000

/** What a cable of direct current has to bear. */
export interface CableDuty {
  /** the most it carries for long, A */
  amps: number
  /** nominal volts */
  volts: number
  /** one way */
  lengthM: number
}

/**
 * Amps an inverter draws from its battery at full load when the battery is lowest.
 *
 * @example inverterAmps(1000, 0.88, 10.5) // 108.2
 * Source: I = P ÷ (η · V_min).
 */
export const inverterAmps = (watts: number, efficiencyFraction: number, lowestV: number): number =>
  watts / (efficiencyFraction * lowestV)

/** The smallest fuse sold that carries a lasting current; null where none is large enough. */
export const fuseFor = ({ fuses }: Pick<WiringTables, 'fuses'>, amps: number): number | null =>
  fuses.find((rated) => rated >= amps * FUSE_FACTOR) ?? null

/**
 * The thinnest cable that its fuse protects and that loses no more than the target.
 *
 * @returns null where one cable will not do: more volts, a shorter way or two beside each other
 */
export function leastCable(
  { wires, fuses }: WiringTables,
  system: Units['wire'],
  { amps, volts, lengthM }: CableDuty,
): Wire | null {
  const fuse = fuseFor({ fuses }, amps)
  if (fuse === null) return null
  return (
    sizesOf(wires, system).find(
      (wire) => wire.mostFuseA >= fuse && voltsLost(wire, lengthM, amps) <= CABLE_DROP * volts,
    ) ?? null
  )
}

/**
 * Amps that flow when a battery is shorted through its cable.
 *
 * @param batteryOhm of the whole bank
 * Source: I = V ÷ (R_battery + R_cable).
 */
export const shortCircuitAmps = (volts: number, batteryOhm: number, wire: Wire, lengthM: number): number =>
  volts / (batteryOhm + 2 * lengthM * wire.ohmPerM)
