import type { Panel, PanelArray } from '../plan/refill'

/** Cell temperature by NOCT: Tc = Ta + (NOCT − 20) ÷ 800 · G. Source: common in the PVWatts manual and data sheets. */
export const cellC = (airC: number, planeW: number, { noctC }: Pick<Panel, 'noctC'>) =>
  airC + ((noctC - 20) / 800) * planeW

/**
 * Direct-current watts of an array: P = P_stc · G ÷ 1000 · (1 + γ·(Tc − 25)) · (1 − losses).
 * Source: PVWatts Version 5, NREL/TP-6A20-62641, eq. 8 and the system losses beside it.
 *
 * @param planeW irradiance on the plane, W/m²
 */
export function arrayW(
  { panel, series, parallel, lossFraction }: PanelArray,
  planeW: number,
  airC: number,
): number {
  const hot = 1 + panel.wattsPerK * (cellC(airC, planeW, panel) - 25)
  return Math.max(0, panel.watts * series * parallel * (planeW / 1000) * hot * (1 - lossFraction))
}

/** Volts of a string at full power with its cells at a temperature; Vmp moves about as Voc does. */
export const stringVmp = ({ panel, series }: Pick<PanelArray, 'panel' | 'series'>, cell: number) =>
  panel.vmpV * series * (1 + panel.vocPerK * 1.1 * (cell - 25))
