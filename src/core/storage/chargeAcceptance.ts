import type { Chemistry } from '../plan/limits'

/**
 * How a chemistry takes a charge: at full rate until a state of charge, then ever less. Shares of capacity
 * an hour. From memory: LiFePO4 constant power to about 95 %, lead-acid bulk to about 80 % and absorption
 * after that; energy that comes back of what goes in.
 */
const CHARGING: Record<
  Chemistry,
  { ratePerH: number; fullRateTo: number; endShare: number; efficiency: number }
> = {
  lifepo4: { ratePerH: 0.5, fullRateTo: 0.95, endShare: 0.1, efficiency: 0.97 },
  agm: { ratePerH: 0.25, fullRateTo: 0.8, endShare: 0.06, efficiency: 0.88 },
  flooded: { ratePerH: 0.2, fullRateTo: 0.8, endShare: 0.06, efficiency: 0.83 },
}

/** Energy that comes back of energy that goes in. */
export const chargeEfficiency = (chemistry: Chemistry) => CHARGING[chemistry].efficiency

/** Coldest its cells may be charged, °C; lead-acid takes charge in any cold, ever more slowly. */
export const coldestChargeC = (chemistry: Chemistry) => (chemistry === 'lifepo4' ? 0 : -Infinity)

/** Watts it takes until the taper begins, and the watt-hours at which it does. */
export function fullRate(chemistry: Chemistry, capacityWh: number): { watts: number; untilWh: number } {
  const { ratePerH, fullRateTo } = CHARGING[chemistry]
  return { watts: ratePerH * capacityWh, untilWh: fullRateTo * capacityWh }
}

/**
 * Watts a battery takes at a state of charge, at most: its full rate, then in a falling exponential to a
 * small share of it when full.
 *
 * @param fraction state of charge, 0…1
 */
export function acceptedW(chemistry: Chemistry, capacityWh: number, fraction: number): number {
  const { ratePerH, fullRateTo, endShare } = CHARGING[chemistry]
  const fullW = ratePerH * capacityWh
  if (fraction <= fullRateTo) return fullW
  return fullW * endShare ** Math.min(1, (fraction - fullRateTo) / (1 - fullRateTo))
}
