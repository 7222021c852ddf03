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

export interface KindRule {
  /** unit the value is kept in, as written after the number */
  unit: string
  /** factors to the kept unit, by the unit as written, lower case */
  factors: Record<string, number>
  /** lowest and highest value that can be meant, in the kept unit */
  range: [number, number]
  noun: string
  example: string
  /** units of another kind people write here, and what to say */
  confusions: Record<string, string>
}

const HORSEPOWER_W = 745.7

const ENERGY_FOR_POWER = 'that is energy; running watts are wanted here'
const RATE = 'watts are already a rate; leave out “per hour”'
const DAY_FOR_POWER = 'that is energy; 1 kWh a day is 42 W on average, 1 kWh a year 0.1 W'
const POWER_FOR_ENERGY = 'that is power; how much is stored is wanted here, in watt-hours'

/** By kind: its unit, what people write for it, and what it can be. */
export const RULES: Record<MeasureKind, KindRule> = {
  power: {
    unit: 'W',
    factors: { w: 1, watt: 1, watts: 1, kw: 1000, kilowatt: 1000, kilowatts: 1000, k: 1000, mw: 0.001 },
    range: [0, 50_000],
    noun: 'watts',
    example: '150, 1.2k, 3/4 hp or 6.5 A',
    confusions: {
      wh: ENERGY_FOR_POWER,
      kwh: ENERGY_FOR_POWER,
      'w/h': RATE,
      'w/hr': RATE,
      'w/hour': RATE,
      'watts/h': RATE,
      'watts/hr': RATE,
      'watts/hour': RATE,
      'watt/hour': RATE,
      'kw/h': RATE,
      'kwh/day': DAY_FOR_POWER,
      'kwh/year': DAY_FOR_POWER,
      'wh/day': DAY_FOR_POWER,
      ah: 'amp-hours are stored charge; running watts are wanted here',
      v: 'those are volts; watts are wanted here',
      'btu/h': 'BTU are heat moved or burnt; write the electrical watts',
      btu: 'BTU are heat moved or burnt; write the electrical watts',
      va: 'VA counts more than the watts drawn; write the watts, or amps such as 6.5 A',
    },
  },
  energy: {
    unit: 'Wh',
    factors: { wh: 1, 'watt-hours': 1, watthours: 1, kwh: 1000, k: 1000 },
    range: [1, 1_000_000],
    noun: 'watt-hours',
    example: '2048 or 2 kWh',
    confusions: {
      w: POWER_FOR_ENERGY,
      kw: POWER_FOR_ENERGY,
      va: POWER_FOR_ENERGY,
      ah: 'amp-hours need the battery voltage: multiply volts by amp-hours, such as 12.8 V × 100 Ah = 1280 Wh',
    },
  },
  minutes: {
    unit: 'min',
    factors: TIME,
    range: [0.05, 20_160],
    noun: 'a length of time',
    example: '5 min, 17 s or 1 h',
    confusions: {},
  },
  hours: {
    unit: 'h',
    factors: scaled(TIME, 1 / 60),
    range: [0.25, 336],
    noun: 'a length of time up to 14 days',
    example: '42 h, 3 days or 90 min',
    confusions: {},
  },
  longHours: {
    unit: 'h',
    factors: scaled(TIME, 1 / 60),
    range: [0, 10_000],
    noun: 'a length of time',
    example: '8 h or 2 days',
    confusions: {},
  },
  seconds: {
    unit: 's',
    factors: { ...scaled(TIME, 60), ms: 0.001 },
    range: [0, 60],
    noun: 'seconds',
    example: '0.3 s or 300 ms',
    confusions: {},
  },
  fraction: {
    unit: '%',
    factors: { '%': 1, percent: 1, pct: 1 },
    range: [0, 100],
    noun: 'percent',
    example: '85 or 0.85',
    confusions: {},
  },
  temperature: {
    unit: '°C',
    factors: { c: 1, '°c': 1, celsius: 1, '°': 1, f: 1, '°f': 1 },
    range: [-60, 60],
    noun: 'a temperature',
    example: '-6 or 21 °F',
    confusions: {},
  },
  weight: {
    unit: 'kg',
    factors: WEIGHT,
    range: [0, 2000],
    noun: 'kilograms',
    example: '24 or 53 lb',
    confusions: {},
  },
  volume: {
    unit: 'L',
    factors: VOLUME,
    range: [0.5, 100_000],
    noun: 'a volume',
    example: '30 L or 8 gal',
    confusions: {},
  },
  length: {
    unit: 'm',
    factors: LENGTH,
    range: [0, 1000],
    noun: 'a length',
    example: '7.5 m or 25 ft',
    confusions: { awg: 'that is how thick a wire is; its length is wanted here' },
  },
  surface: {
    unit: 'm²',
    factors: SURFACE,
    range: [0, 1000],
    noun: 'a surface',
    example: '0.2 m² or 2 sq ft',
    confusions: {},
  },
  opening: {
    unit: 'cm²',
    factors: OPENING,
    range: [0, 100_000],
    noun: 'an opening',
    example: '200 cm² or 30 sq in',
    confusions: {},
  },
  // read by its own reader: gauges are no multiples of a unit
  wireArea: {
    unit: 'mm²',
    factors: { 'mm²': 1, mm2: 1 },
    range: [0.5, 120],
    noun: 'a wire’s size',
    example: '12 AWG or 2.5 mm²',
    confusions: {},
  },
  flow: {
    unit: 'L/min',
    factors: { 'l/min': 1, 'l/m': 1, gpm: 3.785412, 'gal/min': 3.785412 },
    range: [0.5, 10_000],
    noun: 'a pump’s rate',
    example: '25 L/min or 7 gpm',
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
    noun: 'an inflow or a use',
    example: '20 L/h or 130 gal/day',
    confusions: {},
  },
  horsepower: {
    unit: 'hp',
    factors: { hp: 1, w: 1 / HORSEPOWER_W, kw: 1000 / HORSEPOWER_W },
    range: [0.01, 50],
    noun: 'horsepower',
    example: '1/3 or 0.75 hp',
    confusions: {},
  },
  current: {
    unit: 'A',
    factors: { a: 1, amp: 1, amps: 1, ma: 0.001 },
    range: [0.01, 500],
    noun: 'amps',
    example: '7.2 A',
    confusions: {
      w: 'those are watts; amps are wanted here',
      ah: 'that is stored charge; amps are wanted here',
    },
  },
  voltage: {
    unit: 'V',
    factors: { v: 1, volt: 1, volts: 1, kv: 1000 },
    range: [0, 1000],
    noun: 'volts',
    example: '45.4 or 45.4 V',
    confusions: { w: 'those are watts; volts are wanted here', a: 'those are amps; volts are wanted here' },
  },
  tilt: {
    unit: '°',
    factors: { '°': 1, deg: 1 },
    range: [0, 90],
    noun: 'a tilt (0° lies flat, 90° stands upright)',
    example: '35°',
    confusions: {},
  },
  azimuth: {
    unit: '°',
    factors: { '°': 1, deg: 1 },
    range: [0, 360],
    noun: 'a direction (90° east, 180° south, 270° west)',
    example: '170°',
    confusions: {},
  },
  coefficient: {
    unit: '%/K',
    factors: { '%/k': 1, '%/°c': 1, '%': 1 },
    range: [-1, 0],
    noun: 'percent a kelvin, below nought',
    example: '-0.28 %/K',
    confusions: { 'mv/k': 'write the share: millivolts a kelvin ÷ open-circuit volts ÷ 10' },
  },
  fuel: {
    unit: 'L',
    factors: VOLUME,
    range: [0, 1000],
    noun: 'fuel',
    example: '20 L or 5 gal',
    confusions: {},
  },
  latitude: {
    unit: '°',
    factors: { '°': 1, deg: 1 },
    range: [-90, 90],
    noun: 'a latitude (north positive)',
    example: '44.5',
    confusions: {},
  },
  longitude: {
    unit: '°',
    factors: { '°': 1, deg: 1 },
    range: [-180, 180],
    noun: 'a longitude (east positive)',
    example: '-71.6',
    confusions: {},
  },
  count: { unit: '', factors: {}, range: [0, 1000], noun: 'a number', example: '20', confusions: {} },
  capacity: {
    unit: 'Ah',
    factors: { ah: 1, 'amp-hours': 1, mah: 0.001 },
    range: [1, 5000],
    noun: 'amp-hours',
    example: '100 Ah',
    confusions: {
      wh: 'divide watt-hours by volts: 1280 Wh ÷ 12.8 V = 100 Ah',
      a: 'amps are a current; amp-hours are wanted here',
    },
  },
  cycles: {
    unit: '',
    factors: { cycles: 1, k: 1000 },
    range: [1, 20_000],
    noun: 'a number of cycles',
    example: '3000',
    confusions: {},
  },
  money: {
    unit: '',
    factors: { $: 1, '€': 1, '£': 1, usd: 1, eur: 1, cad: 1, gbp: 1, k: 1000 },
    range: [0, 1_000_000],
    noun: 'a price',
    example: '1500',
    confusions: {},
  },
}
