/** What each unit of a household may be, the metric one first. */
export const UNIT_CHOICES = {
  temperature: ['°C', '°F'],
  mass: ['kg', 'lb'],
  volume: ['L', 'gal'],
  length: ['m', 'ft'],
  wire: ['mm²', 'AWG'],
  clock: ['24 h', '12 h'],
  decimal: ['.', ','],
} as const

/** The units a household reads in; every figure is kept in SI and every field takes any unit. */
export type Units = { [Name in keyof typeof UNIT_CHOICES]: (typeof UNIT_CHOICES)[Name][number] }

/** The two usual sets. */
export const UNITS_OF: Readonly<Record<'metric' | 'us', Units>> = {
  metric: {
    temperature: '°C',
    mass: 'kg',
    volume: 'L',
    length: 'm',
    wire: 'mm²',
    clock: '24 h',
    decimal: '.',
  },
  us: {
    temperature: '°F',
    mass: 'lb',
    volume: 'gal',
    length: 'ft',
    wire: 'AWG',
    clock: '12 h',
    decimal: '.',
  },
}
