import type { Panel } from '../plan/refill'

/**
 * Factors by which the open-circuit volts of crystalline silicon rise in the cold, by the coldest of each
 * band. Source: NEC Table 690.7(A), from memory.
 */
const TABLE: readonly [downToC: number, factor: number][] = [
  [20, 1.02],
  [15, 1.04],
  [10, 1.06],
  [5, 1.08],
  [0, 1.1],
  [-5, 1.12],
  [-10, 1.14],
  [-15, 1.16],
  [-20, 1.18],
  [-25, 1.2],
  [-30, 1.21],
  [-35, 1.23],
  [-40, 1.25],
]
/** Cells of a panel's label, °C. */
export const RATED_C = 25

/** The table's factor at a temperature; 1 from 25 °C up, the last one below −40 °C. */
export function tableFactor(celsius: number): number {
  if (celsius >= RATED_C) return 1
  return (TABLE.find(([downToC]) => celsius >= downToC) ?? TABLE[TABLE.length - 1])[1]
}

/** The factor by the panel's own coefficient: 1 + (T − 25) · coefficient. */
export const coefficientFactor = ({ vocPerK }: Pick<Panel, 'vocPerK'>, celsius: number) =>
  1 + (celsius - RATED_C) * vocPerK
