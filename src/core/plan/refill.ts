import * as z from 'zod'
import { bounded } from './bounded'
import { dayWindowSchema } from './dayWindow'
import { idSchema, name } from './fields'
import { LIMITS } from './limits'

/** What refills a power system: panels, a generator, a car. Settings and label values carry their unit in the name. */

const watts = bounded('generator.surgeW')
const litres = bounded('generator.onHandL')

/** A panel as its label says, at standard test conditions. */
export const panelSchema = z.strictObject({
  watts: bounded('panel.watts'),
  vocV: bounded('panel.volts'),
  vmpV: bounded('panel.volts'),
  iscA: bounded('panel.amps'),
  impA: bounded('panel.amps'),
  /** change of Voc and of watts per kelvin, as a share; negative */
  vocPerK: z.number().min(-0.01).max(0),
  wattsPerK: z.number().min(-0.01).max(0),
  /** cell temperature at 800 W/m² and 20 °C */
  noctC: z.number().min(30).max(70),
})

/** What a string may be connected to. */
export const inputWindowSchema = z.strictObject({
  lowV: bounded('window.lowV'),
  highV: bounded('window.highV'),
  amps: bounded('window.amps'),
  watts: bounded('window.watts'),
})

export const panelArraySchema = z.strictObject({
  id: idSchema,
  name,
  on: z.boolean(),
  panel: panelSchema,
  series: bounded('array.series'),
  parallel: bounded('array.parallel'),
  tiltDeg: bounded('array.tiltDeg'),
  /** from north, clockwise: 180 is south */
  azimuthDeg: bounded('array.azimuthDeg'),
  /** what stands before the sun: between two azimuths, up to a height */
  horizon: z
    .array(
      z.strictObject({
        fromDeg: bounded('array.azimuthDeg'),
        toDeg: bounded('array.azimuthDeg'),
        heightDeg: bounded('array.tiltDeg'),
      }),
    )
    .max(12),
  /** hours of the day in which it lies in shade */
  shade: z.array(dayWindowSchema).max(LIMITS.windows),
  /** dirt, wires, mismatch, age */
  lossFraction: bounded('array.lossFraction'),
  /** a charge controller of its own; null: straight into the station */
  controller: z.strictObject({ kind: z.enum(['MPPT', 'PWM']), ...inputWindowSchema.shape }).nullable(),
})

export const generatorSchema = z.strictObject({
  name,
  on: z.boolean(),
  ratedW: bounded('generator.ratedW'),
  surgeW: watts,
  /** litres an hour without load and at rated watts */
  idleLPerH: bounded('generator.idleLPerH'),
  fullLPerH: bounded('generator.fullLPerH'),
  tankL: bounded('generator.tankL'),
  onHandL: litres,
  /** minutes from the wish to the first watt */
  startDelayMin: bounded('generator.startDelayMin'),
  /** hours in which it must not run */
  quiet: z.array(dayWindowSchema).max(LIMITS.windows),
})

export const carSchema = z.strictObject({
  name,
  on: z.boolean(),
  /** how it gives: its 12 V socket, cables to the alternator, an inverter, an electric car's outlet */
  way: z.enum(['12 V socket', 'alternator', 'inverter', 'electric']),
  /** rated amps of the alternator, where cables take from it; its watts follow */
  alternatorA: bounded('car.alternatorA').optional(),
  watts: bounded('car.watts'),
  idleLPerH: bounded('car.idleLPerH'),
  onHandL: litres,
  /** electric: what its battery holds, and the share that stays for driving */
  batteryWh: bounded('car.batteryWh'),
  floorFraction: bounded('car.floorFraction'),
  /** electric: how full it is as the outage begins; full unless said */
  chargedFraction: bounded('car.chargedFraction').optional(),
  /** W of a step-up (DC to DC) charger between its 12 V and a bank of more volts; none unless said */
  stepUpW: bounded('car.stepUpW').optional(),
  /** W its 12 V system gives for hours: alternator at idle, or the converter of a hybrid or electric car; no limit unless said */
  systemW: bounded('car.systemW').optional(),
})

export const refillSchema = z.strictObject({
  /** the coldest it has been at the place: sets the highest volts of a string */
  recordLowC: bounded('refill.recordLowC').nullable(),
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
