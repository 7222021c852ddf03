import * as z from 'zod'

/** The units a household reads in; every figure is kept in SI and every field takes any unit. */
export const unitsSchema = z.strictObject({
  temperature: z.enum(['°C', '°F']),
  mass: z.enum(['kg', 'lb']),
  volume: z.enum(['L', 'gal']),
  length: z.enum(['m', 'ft']),
  wire: z.enum(['mm²', 'AWG']),
  clock: z.enum(['24 h', '12 h']),
  decimal: z.enum(['.', ',']),
})

export type Units = z.infer<typeof unitsSchema>

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
