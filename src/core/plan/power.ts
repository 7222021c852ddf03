import * as z from 'zod'
import { bounded, boundedQuantity } from './bounded'
import { idSchema, name, note, quantityOf } from './fields'
import { CHEMISTRIES, LIMITS, SOURCE_KINDS, SURROUNDINGS } from './limits'

/** The power system of a plan: stations, banks of parts, and what else can feed loads. */

const watts = boundedQuantity('W', 'source.watts')
const volts = z.union([z.literal(12), z.literal(120), z.literal(230), z.literal(240)])
const price = bounded('source.price').nullable()
const weightKg = bounded('source.weightKg').nullable()
const celsiusRange = z.strictObject({
  lowC: bounded('outfit.chargeLowC'),
  highC: bounded('outfit.chargeHighC'),
})

/** One battery of a bank: a block as it is bought. */
export const batterySchema = z.strictObject({
  name,
  chemistry: z.enum(CHEMISTRIES),
  volts: bounded('battery.volts'),
  capacityAh: boundedQuantity('Ah', 'battery.capacityAh'),
  /** the capacity is stated for a discharge over so many hours */
  rateH: bounded('battery.rateH'),
  peukert: boundedQuantity('1', 'battery.peukert'),
  internalOhm: quantityOf('Ω', 0, 1),
  /** cycles it survives at the depth they are usually stated at: half of lead-acid, 80 % of LiFePO4 */
  cycles: bounded('battery.cycles'),
  /** its own electronics switch it off below so many volts; none unless said */
  ownCutOffV: bounded('battery.cutOffV').nullable().optional(),
  /** share of its capacity lost to age */
  agedFraction: bounded('battery.agedFraction'),
  weightKg,
  price,
})

/** What makes mains of a battery. */
export const inverterSchema = z.strictObject({
  name,
  continuousVa: bounded('inverter.continuousVa'),
  continuousW: watts,
  surgeW: watts,
  surgeS: boundedQuantity('s', 'source.surgeS'),
  /** marginal: of one more watt */
  efficiencyFraction: boundedQuantity('1', 'source.efficiencyFraction'),
  /** part of its loss that grows with the square: W lost at rated watts, per rated watt */
  squareLossFraction: z.number().min(0).max(0.3),
  noLoadW: boundedQuantity('W', 'source.noLoadW'),
  /** it sleeps under a few watts, and then feeds nothing */
  search: z
    .strictObject({ belowW: bounded('inverter.searchBelowW'), drawsW: bounded('inverter.searchDrawsW') })
    .nullable(),
  dcVolts: z.number().min(10).max(100),
  alarmV: bounded('inverter.alarmV'),
  cutOffV: bounded('battery.cutOffV'),
  wave: z.enum(['pure sine', 'modified sine']),
  volts: z.array(volts).min(1).max(4),
  /** amps its charger puts into the bank; 0 without one */
  chargerA: bounded('inverter.chargerA'),
  weightKg,
  price,
})

/** Batteries in series and parallel behind an inverter; the source's own figures follow from it. */
export const bankSchema = z.strictObject({
  battery: batterySchema,
  series: bounded('bank.series'),
  parallel: bounded('bank.parallel'),
  /** null: direct current only */
  inverter: inverterSchema.nullable(),
  /** separate charger, A; null where the inverter charges or nothing does */
  chargerA: bounded('bank.chargerA').nullable(),
  /** charger, controller, fuses, cables and lugs together, in the household's currency; not counted unless said */
  fittingsPrice: bounded('source.price').optional(),
  /** which resting voltage counts as half used; see docs/storage.md */
  halfUsedSchool: z.enum(['at 12.05 V', 'at 12.10 V earlier']),
})

/** What a ready-made source has beside its watts and watt-hours, as its label says. */
export const outfitSchema = z.strictObject({
  /** household outlets and the amps each gives */
  outlets: z.strictObject({ count: bounded('outfit.outlets'), ampsEach: bounded('outfit.outletA') }),
  /** direct current: 12 V socket, USB, and how well they convert; null without */
  dc: z
    .strictObject({
      socketW: bounded('outfit.dcW'),
      usbW: bounded('outfit.dcW'),
      efficiencyFraction: boundedQuantity('1', 'source.efficiencyFraction'),
    })
    .nullable(),
  /** W each leg of 120/240 V gives; null where it has one leg */
  legW: bounded('outfit.legW').nullable(),
  expansion: z
    .strictObject({
      capacityWh: bounded('outfit.expansionWh'),
      price: bounded('source.price'),
      weightKg: bounded('source.weightKg'),
      most: bounded('outfit.expansions'),
      count: bounded('outfit.expansions'),
    })
    .nullable(),
  input: z.strictObject({
    acW: bounded('source.watts'),
    solar: z
      .strictObject({
        lowV: bounded('window.lowV'),
        highV: bounded('window.highV'),
        amps: bounded('window.amps'),
        watts: bounded('window.watts'),
      })
      .nullable(),
    dcW: bounded('outfit.dcInputW'),
    /** of all inputs together; no limit of its own unless said */
    totalW: bounded('outfit.totalInputW').nullable().optional(),
  }),
  /** feeds its outlets from the wall while it stands */
  passThrough: z.boolean(),
  suppliesWhileCharging: z.boolean(),
  /** what the loads see when the wall goes away; null where they must be plugged over */
  transferMs: bounded('outfit.transferMs').nullable(),
  /** watts with the grid there, where they differ from those without */
  withGridW: bounded('source.watts').nullable(),
  chargeC: celsiusRange,
  dischargeC: celsiusRange,
  /** continuous watts lost for every degree above */
  hotDerating: z
    .strictObject({ aboveC: bounded('outfit.hotAboveC'), perKFraction: bounded('outfit.hotPerK') })
    .nullable(),
  cycles: bounded('battery.cycles'),
  warrantyYears: bounded('outfit.warrantyYears'),
  /** switches its outlets off when less is drawn for so long; null where it stays on or that can be turned off */
  sleep: z
    .strictObject({ belowW: bounded('outfit.sleepBelowW'), afterMin: bounded('outfit.sleepAfterMin') })
    .nullable(),
})

export const sourceSchema = z.strictObject({
  id: idSchema,
  name,
  kind: z.enum(SOURCE_KINDS),
  capacityWh: boundedQuantity('Wh', 'source.capacityWh'),
  reserveFraction: boundedQuantity('1', 'source.reserveFraction'),
  chargedFraction: bounded('source.chargedFraction'),
  /** which of the two schools counts what is lost on the way to the outlet */
  lossRule: z.enum(['efficiency', 'flat']),
  efficiencyFraction: boundedQuantity('1', 'source.efficiencyFraction'),
  noLoadW: boundedQuantity('W', 'source.noLoadW'),
  usableFraction: boundedQuantity('1', 'source.usableFraction'),
  continuousW: watts,
  surgeW: watts,
  surgeS: boundedQuantity('s', 'source.surgeS'),
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
  shown: z.enum(['pinned', 'hidden', 'hidden pin']).optional(),
})

export type Battery = z.infer<typeof batterySchema>
export type Inverter = z.infer<typeof inverterSchema>
export type Bank = z.infer<typeof bankSchema>
export type Outfit = z.infer<typeof outfitSchema>
export type Source = z.infer<typeof sourceSchema>
export type PowerSystem = z.infer<typeof powerSystemSchema>
