import type { Units } from '../quantity/units'
import type { MeasureKind } from './measureRules'

/** A unit that figures are shown and written in instead of the one they are kept in. */
export interface ShownUnit {
  unit: string
  ofKept: (value: number) => number
  toKept: (value: number) => number
}

const POUND_KG = 0.45359237
const US_GALLON_L = 3.785412

const scaled = (unit: string, keptOfOne: number): ShownUnit => ({
  unit,
  ofKept: (value) => value / keptOfOne,
  toKept: (value) => value * keptOfOne,
})

const FAHRENHEIT: ShownUnit = {
  unit: '°F',
  ofKept: (celsius) => (celsius * 9) / 5 + 32,
  toKept: (fahrenheit) => ((fahrenheit - 32) * 5) / 9,
}
const POUNDS = scaled('lb', POUND_KG)
const GALLONS: Partial<Record<MeasureKind, ShownUnit>> = {
  volume: scaled('gal', US_GALLON_L),
  fuel: scaled('gal', US_GALLON_L),
  flow: scaled('gal/min', US_GALLON_L),
  inflow: scaled('gal/h', US_GALLON_L),
}

const FEET = scaled('ft', 0.3048)
const SQUARE_INCHES = scaled('sq in', 6.4516)
const SQUARE_FEET = scaled('sq ft', 0.09290304)

/** The unit a household reads a kind of figure in; null where that is the one it is kept in. US gallons. */
export function shownUnitOf(kind: MeasureKind, units: Units): ShownUnit | null {
  if (kind === 'temperature') return units.temperature === '°F' ? FAHRENHEIT : null
  if (kind === 'weight') return units.mass === 'lb' ? POUNDS : null
  if (kind === 'length') return units.length === 'ft' ? FEET : null
  if (kind === 'opening') return units.length === 'ft' ? SQUARE_INCHES : null
  if (kind === 'surface') return units.length === 'ft' ? SQUARE_FEET : null
  return units.volume === 'gal' ? (GALLONS[kind] ?? null) : null
}
