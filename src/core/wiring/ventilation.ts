import type { Bank } from '../plan/power'

/** Charging current that makes gas, mA per Ah while boosted. Source: IEC 62485-2 Table 1, from memory. */
const GASSING_MA_PER_AH = { flooded: 20, agm: 8, lifepo4: 0 }
const CELL_V = 2
/** Opening for natural air, cm² per m³/h, on opposite sides of the room. Source: IEC 62485-2, A = 28 · Q. */
const CM2_PER_M3H = 28

/** Ah a bank is rated at, its age not taken off: what its gas is counted by. */
export const ratedAh = ({ battery, parallel }: Bank) => battery.capacityAh.value * parallel

/** Air that keeps what a bank gives off while it charges below what can explode. */
export interface Ventilation {
  m3PerH: number
  /** of each of two openings, in and out */
  openingCm2: number
}

/**
 * Source: IEC 62485-2 (EN 50272-2), Q = 0.05 · n · I_gas · C_rt · 10⁻³ m³/h, with n cells in series and C_rt the rated capacity:
 * an aged bank gives less and gasses as much.
 *
 * @example 4 × 12 V 100 Ah flooded, 2 in series and 2 beside: 12 cells, 200 Ah // 2.4 m³/h, 67.2 cm²
 */
export function ventilationOf(bank: Bank): Ventilation {
  const cells = Math.round((bank.battery.volts * bank.series) / CELL_V)
  const m3PerH = 0.05 * cells * GASSING_MA_PER_AH[bank.battery.chemistry] * ratedAh(bank) * 1e-3
  return { m3PerH, openingCm2: CM2_PER_M3H * m3PerH }
}
