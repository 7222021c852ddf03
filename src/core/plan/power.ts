import * as z from 'zod'
import { idSchema, name, note, quantityOf } from './fields'
import { BANK_LIMITS, CHEMISTRIES, LIMITS, SOURCE_KINDS, SURROUNDINGS } from './limits'

/** The power system of a plan: stations, banks of parts, and what else can feed loads. */

const watts = quantityOf('W', 0, 50_000)
const volts = z.union([z.literal(12), z.literal(120), z.literal(230), z.literal(240)])
const price = z.number().min(0).max(1_000_000).nullable()
const weightKg = z.number().min(0).max(2000).nullable()
const celsiusRange = z.strictObject({ lowC: z.number().min(-60).max(60), highC: z.number().min(-60).max(90) })

/** One battery of a bank: a block as it is bought. */
export const batterySchema = z.strictObject({
  name,
  chemistry: z.enum(CHEMISTRIES),
  volts: z.number().min(1).max(100),
  capacityAh: quantityOf('Ah', 1, 5000),
  /** the capacity is stated for a discharge over so many hours */
  rateH: z.number().min(0.5).max(120),
  peukert: quantityOf('1', 1, 1.6),
  internalOhm: quantityOf('Ω', 0, 1),
  /** cycles it survives at the depth they are usually stated at: half of lead-acid, 80 % of LiFePO4 */
  cycles: z.number().min(1).max(20_000),
  /** its own electronics switch it off below so many volts; none unless said */
  ownCutOffV: z.number().min(0).max(100).nullable().optional(),
  /** share of its capacity lost to age */
  agedFraction: z.number().min(0).max(0.9),
  weightKg,
  price,
})

/** What makes mains of a battery. */
export const inverterSchema = z.strictObject({
  name,
  continuousVa: z.number().min(1).max(50_000),
  continuousW: watts,
  surgeW: watts,
  surgeS: quantityOf('s', 0, 60),
  /** marginal: of one more watt */
  efficiencyFraction: quantityOf('1', 0.3, 1),
  /** part of its loss that grows with the square: W lost at rated watts, per rated watt */
  squareLossFraction: z.number().min(0).max(0.3),
  noLoadW: quantityOf('W', 0, 1000),
  /** it sleeps under a few watts, and then feeds nothing */
  search: z
    .strictObject({ belowW: z.number().min(0).max(200), drawsW: z.number().min(0).max(100) })
    .nullable(),
  dcVolts: z.number().min(10).max(100),
  alarmV: z.number().min(0).max(100),
  cutOffV: z.number().min(0).max(100),
  wave: z.enum(['pure sine', 'modified sine']),
  volts: z.array(volts).min(1).max(4),
  /** amps its charger puts into the bank; 0 without one */
  chargerA: z.number().min(0).max(500),
  weightKg,
  price,
})

/** Batteries in series and parallel behind an inverter; the source's own figures follow from it. */
export const bankSchema = z.strictObject({
  battery: batterySchema,
  series: z.number().int().min(1).max(BANK_LIMITS.series),
  parallel: z.number().int().min(1).max(BANK_LIMITS.parallel),
  /** null: direct current only */
  inverter: inverterSchema.nullable(),
  /** separate charger, A; null where the inverter charges or nothing does */
  chargerA: z.number().min(0.1).max(500).nullable(),
  /** which resting voltage counts as half used; see docs/storage.md */
  halfUsedSchool: z.enum(['at 12.05 V', 'at 12.10 V earlier']),
})

