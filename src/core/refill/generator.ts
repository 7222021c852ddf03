import type { Generator } from '../plan/refill'

/** Loaded less than this share it soots and wastes; common practice, no source. */
export const LOW_LOAD_FRACTION = 0.25

/** Litres an hour at a load: idle + (full − idle) · P ÷ rated, a straight line. */
export const fuelLPerH = ({ idleLPerH, fullLPerH, ratedW }: Generator, watts: number) =>
  idleLPerH + (fullLPerH - idleLPerH) * Math.min(1, Math.max(0, watts / ratedW))

/** Hours the fuel on hand lasts at a load; Infinity where it burns none. */
export function fuelHours(generator: Generator, watts: number): number {
  const litres = fuelLPerH(generator, watts)
  return litres > 0 ? generator.onHandL / litres : Infinity
}

/** Hours on one tank at a load. */
export const tankHours = (generator: Generator, watts: number) =>
  fuelHours({ ...generator, onHandL: generator.tankL }, watts)
