import { formatNumber, formatWatts } from '../quantity/format'

/** A likely confusion: what is wrong, and what was probably meant, the likeliest first. */
export interface LabelQuestion {
  id:
    | 'watts per hour'
    | 'watt-hours for watts'
    | 'year for day'
    | 'energy without a time'
    | 'UPS watts'
    | 'battery amps'
    | 'BTU'
    | 'volt-amps'
  message: string
  /** what to read instead, in words and as text; Enter takes the first */
  meant: { words: string; text: string }[]
}

type Guard = (text: string, mainsVolts: number) => LabelQuestion | null

const N = String.raw`(\d[\d,]*(?:\.\d+)?)`
const numberOf = (text: string) => Number(text.replace(/,(?=\d{3}\b)/g, '').replace(',', '.'))
const find = (text: string, pattern: string) => text.match(new RegExp(pattern, 'i'))
const replaced = (text: string, match: RegExpMatchArray, by: string) => text.replace(match[0], by).trim()

const SLASH_H = String.raw`\s?(?:/|per|an?)\s?(?:h|hr|hour)\b`

/** "2 watts per hour": watts are already a rate. */
const wattsPerHour: Guard = (text) => {
  const match = find(text, `${N}\\s?(k?)w(?:atts?)?${SLASH_H}`)
  if (!match) return null
  const watts = `${match[1]} ${match[2]}W`
  return {
    id: 'watts per hour',
    message: `Watts are already a rate: ${watts} for an hour are ${match[1]} ${match[2]}Wh. There are no watts per hour.`,
    meant: [{ words: `${watts} while it runs`, text: replaced(text, match, watts) }],
  }
}

/** "450 kWh/day": a yearly figure taken for a daily one. */
const yearForDay: Guard = (text) => {
  const match = find(text, `${N}\\s?kwh\\s?(?:/|per|an?)\\s?(?:d|day)\\b`)
  if (!match) return null
  const kWh = numberOf(match[1])
  const asYear = {
    words: `${formatNumber(kWh)} kWh a year, ${formatWatts(kWh / 8.766)} on average`,
    text: replaced(text, match, `${match[1]} kWh/year`),
  }
  const asDay = {
    words: `${formatNumber(kWh)} kWh a day, ${formatWatts((kWh * 1000) / 24)} on average`,
    text: replaced(text, match, `${formatNumber(kWh * 365.25).replace(/,/g, '')} kWh/year`),
  }
  return {
    id: 'year for day',
    message:
      kWh > 30
        ? `${formatNumber(kWh)} kWh a day would be ${formatWatts((kWh * 1000) / 24)} around the clock, more than a whole house. Labels give kWh a year.`
        : 'Labels give kWh a year; a day’s figure comes from a meter. Which is it?',
    meant: kWh > 30 ? [asYear] : [asDay, asYear],
  }
}

/** "450 kWh" with no time to it. */
const energyWithoutTime: Guard = (text) => {
  const match = find(text, `${N}\\s?kwh\\b(?!\\s?(?:/|per|an?)\\s?\\w)`)
  if (!match) return null
  const kWh = numberOf(match[1])
  const asYear = { words: `${match[1]} kWh a year`, text: replaced(text, match, `${match[1]} kWh/year`) }
  const asCycle = {
    words: `${match[1]} kWh each cycle`,
    text: replaced(text, match, `${match[1]} kWh/cycle`),
  }
  return {
    id: 'energy without a time',
    message: `${match[1]} kWh in what time? Energy says how fast it is used only with a time.`,
    meant: kWh >= 20 ? [asYear, asCycle] : [asCycle, asYear],
  }
}

/** "150 Wh" where watts are wanted. */
const wattHoursForWatts: Guard = (text) => {
  const match = find(text, `${N}\\s?wh\\b(?!\\s?(?:/|per|an?)\\s?\\w)`)
  if (!match) return null
  return {
    id: 'watt-hours for watts',
    message: `${match[1]} Wh is an amount of energy, not what it draws. A plate gives watts; energy needs a cycle or a year.`,
    meant: [
      { words: `${match[1]} W while it runs`, text: replaced(text, match, `${match[1]} W`) },
      { words: `${match[1]} Wh each cycle`, text: replaced(text, match, `${match[1]} Wh/cycle`) },
    ],
  }
}

