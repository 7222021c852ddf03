import * as z from 'zod'
import { bounded } from './bounded'
import { idSchema, name, note } from './fields'
import { LIMITS } from './limits'
import {
  ALIKE,
  CONNECTIONS,
  GENERATOR_PLACES,
  MOST_WIRING,
  NEEDS,
  NEUTRALS,
  PLUGS,
  ROUTES,
  STANDS,
  TRANSFERS,
} from './wiringLimits'

/** How a household connects things. What is not said is missing: nothing is taken for granted that could hurt. */

/** Millimetres squared of copper; null: not bought yet. */
const area = bounded('wire.areaMm2').nullable()

export const cordSchema = z.strictObject({
  id: idSchema,
  name,
  areaMm2: area,
  lengthM: bounded('cord.lengthM'),
  /** a strip with several outlets at its end; a plain cord unless said */
  isStrip: z.boolean().optional(),
  /** left on its reel or in a coil while it is used */
  isCoiled: z.boolean().optional(),
  /** the cord it is plugged into; the source unless said */
  fromCordId: idSchema.optional(),
  route: z.enum(ROUTES).optional(),
})

export const loadWiringSchema = z.strictObject({
  loadId: idSchema,
  /** by what the load is unless said */
  connection: z.enum(CONNECTIONS).optional(),
  cordId: idSchema.optional(),
  /** of the lead of a load on direct current */
  lead: z.strictObject({ areaMm2: area, lengthM: bounded('cord.lengthM') }).optional(),
  /** of a load on direct current: as its own supply has it */
  plug: z.enum(PLUGS).optional(),
  /** V the device itself wants; what its feed gives unless said */
  deviceV: bounded('lead.deviceV').optional(),
  /** share of its watts that a converter before the device passes on; usual where its volts are others, none unless said */
  converterFraction: bounded('source.efficiencyFraction').optional(),
  /** plugged into an outlet with ground-fault protection */
  isGroundFaultProtected: z.boolean().optional(),
  /** has a battery of its own for the gap of a switch-over */
  hasOwnBattery: z.boolean().optional(),
  /** another source stands ready for it: a second battery, a spare from the supplier */
  hasSecondSource: z.boolean().optional(),
})

export const sourceWiringSchema = z.strictObject({
  powerSystemId: idSchema,
  sourceId: idSchema,
  neutral: z.enum(NEUTRALS).optional(),
  stands: z.enum(STANDS).optional(),
  /** of its lowest part above the floor */
  aboveFloorM: bounded('source.aboveFloorM').optional(),
  /** between battery and inverter, one way */
  cable: z
    .strictObject({
      areaMm2: area,
      lengthM: bounded('cable.lengthM'),
      /** two of them beside each other, plus and minus */
      isDouble: z.boolean().optional(),
    })
    .optional(),
  fuse: z
    .strictObject({
      ratedA: bounded('fuse.ratedA'),
      /** the most it can interrupt */
      interruptingA: bounded('fuse.interruptingA').optional(),
      /** from the battery's terminal */
      awayM: bounded('fuse.awayM').optional(),
    })
    .nullable()
    .optional(),
  hasDisconnect: z.boolean().optional(),
  /** of strings in parallel, each with a fuse of its own */
  hasStringFuses: z.boolean().optional(),
  /** the batteries of a bank beside each other */
  batteriesAre: z.enum(ALIKE).optional(),
  /** the oldest and the newest of them were bought so far apart */
  boughtApartMonths: bounded('source.boughtApartMonths').optional(),
  /** opening of the room to outside, cm², where batteries that gas are charged */
  ventCm2: bounded('source.ventCm2').optional(),
})

export const houseWiringSchema = z.strictObject({
  transfer: z.enum(TRANSFERS).optional(),
  generatorPlace: z.enum(GENERATOR_PLACES).optional(),
  /** from the nearest door, window or vent */
  generatorAwayM: bounded('generator.awayM').optional(),
  generatorNeutral: z.enum(NEUTRALS).optional(),
  generatorCord: z.strictObject({ areaMm2: area, lengthM: bounded('cord.lengthM') }).optional(),
  carPlace: z.enum(GENERATOR_PLACES).optional(),
  /** jumper cables to the car, one way */
  carCable: z.strictObject({ areaMm2: area, lengthM: bounded('cable.lengthM') }).optional(),
  monoxideAlarms: bounded('house.alarms').optional(),
  smokeAlarms: bounded('house.alarms').optional(),
  /** fuel is kept inside the house or an attached garage */
  keepsFuelIndoors: z.boolean().optional(),
  fuelAgeMonths: bounded('house.fuelAgeMonths').optional(),
  hasSurgeProtector: z.boolean().optional(),
  hasStairs: z.boolean().optional(),
})

/** A pit that fills while its pump has no power. */
export const pitSchema = z.strictObject({
  loadId: idSchema,
  areaM2: bounded('pit.areaM2'),
  /** from the level at which the pump starts to where it runs over */
  toRimM: bounded('pit.toRimM'),
  /** L/h into it in the rain its pump was known in; by the pump's figures unless said */
  inflowLH: bounded('pit.inflowLH').optional(),
})

/** Something that suffers after so many hours without its load. */
export const needSchema = z.strictObject({
  id: idSchema,
  kind: z.enum(NEEDS),
  name,
  /** the load that keeps it; it stands for itself unless said */
  loadId: idSchema.optional(),
  hours: bounded('need.hours'),
})

export const riskSchema = z.strictObject({
  /** hours in which the house loses 63 % of its warmth */
  timeConstantH: bounded('house.timeConstantH').optional(),
  /** measured in a cooling night rather than guessed */
  isMeasured: z.boolean().optional(),
  /** water pipes in outer walls or unheated rooms */
  hasWaterPipes: z.boolean().optional(),
  pits: z.array(pitSchema).max(MOST_WIRING.needs).optional(),
  needs: z.array(needSchema).max(MOST_WIRING.needs).optional(),
})

/** A finding the household has read and answered; it comes back when what it was found in changes. */
const acknowledgedSchema = z.strictObject({
  finding: z.string().min(1).max(200),
  /** the facts it was found in, as one text */
  facts: z.string().max(400),
  note,
})

export const wiringSchema = z.strictObject({
  cords: z.array(cordSchema).max(MOST_WIRING.cords).optional(),
  loads: z.array(loadWiringSchema).max(LIMITS.loads).optional(),
  sources: z
    .array(sourceWiringSchema)
    .max(LIMITS.powerSystems * LIMITS.sources)
    .optional(),
  house: houseWiringSchema.optional(),
  risk: riskSchema.optional(),
  acknowledged: z.array(acknowledgedSchema).max(MOST_WIRING.acknowledged).optional(),
  /** what parts cost here, in the household's currency */
  prices: z
    .array(z.strictObject({ part: z.string().min(1).max(80), price: bounded('source.price') }))
    .max(MOST_WIRING.parts)
    .optional(),
})

export type Cord = z.infer<typeof cordSchema>
export type LoadWiring = z.infer<typeof loadWiringSchema>
export type SourceWiring = z.infer<typeof sourceWiringSchema>
export type HouseWiring = z.infer<typeof houseWiringSchema>
export type Pit = z.infer<typeof pitSchema>
export type Need = z.infer<typeof needSchema>
export type Risk = z.infer<typeof riskSchema>
export type Wiring = z.infer<typeof wiringSchema>
