import { Z_80 } from '../quantity/quantity'
import type { Placed } from './places'

/** The quantities of a load laid out for drawing: many runs ask for them, and none should look a spread up. */
export interface Chances {
  places: Uint8Array
  middles: Float64Array
  /** logarithm per standard normal deviate; 0 where the spread is not multiplicative */
  logPerZ: Float64Array
  /** unit per standard normal deviate */
  perZ: Float64Array
  /** the least a value can be: only temperatures go below 0 */
  floors: Float64Array
}

/** Lays quantities out so that each is drawn exactly as `drawn` does. */
export function chancesOf(placed: readonly Placed[]): Chances {
  const numbers = (value: (quantity: Placed[1]) => number) =>
    Float64Array.from(placed, ([, quantity]) => value(quantity))
  return {
    places: Uint8Array.from(placed, ([place]) => place),
    middles: numbers(({ value }) => value),
    logPerZ: numbers(({ spread }) => ('times' in spread ? Math.log(spread.times) / Z_80 : 0)),
    perZ: numbers(({ spread }) => ('plusMinus' in spread ? spread.plusMinus / Z_80 : 0)),
    floors: numbers(({ unit }) => (unit === '°C' ? -Infinity : 0)),
  }
}
