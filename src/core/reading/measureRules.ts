import { LENGTH, OPENING, SURFACE, TIME, VOLUME, WEIGHT, scaled } from './measureFactors'

/** What a field asks for; each kind has a unit it is kept in and units people write. */
export type MeasureKind =
  | 'power'
  | 'energy'
  | 'minutes'
  | 'hours'
  | 'longHours'
  | 'seconds'
  | 'fraction'
  | 'temperature'
  | 'weight'
  | 'money'
  | 'voltage'
  | 'tilt'
  | 'azimuth'
  | 'coefficient'
  | 'fuel'
  | 'latitude'
  | 'longitude'
  | 'volume'
  | 'length'
  | 'surface'
  | 'wireArea'
  | 'opening'
  | 'flow'
  | 'inflow'
  | 'horsepower'
  | 'current'
  | 'count'
  | 'cycles'
  | 'capacity'

/** A unit of another kind than the field's, as people take one for the other. */
export type Confusion =
  | 'energyForPower'
  | 'rate'
  | 'dayForPower'
  | 'powerForEnergy'
  | 'chargeForPower'
  | 'voltsForPower'
  | 'heatForPower'
  | 'voltAmpsForPower'
  | 'chargeForEnergy'
  | 'gaugeForLength'
  | 'wattsForAmps'
  | 'chargeForAmps'
  | 'wattsForVolts'
  | 'ampsForVolts'
  | 'millivoltsForShare'
  | 'energyForCharge'
  | 'ampsForCharge'

export interface KindRule {
  /** unit the value is kept in, as written after the number */
  unit: string
  /** factors to the kept unit, by the unit as written, lower case */
  factors: Record<string, number>
  /** lowest and highest value that can be meant, in the kept unit */
  range: [number, number]
  /** units of another kind people write here, by what is confused */
  confusions: Record<string, Confusion>
}

const HORSEPOWER_W = 745.7

