import type { Chemistry } from '../plan/limits'

/** How a battery takes a charge: at full rate until a state of charge, then ever less. */
export interface Charging {
  /** share of capacity an hour */
  ratePerH: number
  /** state of charge, 0…1 */
  fullRateTo: number
  /** share of the full rate it takes when full */
  endShare: number
  /** energy that comes back of energy that goes in */
  efficiency: number
}

/** From memory: LiFePO4 constant power to about 95 %, lead-acid bulk to about 80 % and absorption after that. */
const CHARGING: Record<Chemistry, Charging> = {
  lifepo4: { ratePerH: 0.5, fullRateTo: 0.95, endShare: 0.1, efficiency: 0.97 },
  agm: { ratePerH: 0.25, fullRateTo: 0.8, endShare: 0.06, efficiency: 0.88 },
  flooded: { ratePerH: 0.2, fullRateTo: 0.8, endShare: 0.06, efficiency: 0.83 },
}

/** Of a chemistry; to be looked up once, not at every step: its name comes with the plan, and finding by such a name is slow. */
export const chargingOf = (chemistry: Chemistry): Charging => CHARGING[chemistry]

/** Coldest its cells may be charged, °C; lead-acid takes charge in any cold, ever more slowly. */
export const coldestChargeC = (chemistry: Chemistry) => (chemistry === 'lifepo4' ? 0 : -Infinity)

/** Watts it takes until the taper begins, and the watt-hours at which it does. */
export function fullRate(
  { ratePerH, fullRateTo }: Charging,
  capacityWh: number,
): { watts: number; untilWh: number } {
  return { watts: ratePerH * capacityWh, untilWh: fullRateTo * capacityWh }
}

/**
 * Watts a battery takes at a state of charge, at most: its full rate, then in a falling exponential to a
 * small share of it when full.
 *
 * @param fraction state of charge, 0…1
 */
export function acceptedW(
  { ratePerH, fullRateTo, endShare }: Charging,
  capacityWh: number,
  fraction: number,
): number {
  const fullW = ratePerH * capacityWh
  if (fraction <= fullRateTo) return fullW
  return fullW * endShare ** Math.min(1, (fraction - fullRateTo) / (1 - fullRateTo))
}
