import type { Battery } from '@/core/plan/power'
import type { Chemistry } from '@/core/plan/limits'
import { quantity } from '@/core/quantity/quantity'

export interface BatteryClass {
  id: string
  battery: Battery
}

/**
 * Blocks a bank is built of, as such things are usually sold: ratings from memory, prices made up in
 * proportion. Peukert's exponent: about 1.1 for AGM, 1.25 for flooded, 1.03 for LiFePO4 (from memory).
 */
function block(
  id: string,
  name: string,
  chemistry: Chemistry,
  figures: { volts: number; ah: number; mOhm: number; cycles: number; kg: number; price: number },
): BatteryClass {
  const { volts, ah, mOhm, cycles, kg, price } = figures
  const peukert = { lifepo4: 1.03, agm: 1.1, flooded: 1.25 }[chemistry]
  return {
    id,
    battery: {
      name,
      chemistry,
      volts,
      capacityAh: quantity(ah, 'Ah', 'label', { times: chemistry === 'lifepo4' ? 1.04 : 1.1 }),
      rateH: chemistry === 'lifepo4' ? 5 : 20,
      peukert: quantity(peukert, '1', 'typical', { plusMinus: chemistry === 'lifepo4' ? 0.01 : 0.04 }),
      internalOhm: quantity(mOhm / 1000, 'Ω', 'typical', { times: 1.5 }),
      cycles,
      agedFraction: 0,
      ownCutOffV: chemistry === 'lifepo4' ? Math.round((volts / 12.8) * 100) / 10 : null,
      weightKg: kg,
      price,
    },
  }
}

export const BATTERIES: readonly BatteryClass[] = [
  block('lfp-12-50', '12.8 V 50 Ah LiFePO4', 'lifepo4', {
    volts: 12.8,
    ah: 50,
    mOhm: 12,
    cycles: 3500,
    kg: 6,
    price: 170,
  }),
  block('lfp-12-100', '12.8 V 100 Ah LiFePO4', 'lifepo4', {
    volts: 12.8,
    ah: 100,
    mOhm: 8,
    cycles: 3500,
    kg: 11,
    price: 290,
  }),
  block('lfp-12-200', '12.8 V 200 Ah LiFePO4', 'lifepo4', {
    volts: 12.8,
    ah: 200,
    mOhm: 5,
    cycles: 3500,
    kg: 22,
    price: 560,
  }),
  block('lfp-24-100', '25.6 V 100 Ah LiFePO4', 'lifepo4', {
    volts: 25.6,
    ah: 100,
    mOhm: 12,
    cycles: 3500,
    kg: 22,
    price: 570,
  }),
  block('lfp-48-100', '51.2 V 100 Ah LiFePO4', 'lifepo4', {
    volts: 51.2,
    ah: 100,
    mOhm: 20,
    cycles: 4000,
    kg: 42,
    price: 1080,
  }),
  block('agm-12-55', '12 V 55 Ah AGM', 'agm', {
    volts: 12,
    ah: 55,
    mOhm: 8,
    cycles: 500,
    kg: 17,
    price: 120,
  }),
  block('agm-12-110', '12 V 110 Ah AGM', 'agm', {
    volts: 12,
    ah: 110,
    mOhm: 5,
    cycles: 500,
    kg: 31,
    price: 240,
  }),
  block('flooded-12-100', '12 V 100 Ah deep-cycle, flooded', 'flooded', {
    volts: 12,
    ah: 100,
    mOhm: 7,
    cycles: 400,
    kg: 25,
    price: 130,
  }),
  block('flooded-6-225', '6 V 225 Ah deep-cycle, flooded', 'flooded', {
    volts: 6,
    ah: 225,
    mOhm: 3,
    cycles: 750,
    kg: 28,
    price: 170,
  }),
]
