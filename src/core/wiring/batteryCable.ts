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

/** A way to bear a bank's amps: one cable as in a wall, one in free air, or two of those beside each other. */
export interface BatteryCable {
  wire: Wire
  isInFreeAir: boolean
  isDouble: boolean
}

/** The largest fuse a cable's insulation is safe behind. */
export const mostFuseOf = ({ wire, isInFreeAir, isDouble }: BatteryCable): number =>
  (isInFreeAir ? wire.freeAirA : wire.mostFuseA) * (isDouble ? 2 : 1)

/** Amps it carries. */
export const ampsOf = ({ wire, isInFreeAir, isDouble }: BatteryCable): number =>
  (isInFreeAir ? wire.freeAirA : wire.cableA) * (isDouble ? 2 : 1)

/**
 * The thinnest cable between battery and inverter that its fuse protects: counted as in a wall where that bears it, else in free
 * air, where it lies, else two beside each other.
 *
 * @returns null where even two will not do: more volts or a shorter way
 */
export function leastBatteryCable(
  tables: WiringTables,
  system: Units['wire'],
  duty: CableDuty,
): BatteryCable | null {
  const plain = leastCable(tables, system, duty)
  if (plain) return { wire: plain, isInFreeAir: false, isDouble: false }
  const fuse = fuseFor(tables, duty.amps)
  if (fuse === null) return null
  for (const isDouble of [false, true])
    for (const wire of sizesOf(tables.wires, system)) {
      const cable = { wire, isInFreeAir: true, isDouble }
      const lost = voltsLost(wire, duty.lengthM, duty.amps / (isDouble ? 2 : 1))
      if (mostFuseOf(cable) >= fuse && lost <= CABLE_DROP * duty.volts) return cable
    }
  return null
}

/**
 * Amps that flow when a battery is shorted through its cable.
 *
 * @param batteryOhm of the whole bank
 * Source: I = V ÷ (R_battery + R_cable).
 */
export const shortCircuitAmps = (volts: number, batteryOhm: number, wire: Wire, lengthM: number): number =>
  volts / (batteryOhm + 2 * lengthM * wire.ohmPerM)
