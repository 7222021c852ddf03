import { formatNumber } from './format'
import type { Units } from '@/core/quantity/units'
import type { MeasureKind } from '@/core/reading/measureRules'
import { shownUnitOf } from '@/core/reading/shownUnit'

const KEPT = { temperature: '°C', weight: 'kg', volume: 'L', fuel: 'L', length: 'm' } as const

function inUnits(kind: MeasureKind & keyof typeof KEPT, value: number, units: Units, digits: number): string {
  const shownIn = shownUnitOf(kind, units)
  return `${formatNumber(shownIn ? shownIn.ofKept(value) : value, digits)} ${shownIn?.unit ?? KEPT[kind]}`
}

/** A temperature in the household's unit. @example formatTemperature(-18, UNITS_OF.us) // "0 °F" */
export const formatTemperature = (celsius: number, units: Units, digits = 0): string =>
  inUnits('temperature', celsius, units, digits)

/** A range of temperatures. @example formatTemperatures(-20, 60, UNITS_OF.metric) // "−20 to 60 °C" */
export const formatTemperatures = (lowC: number, highC: number, units: Units): string =>
  `${formatTemperature(lowC, units).replace(/ .*$/, '')} to ${formatTemperature(highC, units)}`

/** A step of temperature. @example formatDegrees(2, UNITS_OF.us) // "3.6 °F" */
export const formatDegrees = (kelvin: number, units: Units): string =>
  `${formatNumber(units.temperature === '°F' ? kelvin * 1.8 : kelvin, 1)} ${units.temperature}`

/** A mass in the household's unit. @example formatMass(24, UNITS_OF.us) // "53 lb" */
export const formatMass = (kg: number, units: Units, digits = 0): string =>
  inUnits('weight', kg, units, digits)

/** A volume in the household's unit. @example formatVolume(19, UNITS_OF.us) // "5 gal" */
export const formatVolume = (litres: number, units: Units, digits = 0): string =>
  inUnits('volume', litres, units, digits)

/** A length in the household's unit. @example formatLength(7.62, UNITS_OF.us) // "25 ft" */
export const formatLength = (metres: number, units: Units, digits = units.length === 'ft' ? 0 : 1): string =>
  inUnits('length', metres, units, digits)

/** An opening, rounded up: less would not do. @example formatOpening(67.2, UNITS_OF.us) // "11 sq in" */
export function formatOpening(cm2: number, units: Units): string {
  const shownIn = shownUnitOf('opening', units)
  return `${formatNumber(Math.ceil(shownIn ? shownIn.ofKept(cm2) : cm2))} ${shownIn?.unit ?? 'cm²'}`
}
