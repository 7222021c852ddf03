import * as z from 'zod'
import type { Unit } from '../quantity/quantity'
import { type BoundPath, boundOf } from './bounds'
import { quantityOf } from './fields'

/** A plain number within its bounds, for the schema. */
export function bounded(path: BoundPath): z.ZodNumber {
  const { low, high, isWhole } = boundOf(path)
  const number = z.number().min(low).max(high)
  return isWhole ? number.int() : number
}

/** A quantity whose value lies within its bounds, for the schema. */
export function boundedQuantity<U extends Unit>(unit: U, path: BoundPath) {
  const { low, high } = boundOf(path)
  return quantityOf(unit, low, high)
}