/** By kind: its unit, what people write for it, and what it can be. */
export const RULES: Record<MeasureKind, KindRule> = {
  power: {
    unit: 'W',
    factors: { w: 1, watt: 1, watts: 1, kw: 1000, kilowatt: 1000, kilowatts: 1000, k: 1000, mw: 0.001 },
    range: [0, 50_000],
    confusions: {
      wh: 'energyForPower',
      kwh: 'energyForPower',
      'w/h': 'rate',
      'w/hr': 'rate',
      'w/hour': 'rate',
      'watts/h': 'rate',
      'watts/hr': 'rate',
      'watts/hour': 'rate',
      'watt/hour': 'rate',
      'kw/h': 'rate',
      'kwh/day': 'dayForPower',
      'kwh/year': 'dayForPower',
      'wh/day': 'dayForPower',
      ah: 'chargeForPower',
      v: 'voltsForPower',
      'btu/h': 'heatForPower',
      btu: 'heatForPower',
      va: 'voltAmpsForPower',
    },
  },
  energy: {
    unit: 'Wh',
    factors: { wh: 1, 'watt-hours': 1, watthours: 1, kwh: 1000, k: 1000 },
    range: [1, 1_000_000],
    confusions: {
      w: 'powerForEnergy',
      kw: 'powerForEnergy',
      va: 'powerForEnergy',
      ah: 'chargeForEnergy',
    },
  },
  minutes: {
    unit: 'min',
    factors: TIME,
    range: [0.05, 20_160],
    confusions: {},
  },
  hours: {
    unit: 'h',
    factors: scaled(TIME, 1 / 60),
    range: [0.25, 336],
    confusions: {},
  },
  longHours: {
    unit: 'h',
    factors: scaled(TIME, 1 / 60),
    range: [0, 10_000],
    confusions: {},
  },
  seconds: {
    unit: 's',
    factors: { ...scaled(TIME, 60), ms: 0.001 },
    range: [0, 60],
    confusions: {},
  },
  fraction: {
    unit: '%',
    factors: { '%': 1, percent: 1, pct: 1 },
    range: [0, 100],
    confusions: {},
  },
  temperature: {
    unit: '°C',
    factors: { c: 1, '°c': 1, celsius: 1, '°': 1, f: 1, '°f': 1 },
    range: [-60, 60],
    confusions: {},
  },
  weight: {
    unit: 'kg',
    factors: WEIGHT,
    range: [0, 2000],
    confusions: {},
  },
  volume: {
    unit: 'L',
    factors: VOLUME,
    range: [0.5, 100_000],
    confusions: {},
  },
  length: {
    unit: 'm',
    factors: LENGTH,
    range: [0, 1000],
    confusions: { awg: 'gaugeForLength' },
  },
  surface: {
    unit: 'm²',
    factors: SURFACE,
    range: [0, 1000],
    confusions: {},
  },
  opening: {
    unit: 'cm²',
    factors: OPENING,
    range: [0, 100_000],
    confusions: {},
  },
  // read by its own reader: gauges are no multiples of a unit
  wireArea: {
    unit: 'mm²',
    factors: { 'mm²': 1, mm2: 1 },
    range: [0.5, 120],
    confusions: {},
  },
  flow: {
    unit: 'L/min',
    factors: { 'l/min': 1, 'l/m': 1, gpm: 3.785412, 'gal/min': 3.785412 },
    range: [0.5, 10_000],
    confusions: {},
  },
  inflow: {
    unit: 'L/h',
    factors: {
      'l/h': 1,
      'l/day': 1 / 24,
      'l/d': 1 / 24,
      'gal/h': 3.785412,
      gph: 3.785412,
      'gal/day': 3.785412 / 24,
    },
    range: [0, 100_000],
    confusions: {},
  },
  horsepower: {
    unit: 'hp',
    factors: { hp: 1, w: 1 / HORSEPOWER_W, kw: 1000 / HORSEPOWER_W },
    range: [0.01, 50],
    confusions: {},
  },
  current: {
    unit: 'A',
    factors: { a: 1, amp: 1, amps: 1, ma: 0.001 },
    range: [0.01, 500],
    confusions: {
      w: 'wattsForAmps',
      ah: 'chargeForAmps',
    },
  },
  voltage: {
    unit: 'V',
    factors: { v: 1, volt: 1, volts: 1, kv: 1000 },
    range: [0, 1000],
    confusions: { w: 'wattsForVolts', a: 'ampsForVolts' },
  },
  tilt: {
    unit: '°',
    factors: { '°': 1, deg: 1 },
    range: [0, 90],
    confusions: {},
  },
  azimuth: {
    unit: '°',
    factors: { '°': 1, deg: 1 },
    range: [0, 360],
    confusions: {},
  },
  coefficient: {
    unit: '%/K',
    factors: { '%/k': 1, '%/°c': 1, '%': 1 },
    range: [-1, 0],
    confusions: { 'mv/k': 'millivoltsForShare' },
  },
  fuel: {
    unit: 'L',
    factors: VOLUME,
    range: [0, 1000],
    confusions: {},
  },
  latitude: {
    unit: '°',
    factors: { '°': 1, deg: 1 },
    range: [-90, 90],
    confusions: {},
  },
  longitude: {
    unit: '°',
    factors: { '°': 1, deg: 1 },
    range: [-180, 180],
    confusions: {},
  },
  count: { unit: '', factors: {}, range: [0, 1000], confusions: {} },
  capacity: {
    unit: 'Ah',
    factors: { ah: 1, 'amp-hours': 1, mah: 0.001 },
    range: [1, 5000],
    confusions: {
      wh: 'energyForCharge',
      a: 'ampsForCharge',
    },
  },
  cycles: {
    unit: '',
    factors: { cycles: 1, k: 1000 },
    range: [1, 20_000],
    confusions: {},
  },
  money: {
    unit: '',
    factors: { $: 1, '€': 1, '£': 1, usd: 1, eur: 1, cad: 1, gbp: 1, k: 1000 },
    range: [0, 1_000_000],
    confusions: {},
  },
}
