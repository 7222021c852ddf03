import * as z from 'zod'
import { dayWindowSchema } from './dayWindow'
import { idSchema, name } from './fields'
import { LIMITS } from './limits'

/** What refills a power system: panels, a generator, a car. Settings and label values carry their unit in the name. */

const watts = z.number().min(0).max(50_000)
const litres = z.number().min(0).max(10_000)

/** A panel as its label says, at standard test conditions. */
export const panelSchema = z.strictObject({
  watts: z.number().min(1).max(2000),
  vocV: z.number().min(1).max(200),
  vmpV: z.number().min(1).max(200),
  iscA: z.number().min(0.05).max(50),
  impA: z.number().min(0.05).max(50),
  /** change of Voc and of watts per kelvin, as a share; negative */
  vocPerK: z.number().min(-0.01).max(0),
  wattsPerK: z.number().min(-0.01).max(0),
  /** cell temperature at 800 W/m² and 20 °C */
  noctC: z.number().min(30).max(70),
})

/** What a string may be connected to. */
export const inputWindowSchema = z.strictObject({
  lowV: z.number().min(0).max(1000),
  highV: z.number().min(1).max(1000),
  amps: z.number().min(0).max(200),
  watts: z.number().min(0).max(50_000),
})

export const panelArraySchema = z.strictObject({
  id: idSchema,
  name,
  on: z.boolean(),
  panel: panelSchema,
  series: z.number().int().min(1).max(30),
  parallel: z.number().int().min(1).max(30),
  tiltDeg: z.number().min(0).max(90),
  /** from north, clockwise: 180 is south */
  azimuthDeg: z.number().min(0).max(360),
  /** what stands before the sun: between two azimuths, up to a height */
  horizon: z
    .array(
      z.strictObject({
        fromDeg: z.number().min(0).max(360),
        toDeg: z.number().min(0).max(360),
        heightDeg: z.number().min(0).max(90),
      }),
    )
    .max(12),
  /** hours of the day in which it lies in shade */
  shade: z.array(dayWindowSchema).max(LIMITS.windows),
  /** dirt, wires, mismatch, age */
  lossFraction: z.number().min(0).max(0.9),
  /** a charge controller of its own; null: straight into the station */
  controller: z.strictObject({ kind: z.enum(['MPPT', 'PWM']), ...inputWindowSchema.shape }).nullable(),
})

export const generatorSchema = z.strictObject({
  name,
  on: z.boolean(),
  ratedW: z.number().min(1).max(50_000),
  surgeW: watts,
  /** litres an hour without load and at rated watts */
  idleLPerH: z.number().min(0).max(100),
  fullLPerH: z.number().min(0.01).max(100),
  tankL: z.number().min(0.1).max(1000),
  onHandL: litres,
  /** minutes from the wish to the first watt */
  startDelayMin: z.number().min(0).max(240),
  /** hours in which it must not run */
  quiet: z.array(dayWindowSchema).max(LIMITS.windows),
})

export const carSchema = z.strictObject({
  name,
  on: z.boolean(),
  /** how it gives: its 12 V socket, cables to the alternator, an inverter, an electric car's outlet */
  way: z.enum(['12 V socket', 'alternator', 'inverter', 'electric']),
  /** rated amps of the alternator, where cables take from it; its watts follow */
  alternatorA: z.number().min(10).max(500).optional(),
  watts: z.number().min(1).max(20_000),
  idleLPerH: z.number().min(0).max(20),
  onHandL: litres,
  /** electric: what its battery holds, and the share that stays for driving */
  batteryWh: z.number().min(0).max(300_000),
  floorFraction: z.number().min(0).max(1),
})

export const refillSchema = z.strictObject({
  /** the coldest it has been at the place: sets the highest volts of a string */
  recordLowC: z.number().min(-70).max(30).nullable(),
  panels: z.array(panelArraySchema).max(8),
  generator: generatorSchema.nullable(),
  car: carSchema.nullable(),
})

const stretches = z
  .array(z.strictObject({ fromMin: z.number().min(0).max(40_000), toMin: z.number().min(0).max(40_000) }))
  .max(LIMITS.chargingTimes)

/** When in an outage the generator and the car run, and when the grid comes back for a while; minutes since it began. */
export const chargingTimesSchema = z.strictObject({ generator: stretches, car: stretches, grid: stretches })

export type Panel = z.infer<typeof panelSchema>
export type InputWindow = z.infer<typeof inputWindowSchema>
export type PanelArray = z.infer<typeof panelArraySchema>
export type Generator = z.infer<typeof generatorSchema>
export type Car = z.infer<typeof carSchema>
export type Refill = z.infer<typeof refillSchema>
export type ChargingTimes = z.infer<typeof chargingTimesSchema>
