import { type MeasureKind, RULES } from './measureRules'

export type { MeasureKind } from './measureRules'
export type Parsed = { ok: true; value: number; understood: string } | { ok: false; message: string }

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
