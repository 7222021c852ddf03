import type { Chemistry } from '../plan/limits'

/**
 * Share of its rated capacity a battery gives at a temperature.
 *
 * Lead-acid by the cell-size correction of IEEE 485 and IEEE 1013, of which this is the inverse: 1.00 at
 * 25 °C, 1.30 at 40 °F (the printed rows by 5 °F down to 25 °F, from memory; colder ones and LiFePO4 rounded from
 * memory).
 */
const TABLE: Record<'lead-acid' | 'lifepo4', readonly (readonly [celsius: number, share: number])[]> = {
  'lead-acid': [
    [-30, 0.4],
    [-18, 0.52],
    [-3.9, 1 / 1.52],
    [-1.1, 1 / 1.43],
    [1.7, 1 / 1.35],
    [4.4, 1 / 1.3],
    [7.2, 1 / 1.25],
    [10, 1 / 1.19],
    [12.8, 1 / 1.15],
    [15.6, 1 / 1.11],
    [18.3, 1 / 1.08],
    [21.1, 1 / 1.04],
    [25, 1],
  ],
  lifepo4: [
    [-30, 0.45],
    [-20, 0.65],
    [-10, 0.8],
    [0, 0.92],
    [10, 0.97],
    [20, 1],
  ],
}

/** @returns 0…1, linear between the points and level beyond them */
export function coldCapacity(chemistry: Chemistry, celsius: number): number {
  const table = TABLE[chemistry === 'lifepo4' ? 'lifepo4' : 'lead-acid']
  const above = table.findIndex(([c]) => c >= celsius)
  if (above < 0) return table[table.length - 1][1]
  if (above === 0) return table[0][1]
  const [c0, s0] = table[above - 1]
  const [c1, s1] = table[above]
  return s0 + ((celsius - c0) / (c1 - c0)) * (s1 - s0)
}
