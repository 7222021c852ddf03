/** What a field asks for; each kind has a unit it is kept in and units people write. */
export type MeasureKind =
  | 'power'
  | 'energy'
  | 'minutes'
  | 'hours'
  | 'seconds'
  | 'fraction'
  | 'temperature'
  | 'weight'
  | 'money'
  | 'volume'
  | 'flow'
  | 'inflow'
  | 'horsepower'
  | 'current'
  | 'count'

export type Parsed = { ok: true; value: number; understood: string } | { ok: false; message: string }

interface KindRule {
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
const POWER_FOR_ENERGY = 'that is power; how much is stored is wanted here, in watt-hours'

const TIME = {
  s: 1 / 60,
  sec: 1 / 60,
  second: 1 / 60,
  seconds: 1 / 60,
  min: 1,
  minute: 1,
  minutes: 1,
  m: 1,
  h: 60,
  hr: 60,
  hrs: 60,
  hour: 60,
  hours: 60,
  d: 1440,
  day: 1440,
  days: 1440,
}
const scaled = (factors: Record<string, number>, by: number) =>
  Object.fromEntries(Object.entries(factors).map(([unit, factor]) => [unit, factor * by]))

const RULES: Record<MeasureKind, KindRule> = {
  power: {
    unit: 'W',
    factors: { w: 1, watt: 1, watts: 1, kw: 1000, k: 1000, hp: HORSEPOWER_W, mw: 0.001 },
    range: [0, 50_000],
    noun: 'watts',
    example: '150, 1.2k, 3/4 hp or 6.5 A',
    confusions: {
      wh: ENERGY_FOR_POWER,
      kwh: ENERGY_FOR_POWER,
      'w/h': 'watts are already a rate; leave out “per hour”',
      'watts/hour': 'watts are already a rate; leave out “per hour”',
      va: 'VA counts more than the watts drawn; write the watts, or amps such as 6.5 A',
    },
  },
  energy: {
    unit: 'Wh',
    factors: { wh: 1, kwh: 1000, k: 1000 },
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
    factors: { '%': 1, percent: 1 },
    range: [0, 100],
    noun: 'percent',
    example: '85 or 0.85',
    confusions: {},
  },
  temperature: {
    unit: '°C',
    factors: { c: 1, '°c': 1, f: 1, '°f': 1 },
    range: [-60, 60],
    noun: 'a temperature',
    example: '-6 or 21 °F',
    confusions: {},
  },
  weight: {
    unit: 'kg',
    factors: { kg: 1, g: 0.001, lb: 0.45359237, lbs: 0.45359237 },
    range: [0, 2000],
    noun: 'kilograms',
    example: '24 or 53 lb',
    confusions: {},
  },
  volume: {
    unit: 'L',
    factors: {
      l: 1,
      liter: 1,
      liters: 1,
      litre: 1,
      litres: 1,
      gal: 3.785412,
      gallon: 3.785412,
      gallons: 3.785412,
    },
    range: [0.5, 100_000],
    noun: 'a volume',
    example: '30 L or 8 gal',
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
  count: { unit: '', factors: {}, range: [0, 1000], noun: 'a number', example: '20', confusions: {} },
  money: { unit: '', factors: {}, range: [0, 1_000_000], noun: 'a price', example: '1500', confusions: {} },
}

/** A number as people write it: "1,200", "1.2", "1,5", "3/4", "−16"; null when it is none. */
function parseNumber(text: string): number | null {
  const plain = text.replace(/−/g, '-').replace(/\s/g, '')
  const share = plain.match(/^(\d+)\/(\d+)$/)
  if (share) return Number(share[2]) === 0 ? null : Number(share[1]) / Number(share[2])
  if (/^-?\d{1,3}(,\d{3})+(\.\d+)?$/.test(plain)) return Number(plain.replace(/,/g, ''))
  if (/^-?\d+,\d+$/.test(plain)) return Number(plain.replace(',', '.'))
  if (/^-?(\d+\.?\d*|\.\d+)$/.test(plain)) return Number(plain)
  return null
}

/**
 * Reads what a person typed into a field and says what was understood.
 *
 * @param text as typed; a number without a unit is taken in the field's own unit
 * @param kind what the field asks for
 * @param volts for power: the load's voltage, so that amps can be read as volts × amps
 * @returns the value in the kept unit (W, Wh, min, h, s, 0…1, °C, kg), or what is wrong and what would be right
 * @example parseMeasure('1.2k', 'power') // { ok: true, value: 1200, understood: '1,200 W' }
 */
export function parseMeasure(text: string, kind: MeasureKind, volts?: number): Parsed {
  const rule = RULES[kind]
  const fault = (what: string): Parsed => ({
    ok: false,
    message: `${what}. Write ${rule.noun}, such as ${rule.example}.`,
  })
  const trimmed = text.trim()
  if (trimmed === '') return fault('Nothing is written here')
  if (trimmed.length > 40) return fault('That is too long to be a number')
  const match = trimmed.match(/^([-−]?[\d.,/]+(?:\s\d{3})*)\s*(.*)$/)
  const number = match ? parseNumber(match[1]) : null
  if (!match || number === null) return fault(`“${trimmed}” is not a number`)
  const unit = match[2]
    .trim()
    .toLowerCase()
    .replace(/\s+per\s+/g, '/')
    .replace(/\s/g, '')
  const confusion = rule.confusions[unit]
  if (confusion) return { ok: false, message: `“${trimmed}”: ${confusion}.` }

  let value: number
  if (kind === 'power' && /^(a|amps?)$/.test(unit)) {
    if (!volts) return fault('Amps need a voltage')
    value = number * volts
  } else if (kind === 'fraction') {
    if (unit && !(unit in rule.factors)) return fault(`“${match[2]}” is not a unit for this`)
    value = unit || number > 1 ? number : number * 100
  } else if (kind === 'temperature' && /f$/.test(unit)) value = ((number - 32) * 5) / 9
  else if (unit === '') value = number
  else if (unit in rule.factors) value = number * rule.factors[unit]
  else return fault(`“${match[2]}” is not a unit for this`)

  const [low, high] = rule.range
  const shown = `${Number(value.toPrecision(6)).toLocaleString('en-US', { maximumFractionDigits: 3 })}${rule.unit ? ` ${rule.unit}` : ''}`
  if (value < low)
    return fault(value < 0 && low >= 0 ? `${shown} is below zero` : `${shown} is too little to be meant`)
  if (value > high)
    return fault(`${shown} is more than this can be (${high.toLocaleString('en-US')} ${rule.unit} at most)`)
  return { ok: true, value: kind === 'fraction' ? value / 100 : value, understood: shown }
}

/**
 * Reads a time of day as people write it.
 *
 * @returns "HH:MM", midnight at the end of a day as "24:00" when `endOfDay`; or what is wrong
 * @example parseClock('6:30 pm') // { ok: true, clock: '18:30' }
 */
export function parseClock(
  text: string,
  endOfDay = false,
): { ok: true; clock: string } | { ok: false; message: string } {
  const wrong = {
    ok: false,
    message: `“${text.trim().slice(0, 20)}” is not a time of day. Write one such as 18:30 or 6:30 pm.`,
  } as const
  const match = text
    .trim()
    .toLowerCase()
    .match(/^(\d{1,2})(?:[:.h]?(\d{2}))?\s*(am|pm|a\.m\.|p\.m\.)?$/)
  if (!match) return wrong
  let hour = Number(match[1])
  const minute = Number(match[2] ?? 0)
  const half = match[3]?.[0]
  if (half && (hour < 1 || hour > 12)) return wrong
  if (half) hour = (hour % 12) + (half === 'p' ? 12 : 0)
  if (minute > 59 || hour > 24 || (hour === 24 && minute > 0)) return wrong
  if (hour === 24 || (endOfDay && hour === 0 && minute === 0))
    return endOfDay ? { ok: true, clock: '24:00' } : { ok: true, clock: '00:00' }
  return { ok: true, clock: `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}` }
}
