import type { Source } from '../plan/power'
import { deliverableWh, middlePath } from '../conversion/loss'
import { cyclesAt } from '../storage/cycleLife'

/** Cycles of a battery that says nothing of them. From memory: what LiFePO4 is usually sold as. */
const USUAL_CYCLES = 2500
/** Watts at which what reaches the outlets is counted: a fair load. Common practice, no source. */
const FAIR_SHARE = 0.1

/**
 * What a kWh at the outlets costs over the life of the battery: price ÷ (cycles × usable kWh).
 *
 * @returns in the household's currency; null when the price is not known or nothing has to be paid
 */
export function pricePerLifeKwh(source: Source): number | null {
  if (!source.price) return null
  const usableKwh = deliverableWh(middlePath(source), fairWatts(source)) / 1000
  return usableKwh > 0 ? source.price / (lifeCycles(source) * usableKwh) : null
}

/** Cycles its battery survives, at the depth chosen for a bank, else as its label says or as usual. */
export function lifeCycles({ bank, outfit, reserveFraction }: Source): number {
  if (!bank) return outfit?.cycles ?? USUAL_CYCLES
  return cyclesAt(bank.battery.chemistry, bank.battery.cycles, 1 - reserveFraction.value)
}

/** Watts at the outlets that count as a fair load. */
export const fairWatts = (source: Source) => Math.max(1, source.continuousW.value * FAIR_SHARE)

/** How many outages' spoiled food a price is worth; null where the household set no value on it. */
export function outagesOfFood(price: number, foodValue: number | undefined): number | null {
  return foodValue ? price / foodValue : null
}
