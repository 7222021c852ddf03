import type { Outfit, Source } from '@/core/plan/power'
import { quantity } from '@/core/quantity/quantity'

/** W of AC charge and the panels' window a station that says nothing more is likely to have; to be replaced by its label's. */
export const USUAL_WINDOW = { lowV: 12, highV: 50, amps: 10, watts: 400 }
const CHARGE_PER_H = 0.2

/** Specifications of a source of which nothing is known but that it has outlets: two of them, no panels, no direct current. */
export const plainOutfit = (source: Pick<Source, 'capacityWh'>): Outfit => ({
  outlets: { count: 2, ampsEach: 15 },
  dc: null,
  legW: null,
  expansion: null,
  input: { acW: Math.round(source.capacityWh.value * CHARGE_PER_H), solar: null, dcW: 0 },
  passThrough: true,
  suppliesWhileCharging: true,
  transferMs: null,
  withGridW: null,
  chargeC: { lowC: 0, highC: 45 },
  dischargeC: { lowC: -10, highC: 45 },
  hotDerating: null,
  cycles: 1000,
  warrantyYears: 2,
  sleep: null,
})

/** Direct-current outputs a station usually has. */
export const USUAL_DC = {
  socketW: 120,
  usbW: 100,
  efficiencyFraction: quantity(0.88, '1', 'typical', { plusMinus: 0.04 }),
}
