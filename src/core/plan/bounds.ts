import type { MeasureKind } from '../reading/measureRules'
import { BANK_LIMITS } from './limits'

/** What a figure of the plan document may be, in its kept unit; a share is 0…1. */
export interface Bound {
  kind: MeasureKind
  low: number
  high: number
  /** no parts of one */
  isWhole?: true
}

const of = (kind: MeasureKind, low: number, high: number): Bound => ({ kind, low, high })
const whole = (low: number, high: number): Bound => ({ kind: 'count', low, high, isWhole: true })

const watts = of('power', 0, 50_000)
const share = of('fraction', 0, 1)
const price = of('money', 0, 1_000_000)
const weight = of('weight', 0, 2000)
const efficiency = of('fraction', 0.3, 1)

/** The bounds of every figure that is typed, once for the document's schema, for its fields and for tables from files. */
export const BOUNDS = {
  'scenario.durationH': of('hours', 0.25, 336),
  'scenario.outdoorC': of('temperature', -60, 60),
  'scenario.indoorC': of('temperature', -30, 50),
  'scenario.latitudeDeg': of('latitude', -90, 90),
  'scenario.longitudeDeg': of('longitude', -180, 180),
  'scenario.confidence': of('fraction', 0.5, 0.99),
  'scenario.sunShare': of('fraction', 0, 1.2),
  'profile.foodValue': of('money', 0, 100_000),

  'load.watts': watts,
  'load.count': whole(1, 1000),
  'load.averageW': watts,
  'load.periodMin': of('minutes', 0.5, 1440),
  'load.celsius': of('temperature', -60, 90),
  'load.timeConstantH': of('hours', 0.1, 1000),
  'load.fillFraction': share,
  'load.persons': of('count', 0.1, 60),
  'load.offForTimes': of('count', 1, 10),
  'load.offForH': of('longHours', 0, 1000),
  'load.doorsADay': of('count', 0, 500),
  'load.defrostMin': of('minutes', 1, 240),
  'load.defrostEveryRunH': of('longHours', 0.5, 500),
  'load.blowerLagMin': of('minutes', 0, 15),
  'load.lowOutputFraction': of('fraction', 0.05, 1),
  'load.pumpOnMin': of('minutes', 0.01, 1440),
  'load.pumpEveryMin': of('minutes', 0.05, 10_000),
  'load.pumpVolumeL': of('volume', 0.5, 100_000),
  'load.pumpRateLMin': of('flow', 0.5, 10_000),
  'load.pumpInflowLH': of('inflow', 0, 100_000),
  'load.chargeWh': of('energy', 0.1, 200_000),
  'load.chargeEfficiency': efficiency,
  'load.eachHourMin': of('minutes', 0.1, 60),
  'load.eachHourAtMinute': whole(0, 59),
  'load.sessionMin': of('minutes', 0.05, 1440),
  'load.timesADay': whole(1, 96),
  'load.startS': of('seconds', 0, 60),
  'load.hp': of('horsepower', 0.01, 50),
  'load.fullLoadA': of('current', 0.01, 500),
  'load.startTimes': of('count', 1, 15),

  'source.capacityWh': of('energy', 1, 1_000_000),
  'source.reserveFraction': of('fraction', 0, 0.95),
  'source.chargedFraction': share,
  'source.efficiencyFraction': efficiency,
  'source.noLoadW': of('power', 0, 1000),
  'source.usableFraction': of('fraction', 0.05, 1),
  'source.watts': watts,
  'source.surgeS': of('seconds', 0, 60),
  'source.weightKg': weight,
  'source.price': price,

  'battery.volts': of('voltage', 1, 100),
  'battery.capacityAh': of('capacity', 1, 5000),
  'battery.rateH': of('hours', 0.5, 120),
  'battery.internalMilliohm': of('count', 0, 1000),
  'battery.cycles': of('cycles', 1, 20_000),
  'battery.cutOffV': of('voltage', 0, 100),
  'battery.peukert': of('count', 1, 1.6),
  'battery.agedFraction': of('fraction', 0, 0.9),
  'bank.series': whole(1, BANK_LIMITS.series),
  'bank.parallel': whole(1, BANK_LIMITS.parallel),
  'bank.chargerA': of('current', 0.1, 500),
  'inverter.continuousVa': of('count', 1, 50_000),
  'inverter.searchBelowW': of('power', 0, 200),
  'inverter.searchDrawsW': of('power', 0, 100),
  'inverter.alarmV': of('voltage', 0, 100),
  'inverter.chargerA': of('current', 0, 500),

  'outfit.outlets': whole(0, 40),
  'outfit.outletA': of('current', 1, 60),
  'outfit.dcW': of('power', 0, 2000),
  'outfit.legW': of('power', 1, 50_000),
  'outfit.expansionWh': of('energy', 1, 100_000),
  'outfit.expansions': whole(0, 20),
  'outfit.dcInputW': of('power', 0, 10_000),
  'outfit.totalInputW': of('power', 1, 50_000),
  'outfit.transferMs': of('count', 0, 60_000),
  'outfit.transferS': of('seconds', 0, 60),
  'outfit.chargeLowC': of('temperature', -60, 60),
  'outfit.chargeHighC': of('temperature', -60, 90),
  'outfit.hotAboveC': of('temperature', 0, 80),
  'outfit.hotPerK': of('fraction', 0, 0.2),
  'outfit.warrantyYears': of('count', 0, 50),
  'outfit.sleepBelowW': of('power', 0, 200),
  'outfit.sleepAfterMin': of('minutes', 1, 2880),

  'panel.watts': of('power', 1, 2000),
  'panel.volts': of('voltage', 1, 200),
  'panel.amps': of('current', 0.05, 50),
  /** percent a kelvin */
  'panel.perK': of('coefficient', -1, 0),
  'array.series': whole(1, 30),
  'array.parallel': whole(1, 30),
  'array.tiltDeg': of('tilt', 0, 90),
  'array.azimuthDeg': of('azimuth', 0, 360),
  'array.lossFraction': of('fraction', 0, 0.9),
  'refill.recordLowC': of('temperature', -70, 30),
  'window.lowV': of('voltage', 0, 1000),
  'window.highV': of('voltage', 1, 1000),
  'window.amps': of('current', 0, 200),
  'window.watts': watts,
  'generator.ratedW': of('power', 1, 50_000),
  'generator.surgeW': watts,
  'generator.idleLPerH': of('inflow', 0, 100),
  'generator.fullLPerH': of('inflow', 0.01, 100),
  'generator.tankL': of('fuel', 0.1, 1000),
  'generator.onHandL': of('fuel', 0, 10_000),
  'generator.startDelayMin': of('minutes', 0, 240),
  'car.alternatorA': of('current', 10, 500),
  'car.watts': of('power', 1, 20_000),
  'car.idleLPerH': of('inflow', 0, 20),
  'car.batteryWh': of('energy', 0, 300_000),
  'car.floorFraction': share,
  'car.chargedFraction': share,
  'car.stepUpW': of('power', 0, 5000),
  'car.systemW': of('power', 1, 20_000),

  /** 0.5 mm² (20 AWG) to 120 mm² (more than 4/0) */
  'wire.areaMm2': of('wireArea', 0.5, 120),
  'cord.lengthM': of('length', 0.1, 150),
  'lead.deviceV': of('voltage', 3, 60),
  'cable.lengthM': of('length', 0.05, 30),
  'fuse.ratedA': of('current', 1, 1000),
  'fuse.interruptingA': of('current', 100, 200_000),
  'fuse.awayM': of('length', 0, 30),
  'source.aboveFloorM': of('length', 0, 5),
  'source.ventCm2': of('opening', 0, 100_000),
  'generator.awayM': of('length', 0, 200),
  'house.alarms': whole(0, 40),
  'house.fuelAgeMonths': of('count', 0, 120),
  'source.boughtApartMonths': of('count', 0, 360),
  'house.timeConstantH': of('longHours', 2, 300),
  'pit.areaM2': of('surface', 0.02, 500),
  'pit.toRimM': of('length', 0.01, 10),
  'pit.inflowLH': of('inflow', 0, 100_000),
  'need.hours': of('longHours', 0, 1000),

  'rule.aboveW': of('power', 1, 50_000),
  'rule.charge': share,
  /** what is asked of a search or a tool, and kept nowhere */
  'wish.hours': of('hours', 0.25, 336),
  'wish.budget': price,
  'wish.pieceKg': weight,
  'repeat.lengthMin': of('minutes', 15, 20_160),
  'repeat.everyH': of('hours', 0.25, 336),
} as const satisfies Record<string, Bound>

export type BoundPath = keyof typeof BOUNDS

/** The bound of a figure. */
export const boundOf = (path: BoundPath): Bound => BOUNDS[path]
