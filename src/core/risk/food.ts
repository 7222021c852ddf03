import type { Cycling } from '../plan/schema'

const HOUR = 60

/**
 * Minutes for which food keeps in a closed refrigerator, early, likely and late: 4 h, whatever it is; by its own time
 * constant where that was measured: until it is 4 °C inside, and two hours more.
 * Source: FDA and USDA: 4 h unopened; perishable food above 4 °C (40 °F) for more than 2 h is thrown out.
 */
export function refrigeratorKeeps(behaviour: Cycling, roomC: number): [number, number, number] {
  const box = behaviour.box
  // a room as cold as the box keeps what is in it
  if (roomC <= FOOD_C) return [Infinity, Infinity, Infinity]
  const own = box && ['measured', 'tested'].includes(box.timeConstantH.evidence)
  if (!own) return [3 * HOUR, 4 * HOUR, 6 * HOUR]
  const coldestC = Math.min(behaviour.follows?.setC.value ?? INSIDE_C, INSIDE_C)
  const hours = box.timeConstantH.value * Math.log((roomC - coldestC) / (roomC - FOOD_C)) + ABOVE_H
  return [0.8 * hours * HOUR, hours * HOUR, 1.25 * hours * HOUR]
}

/** What food may become, °C, and for how many hours. */
const FOOD_C = 4
const ABOVE_H = 2
/** A refrigerator's usual inside, °C; its set-point in the plan may be the mean with its freezing part. */
const INSIDE_C = 3

/**
 * Minutes for which food stays frozen in a closed freezer: 48 h when it is full, 24 h when half full, less when nearly empty.
 * Source: FDA and USDA, interpolated by fill; the spread common practice, no source.
 */
export function freezerKeeps(behaviour: Cycling, aroundC: number): [number, number, number] {
  if (aroundC <= FREEZES_C) return [Infinity, Infinity, Infinity]
  const fill = behaviour.box?.fillFraction ?? 0.5
  const hours = Math.max(LEAST_H, 24 + (fill - 0.5) * 48)
  return [0.75 * hours * HOUR, hours * HOUR, 1.25 * hours * HOUR]
}

const FREEZES_C = -4
const LEAST_H = 10
