import type { Chemistry } from '../plan/limits'

/**
 * The depth a chemistry's cycles are usually stated at, and how much faster deeper cycles wear it: N · (D_stated ÷ D)^k.
 * From memory: half depth and 1.35 of lead-acid, eight tenths and 1.5 of LiFePO4.
 */
const WEAR: Record<Chemistry, { statedAt: number; exponent: number }> = {
  lifepo4: { statedAt: 0.8, exponent: 1.5 },
  agm: { statedAt: 0.5, exponent: 1.35 },
  flooded: { statedAt: 0.5, exponent: 1.35 },
}
/** Shallower than this nothing is said any more: age ends a battery first. */
const SHALLOWEST = 0.1

/** The depth of discharge a battery's cycles are stated at. */
export const cyclesStatedAt = (chemistry: Chemistry) => WEAR[chemistry].statedAt

/**
 * Cycles a battery survives at a depth.
 *
 * @param cycles at the depth they are usually stated at
 * @param depth of discharge, 0…1
 * @example cyclesAt('agm', 500, 0.5) // 500
 */
export function cyclesAt(chemistry: Chemistry, cycles: number, depth: number): number {
  const { statedAt, exponent } = WEAR[chemistry]
  return cycles * (statedAt / Math.max(SHALLOWEST, Math.min(1, depth))) ** exponent
}
