import { type Told, told } from '../quantity/told'
import { type KindRule, type MeasureKind, RULES } from './measureRules'
import { motorWatts } from './motor'
import { type WrittenNumber, numberAt } from './number'
import type { ShownUnit } from './shownUnit'
import { tokensOf } from './token'

export type { MeasureKind } from './measureRules'
export type Parsed = { ok: true; value: number; understood: Told } | { ok: false; message: Told }

/** What else is known of the field a text stands in. */
export interface MeasureSurroundings {
  /** for power: the load's voltage, so that amps can be read as volts × amps */
  volts?: number
  /** the bounds of this very field, in the kept unit (a fraction 0…1); those of its kind unless given */
  low?: number
  high?: number
  /** no parts of one */
  isWhole?: boolean
  /** a number below this without a unit may be meant a thousand times larger, and is asked about */
  asksUnitBelow?: number
  /** the unit a number without one stands in, and the one that is answered in; the kept unit unless given */
  shownIn?: ShownUnit | null
}

const MOST_LETTERS = 60
const TIME_KINDS: readonly MeasureKind[] = ['minutes', 'hours', 'longHours', 'seconds']
/** Kinds of which several equal ones may be written: "6 x 9 W". */
const MULTIPLIED: readonly MeasureKind[] = [
  'power',
  'energy',
  'capacity',
  'money',
  'weight',
  'volume',
  'fuel',
]

/** As calculators and spreadsheets write large numbers. */
const SCIENTIFIC = /^\d+(\.\d+)?e\+?\d{1,2}(?!\w)/i

/** A number as text that is read again. */
const plain = (value: number) => String(Number(value.toPrecision(6)))

/** What a field wants and an example of it. */
const wanted = (kind: MeasureKind) => ({
  noun: told(`field.noun.${kind}`),
  example: told(`field.example.${kind}`),
})

/**
 * Reads what a person typed into a field and says what was understood.
 *
 * @param text as typed; a number without a unit is taken in the field's own unit
 * @param kind what the field asks for
 * @param around the load's voltage, and the bounds of this very field
 * @returns the value in the kept unit (W, Wh, min, h, s, 0…1, °C, kg), or what is wrong and what would be right
 * @example parseMeasure('1.2k', 'power') // { ok: true, value: 1200, understood: '1,200 W' }
 */
export function parseMeasure(text: string, kind: MeasureKind, around: MeasureSurroundings = {}): Parsed {
  const rule = RULES[kind]
  const fault = (what: Told): Parsed => ({
    ok: false,
    message: told('field.write', { what, ...wanted(kind) }),
  })
  const trimmed = text.trim().replace(SCIENTIFIC, (written) => plain(Number(written)))
  if (trimmed === '') return fault(told('field.empty'))
  if (trimmed.length > MOST_LETTERS) return fault(told('field.tooLong'))
  const found = TIME_KINDS.includes(kind)
    ? (timeOf(trimmed, kind) ?? amountOf(trimmed, kind, around))
    : amountOf(trimmed, kind, around)
  if (!found) return fault(told('field.noNumber', { said: trimmed }))
  if ('what' in found) return { ok: false, message: found }
  if ('unit' in found) return fault(told('field.noUnit', { said: found.unit }))
  if (kind === 'energy' && found.value < (around.asksUnitBelow ?? 0) && !/[a-z]/i.test(trimmed))
    return { ok: false, message: told('field.whichEnergy', { said: trimmed }) }
  return within(found, kind, rule, around, trimmed, fault)
}

interface Amount {
  value: number
  /** the other meaning of a point between thousands */
  other: number | null
}

