import type { PanelArray } from '../plan/refill'
import { clearSkyW, onPlane, splitGlobal } from '../weather/irradiance'
import { solarPosition } from '../weather/solarPosition'
import { arrayW } from './panelOutput'

/** Where and in what air panels stand. */
export interface Site {
  latitudeDeg: number
  longitudeDeg: number
}

const STEP_MIN = 30
const DAY_MS = 86_400_000

/**
 * Wh an array gives in a day, before any input's limit.
 *
 * @param dayMs midnight UTC of the day
 * @param share of clear-sky light
 * @param airC mean air temperature by day
 */
export function dayWh(array: PanelArray, site: Site, dayMs: number, share: number, airC: number): number {
  let wh = 0
  // the sun's own day: midnight at the place
  const start = dayMs - (site.longitudeDeg / 360) * DAY_MS
  for (let minute = STEP_MIN / 2; minute < 1440; minute += STEP_MIN) {
    const sun = solarPosition(start + minute * 60_000, site.latitudeDeg, site.longitudeDeg)
    if (sun.zenithDeg >= 90) continue
    const light = splitGlobal(clearSkyW(sun.zenithDeg) * share, sun)
    const planeW = onPlane(light, sun, array, isBehindHorizon(array, sun.azimuthDeg, 90 - sun.zenithDeg))
    wh += (arrayW(array, planeW, airC) * STEP_MIN) / 60
  }
  return wh
}

/** Whether something stands before the sun. */
export function isBehindHorizon(
  { horizon }: Pick<PanelArray, 'horizon'>,
  azimuthDeg: number,
  heightDeg: number,
) {
  return horizon.some(({ fromDeg, toDeg, heightDeg: up }) => {
    const inside =
      fromDeg <= toDeg
        ? azimuthDeg >= fromDeg && azimuthDeg <= toDeg
        : azimuthDeg >= fromDeg || azimuthDeg <= toDeg
    return inside && heightDeg < up
  })
}

/** Midnight UTC of the 15th of a month, 1…12. */
export const middleOfMonth = (month: number, year = 2027) => Date.UTC(year, month - 1, 15)

/** Rough mean of the air by day at a latitude and month, °C, where nothing better is known. From memory. */
function usualAirC(latitudeDeg: number, month: number): number {
  const summer = latitudeDeg >= 0 ? 7 : 1
  const yearly = 27 - 0.5 * Math.abs(latitudeDeg)
  const swing = 0.28 * Math.abs(latitudeDeg)
  return yearly + swing * Math.cos(((month - summer) / 6) * Math.PI)
}

/** Wh a day in the middle of each month. */
export function monthsWh(array: PanelArray, site: Site, share: number): number[] {
  return Array.from({ length: 12 }, (_, i) =>
    dayWh(array, site, middleOfMonth(i + 1), share, usualAirC(site.latitudeDeg, i + 1)),
  )
}

/** The tilt, whole degrees, that gives most on a clear day of a month. */
export function bestTilt(array: PanelArray, site: Site, month: number): number {
  const airC = usualAirC(site.latitudeDeg, month)
  const at = (tiltDeg: number) => dayWh({ ...array, tiltDeg }, site, middleOfMonth(month), 1, airC)
  let best = 0
  for (let tilt = 0; tilt <= 90; tilt += 5) if (at(tilt) > at(best)) best = tilt
  const near = [-4, -3, -2, -1, 0, 1, 2, 3, 4].map((step) => Math.min(90, Math.max(0, best + step)))
  return near.reduce((a, b) => (at(b) > at(a) ? b : a))
}

/**
 * Panels of an array's kind that bring back an energy on one day.
 *
 * @returns a whole number; Infinity where a day brings next to nothing
 */
export function panelsFor(
  wantedWh: number,
  array: PanelArray,
  site: Site,
  month: number,
  share: number,
): number {
  const one = dayWh(
    { ...array, series: 1, parallel: 1 },
    site,
    middleOfMonth(month),
    share,
    usualAirC(site.latitudeDeg, month),
  )
  return one < array.panel.watts * 0.02 ? Infinity : Math.ceil(wantedWh / one)
}