/** An office UPS's watts say what it can carry, for minutes. */
const upsWatts: Guard = (text) => {
  const match = find(text, `\\bups\\b`)
  if (!match) return null
  const rating = find(text, `${N}\\s?(?:w|va)\\b`)
  if (rating && numberOf(rating[1]) <= 25) return null
  return {
    id: 'UPS watts',
    message: `A UPS’s ${rating ? rating[0] : 'watts'} say what it can carry for minutes, not what it stores or draws. It belongs to Power; as a load it draws some 10 W of its own.`,
    meant: [{ words: '10 W, its own draw', text: 'UPS 10 W' }],
  }
}

/** Amps of a mains plate written beside the battery's volts. */
const batteryAmps: Guard = (text, mainsVolts) => {
  const volts = find(text, `\\b(12|12\\.8|24|48)\\s?v\\b`)
  const amps = find(text, `${N}\\s?a(?:mps?)?\\b`)
  if (!volts || !amps || mainsVolts < 100 || /\bdc\b/i.test(text)) return null
  const a = numberOf(amps[1])
  const dcV = Number(volts[1])
  return {
    id: 'battery amps',
    message: `Amps count at their own voltage: ${amps[1]} A at ${mainsVolts} V are ${formatNumber(a * mainsVolts, 0)} VA, about ${formatNumber((a * mainsVolts) / (dcV * 0.87), 0)} A from a ${dcV} V battery, not ${amps[1]} A.`,
    meant: [
      {
        words: `${amps[1]} A at ${mainsVolts} V, from its plate`,
        text: replaced(text, volts, `${mainsVolts} V`),
      },
      { words: `${amps[1]} A at ${dcV} V, a DC device`, text: `${text.trim()} DC` },
    ],
  }
}

/** BTU/h: of gas, of cooling, or of electric heat. */
const btu: Guard = (text) => {
  const match = find(text, `${N}\\s?(k?)\\s?btu(?:\\s?/\\s?h(?:r|our)?)?\\b`)
  if (!match) return null
  const value = numberOf(match[1]) * (match[2] ? 1000 : 1)
  const gas = {
    words: 'burned from gas or oil: only its blower and burner draw, about 550 W',
    text: replaced(text, match, '550 W'),
  }
  const coolingW = Math.round(value / 10)
  const cooling = {
    words: `cooling: about ${formatWatts(coolingW)} (÷ 10, a usual efficiency)`,
    text: replaced(text, match, `${coolingW} W`),
  }
  const heatW = Math.round(value * 0.29307107)
  const heat = { words: `electric heat: ${formatWatts(heatW)}`, text: replaced(text, match, `${heatW} W`) }
  return {
    id: 'BTU',
    message: `${formatNumber(value)} BTU/h is heat moved or burned, not electricity drawn. Which is it?`,
    meant: value >= 30_000 ? [gas, heat] : [cooling, gas, heat],
  }
}

/** VA without a power factor. */
const voltAmps: Guard = (text) => {
  const match = find(text, `${N}\\s?(k?)va\\b`)
  if (!match || /\bpf\b|power factor/i.test(text) || /\d\s?k?w\b/i.test(text)) return null
  const va = numberOf(match[1]) * (match[2] ? 1000 : 1)
  return {
    id: 'volt-amps',
    message: `Volt-amps are not watts: ${match[0]} carry fewer watts, by the power factor.`,
    meant: [
      { words: `a motor: ${formatWatts(va * 0.75)} (power factor 0.75)`, text: `${text.trim()} pf 0.75` },
      { words: `electronics: ${formatWatts(va * 0.9)} (power factor 0.9)`, text: `${text.trim()} pf 0.9` },
    ],
  }
}

/** Asked in this order; the first that sees its confusion speaks. */
export const LABEL_GUARDS: readonly Guard[] = [
  wattsPerHour,
  yearForDay,
  energyWithoutTime,
  wattHoursForWatts,
  upsWatts,
  batteryAmps,
  btu,
  voltAmps,
]