function within(
  { value: first, other }: Amount,
  kind: MeasureKind,
  rule: KindRule,
  around: MeasureSurroundings,
  text: string,
  fault: (what: Told) => Parsed,
): Parsed {
  const scale = kind === 'fraction' ? 100 : 1
  const low = around.low === undefined ? rule.range[0] : around.low * scale
  const high = around.high === undefined ? rule.range[1] : around.high * scale
  const fits = (value: number) => value >= low && value <= high
  if (other !== null && fits(first) && fits(other))
    return {
      ok: false,
      message: told('field.twoWays', { said: text, one: plain(first), other: plain(other) }),
    }
  const value = other !== null && !fits(first) && fits(other) ? other : first
  const { shownIn } = around
  const unit = shownIn ? ` ${shownIn.unit}` : rule.unit ? ` ${rule.unit}` : ''
  const figure = (kept: number) => (shownIn ? shownIn.ofKept(kept) : kept)
  const shown = told('field.amount', { figure: figure(value), unit })
  const lowFigure = figure(low)
  const highFigure = figure(high)
  if (value < low)
    return fault(
      value < 0 && low >= 0
        ? told('field.belowZero', { shown })
        : told('field.tooLittle', { shown, lowFigure, highFigure, unit }),
    )
  if (value > high) return fault(told('field.tooMuch', { shown, highFigure, unit }))
  if (around.isWhole && !Number.isInteger(value)) return fault(told('field.notWhole', { shown }))
  return { ok: true, value: kind === 'fraction' ? value / 100 : value, understood: shown }
}

/** A number, its sign and its unit; what to say where a usual confusion stands there; null where it is no number. */
function amountOf(
  text: string,
  kind: MeasureKind,
  around: MeasureSurroundings,
): Amount | { unit: string } | Told | null {
  const rule = RULES[kind]
  const signed = text.match(/^([-−+]?)\s*(.*)$/s)!
  const sign = /[-−]/.test(signed[1]) ? -1 : 1
  const body = kind === 'money' ? signed[2].replace(/^[$€£]\s?/, '') : signed[2]
  const several = MULTIPLIED.includes(kind) && body.match(/^(\d{1,4})\s*[x×*]\s*(.+)$/i)
  if (several) {
    const one = amountOf(several[2], kind, around)
    if (one === null || 'what' in one || 'unit' in one) return one
    return { value: sign * Number(several[1]) * one.value, other: null }
  }
  const product = kind === 'power' || kind === 'energy' ? productOf(body, kind, around) : null
  if (product !== null) return product
  const number = numberAt(body, 0)
  if (!number || (number.pair && !number.isShare)) return null
  if (kind === 'latitude' || kind === 'longitude') {
    const place = placeOf(body, number, kind, sign)
    if (place) return place
  }
  const written = body.slice(number.to).trim()
  const unit = written
    .toLowerCase()
    .replace(/\s+(?:per|an?)\s+/g, '/')
    .replace(/\s/g, '')
    .replace(/\.$/, '')
  const confusion = Object.hasOwn(rule.confusions, unit) ? rule.confusions[unit] : undefined
  if (confusion) return told('field.confused', { said: text, why: told(`field.confusion.${confusion}`) })
  const scaled = (factor: number): Amount => ({
    value: sign * number.value * factor,
    other: number.other === null ? null : sign * number.other * factor,
  })
  if (kind === 'power' && /^(a|amps?|amperes?)$/.test(unit)) {
    if (!around.volts) return told('field.ampsNeedVolts', { said: text, ...wanted(kind) })
    return scaled(around.volts)
  }
  if (kind === 'power' && /^(hp|horsepower|h\.p)$/.test(unit))
    return { value: sign * motorWatts(number.value, around.volts ?? 120), other: null }
  if (kind === 'fraction') return fractionOf(text, number, unit, rule, sign)
  if (kind === 'temperature' && /^°?(?:f|fahrenheit)$/.test(unit))
    return { value: ((sign * number.value - 32) * 5) / 9, other: null }
  if (unit === '') {
    const { shownIn } = around
    if (!shownIn) return scaled(1)
    const kept = (written: number) => shownIn.toKept(sign * written)
    return { value: kept(number.value), other: number.other === null ? null : kept(number.other) }
  }
  return Object.hasOwn(rule.factors, unit) ? scaled(rule.factors[unit]) : { unit: written }
}

/** "0.85" is a share, "85" percent; a bare 1 may be either. */
function fractionOf(
  text: string,
  number: WrittenNumber,
  unit: string,
  rule: KindRule,
  sign: number,
): Amount | { unit: string } | Told {
  if (unit && !Object.hasOwn(rule.factors, unit)) return { unit }
  if (!unit && number.value === 1 && !number.isShare) return told('field.onePercent', { said: text })
  const isShare = !unit && number.value < 1
  return { value: sign * number.value * (isShare ? 100 : 1), other: null }
}