/** What a ready-made source has beside its watts and watt-hours, as its label says. */
export const outfitSchema = z.strictObject({
  /** household outlets and the amps each gives */
  outlets: z.strictObject({ count: z.number().int().min(0).max(40), ampsEach: z.number().min(1).max(60) }),
  /** direct current: 12 V socket, USB, and how well they convert; null without */
  dc: z
    .strictObject({
      socketW: z.number().min(0).max(2000),
      usbW: z.number().min(0).max(2000),
      efficiencyFraction: quantityOf('1', 0.3, 1),
    })
    .nullable(),
  /** W each leg of 120/240 V gives; null where it has one leg */
  legW: z.number().min(1).max(50_000).nullable(),
  expansion: z
    .strictObject({
      capacityWh: z.number().min(1).max(100_000),
      price: z.number().min(0).max(1_000_000),
      weightKg: z.number().min(0).max(2000),
      most: z.number().int().min(0).max(20),
      count: z.number().int().min(0).max(20),
    })
    .nullable(),
  input: z.strictObject({
    acW: z.number().min(0).max(50_000),
    solar: z
      .strictObject({
        lowV: z.number().min(0).max(1000),
        highV: z.number().min(1).max(1000),
        amps: z.number().min(0).max(200),
        watts: z.number().min(0).max(50_000),
      })
      .nullable(),
    dcW: z.number().min(0).max(10_000),
    /** of all inputs together; no limit of its own unless said */
    totalW: z.number().min(1).max(50_000).nullable().optional(),
  }),
  /** feeds its outlets from the wall while it stands */
  passThrough: z.boolean(),
  suppliesWhileCharging: z.boolean(),
  /** what the loads see when the wall goes away; null where they must be plugged over */
  transferMs: z.number().min(0).max(60_000).nullable(),
  /** watts with the grid there, where they differ from those without */
  withGridW: z.number().min(0).max(50_000).nullable(),
  chargeC: celsiusRange,
  dischargeC: celsiusRange,
  /** continuous watts lost for every degree above */
  hotDerating: z
    .strictObject({ aboveC: z.number().min(0).max(80), perKFraction: z.number().min(0).max(0.2) })
    .nullable(),
  cycles: z.number().min(1).max(20_000),
  warrantyYears: z.number().min(0).max(50),
  /** switches its outlets off when less is drawn for so long; null where it stays on or that can be turned off */
  sleep: z
    .strictObject({ belowW: z.number().min(0).max(200), afterMin: z.number().min(1).max(2880) })
    .nullable(),
})

export const sourceSchema = z.strictObject({
  id: idSchema,
  name,
  kind: z.enum(SOURCE_KINDS),
  capacityWh: quantityOf('Wh', 1, 1_000_000),
  reserveFraction: quantityOf('1', 0, 0.95),
  chargedFraction: z.number().min(0).max(1),
  /** which of the two schools counts what is lost on the way to the outlet */
  lossRule: z.enum(['efficiency', 'flat']),
  efficiencyFraction: quantityOf('1', 0.3, 1),
  noLoadW: quantityOf('W', 0, 1000),
  usableFraction: quantityOf('1', 0.05, 1),
  continuousW: watts,
  surgeW: watts,
  surgeS: quantityOf('s', 0, 60),
  volts: z.array(volts).min(1).max(4),
  /** in turn: takes over the loads of this source when that one is empty */
  afterSourceId: idSchema.nullable(),
  /** the heaviest piece that has to be carried */
  weightKg,
  price,
  /** what its battery is made of; LiFePO4 unless said */
  chemistry: z.enum(CHEMISTRIES).optional(),
  /** where it stands; indoors unless said */
  where: z.enum(SURROUNDINGS).optional(),
  /** not here: lent, or away to be charged */
  isAway: z.boolean().optional(),
  bank: bankSchema.optional(),
  outfit: outfitSchema.optional(),
})

export const powerSystemSchema = z.strictObject({
  id: idSchema,
  name,
  sources: z.array(sourceSchema).min(1).max(LIMITS.sources),
  note,
  /** how it stands in the table of candidates; shown among the others unless said */
  shown: z.enum(['pinned', 'hidden']).optional(),
})

export type Battery = z.infer<typeof batterySchema>
export type Inverter = z.infer<typeof inverterSchema>
export type Bank = z.infer<typeof bankSchema>
export type Outfit = z.infer<typeof outfitSchema>
export type Source = z.infer<typeof sourceSchema>
export type PowerSystem = z.infer<typeof powerSystemSchema>
