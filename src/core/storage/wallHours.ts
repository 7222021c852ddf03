import type { Source } from '../plan/power'
import { refillHours } from './bank'

/** Charger's efficiency, and what the taper near full adds. Common practice, no source. */
export const CHARGER_EFFICIENCY = 0.9
export const TAPER_FACTOR = 1.1

/**
 * Hours from its reserve to full at the wall: a bank by its charger's amps, a station by its AC input,
 * t = E · 1.1 ÷ (0.9 · P).
 *
 * @param used share of the capacity to bring back; all above the reserve unless given
 * @returns Infinity without a charger; null where nothing is known of one
 */
export function wallHours(source: Source, used = 1 - source.reserveFraction.value): number | null {
  if (source.bank) return refillHours(source.bank, used)
  const watts = source.outfit?.input.acW ?? 0
  return watts > 0 ? (source.capacityWh.value * used * TAPER_FACTOR) / (CHARGER_EFFICIENCY * watts) : null
}
