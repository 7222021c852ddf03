/** What people write for a unit, lower case, and how much of the kept unit it is. */

/** min */
export const TIME = {
  s: 1 / 60,
  sec: 1 / 60,
  second: 1 / 60,
  seconds: 1 / 60,
  min: 1,
  minute: 1,
  minutes: 1,
  m: 1,
  h: 60,
  hr: 60,
  hrs: 60,
  hour: 60,
  hours: 60,
  d: 1440,
  day: 1440,
  days: 1440,
  wk: 10_080,
  week: 10_080,
  weeks: 10_080,
}
/** The same in another kept unit. */
export const scaled = (factors: Record<string, number>, by: number) =>
  Object.fromEntries(Object.entries(factors).map(([unit, factor]) => [unit, factor * by]))

/** m */
export const LENGTH: Record<string, number> = {
  m: 1,
  meter: 1,
  meters: 1,
  metre: 1,
  metres: 1,
  cm: 0.01,
  mm: 0.001,
  km: 1000,
  ft: 0.3048,
  "'": 0.3048,
  '′': 0.3048,
  foot: 0.3048,
  feet: 0.3048,
  in: 0.0254,
  '"': 0.0254,
  '″': 0.0254,
  inch: 0.0254,
  inches: 0.0254,
  yd: 0.9144,
}

/** m² */
export const SURFACE: Record<string, number> = {
  'm²': 1,
  m2: 1,
  'sq m': 1,
  'cm²': 0.0001,
  'ft²': 0.092903,
  ft2: 0.092903,
  'sq ft': 0.092903,
}

/** cm² */
export const OPENING: Record<string, number> = {
  'cm²': 1,
  cm2: 1,
  'sq cm': 1,
  'in²': 6.4516,
  in2: 6.4516,
  'sq in': 6.4516,
  'm²': 10_000,
  m2: 10_000,
}

/** L; US gallons */
export const VOLUME: Record<string, number> = {
  l: 1,
  liter: 1,
  liters: 1,
  litre: 1,
  litres: 1,
  gal: 3.785412,
  gallon: 3.785412,
  gallons: 3.785412,
}

/** kg */
export const WEIGHT: Record<string, number> = {
  kg: 1,
  g: 0.001,
  lb: 0.45359237,
  lbs: 0.45359237,
  pound: 0.45359237,
  pounds: 0.45359237,
}
