import type { Wire } from './wire'

/** Reactance of small cables side by side, Ω/m. NEC Chapter 9 Table 9, PVC conduit, from memory: 0.054 Ω per 1,000 ft. */
const REACTANCE_PER_M = 0.054 / 304.8

/**
 * Volts lost there and back on a pair of conductors.
 *
 * @param wire its resistance
 * @param lengthM one way
 * @param amps through it
 * @param powerFactor of what draws them; 1 for direct current and resistance, where reactance does not count
 * Source: ΔV = 2 · L · I · (R · cos φ + X · sin φ), the approximation under NEC Chapter 9 Table 9.
 * @example voltsLost(12 AWG, 30.48, 10, 1) // 3.96
 */
export function voltsLost(
  wire: Pick<Wire, 'ohmPerM'>,
  lengthM: number,
  amps: number,
  powerFactor = 1,
): number {
  const sine = Math.sqrt(1 - powerFactor ** 2)
  return 2 * lengthM * amps * (wire.ohmPerM * powerFactor + REACTANCE_PER_M * sine)
}