/** "34 N", "118° 15' W", "44.5° S": degrees with a side of the world. */
function placeOf(
  body: string,
  degrees: WrittenNumber,
  kind: 'latitude' | 'longitude',
  sign: number,
): Amount | Told | null {
  const rest = body.slice(degrees.to)
  const match = rest.match(
    /^\s*(?:°|deg\.?)?\s*(?:(\d{1,2}(?:[.,]\d+)?)\s*['′m]?)?\s*(?:(\d{1,2}(?:[.,]\d+)?)\s*(?:["″]|''))?\s*([nsew](?:orth|outh|ast|est)?)?\s*$/i,
  )
  if (!match) return null
  const side = match[3]?.[0].toLowerCase()
  const own = kind === 'latitude' ? 'ns' : 'ew'
  if (side && !own.includes(side))
    return kind === 'latitude' ? told('field.latitudeSide') : told('field.longitudeSide')
  const part = (written: string | undefined) => Number((written ?? '0').replace(',', '.'))
  const value = degrees.value + part(match[1]) / 60 + part(match[2]) / 3600
  return { value: (side === 's' || side === 'w' ? -1 : 1) * sign * value, other: null }
}

/** "120 V 6.5 A" where watts are asked for, "12.8 V 100 Ah" where watt-hours are; a rate such as "2 watts per hour" is told. */
function productOf(
  body: string,
  kind: 'power' | 'energy',
  around: MeasureSurroundings,
): Amount | Told | null {
  const tokens = tokensOf(body).filter((token) => !(token.kind === 'mark' && /^[×x*·,~=]$/i.test(token.text)))
  const of = (dimension: string) => {
    const found = tokens.filter((token) => token.kind === 'quantity' && token.dimension === dimension)
    const [one] = found
    return found.length === 1 && one.kind === 'quantity' && !one.pair && !one.isNegative ? one.value : null
  }
  if (tokens.length !== 2) return null
  const volts = of('voltage')
  const second = kind === 'power' ? of('current') : of('charge')
  if (volts === null || second === null) return null
  const isBattery = [12, 12.8, 24, 48].includes(volts) && (around.volts ?? 0) >= 100
  if (kind === 'power' && isBattery)
    return told('field.batteryAmps', {
      current: second,
      volts: around.volts!,
      wattsFigure: second * around.volts!,
      batteryVolts: volts,
      batteryFigure: second * volts,
    })
  return { value: volts * second, other: null }
}

/** Minutes, hours or seconds: "1 h 30", "90 min", "1:30" (hours), "2 hours"; null where it is no length of time. */
function timeOf(text: string, kind: MeasureKind): Amount | null {
  const perMin = kind === 'hours' || kind === 'longHours' ? 1 / 60 : kind === 'seconds' ? 60 : 1
  const colon = text.match(/^(\d{1,3}):(\d{2})(?:\s*h)?$/)
  if (colon && kind !== 'seconds' && Number(colon[2]) < 60)
    return { value: (Number(colon[1]) * 60 + Number(colon[2])) * perMin, other: null }
  if (/^half an hour$/i.test(text)) return { value: 30 * perMin, other: null }
  const tokens = tokensOf(text)
  if (tokens.length < 2) return null
  let minutes = 0
  let smallest = Infinity
  for (let i = 0; i < tokens.length; i++) {
    const token = tokens[i]
    if (token.kind === 'word' && token.word === 'and') continue
    const isLast = i === tokens.length - 1
    if (
      token.kind === 'quantity' &&
      token.dimension === 'time' &&
      !token.isNegative &&
      unitMin(token.unit) < smallest
    ) {
      minutes += token.value
      smallest = unitMin(token.unit)
    } else if (
      isLast &&
      i > 0 &&
      token.kind === 'number' &&
      token.isWhole &&
      token.value < 60 &&
      smallest === 60
    )
      minutes += token.value
    else return null
  }
  return { value: minutes * perMin, other: null }
}

const unitMin = (unit: string) =>
  /^w/.test(unit)
    ? 10_080
    : /^d/.test(unit)
      ? 1440
      : /^h/.test(unit)
        ? 60
        : /^(?:s|ms)/.test(unit)
          ? 1 / 60
          : 1
