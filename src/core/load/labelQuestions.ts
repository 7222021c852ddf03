import type { PlateKind } from '../plan/limits'
import { formatEnergy, formatNumber, formatWatts } from '../quantity/format'
import type { Facts, Question } from '../reading/facts'
import { heatQuestion } from './heatQuestion'
import { batteryAmps } from './lineWatts'

/** A label's own draw of an uninterruptible supply; more is what it can carry. Common practice, no source. */
const UPS_OWN_W = 25
/** A day's energy above it is that of a whole house. */
const HOUSE_KWH_A_DAY = 30

const withPeriod = (text: string, period: string) =>
  text
    .replace(/(k?wh)\s*(?:\/|per|an?|each|every)\s*(?:24\s*h(?:ours?|rs?)?|day|d)(?![\p{L}])/iu, '$1')
    .replace(/(k?wh)(?![\p{L}])/iu, `$1/${period}`)

/** The usual confusions of a label, each with what was probably meant; null where none is likely. */
export function labelQuestion(
  facts: Facts,
  text: string,
  kind: PlateKind,
  mainsVolts: number,
): Question | null {
  const { energy, watts, va, btuH } = facts
  if (energy?.per === 'day' && energy.wh > HOUSE_KWH_A_DAY * 1000) {
    const kWh = energy.wh / 1000
    return {
      message: `${formatNumber(kWh)} kWh a day would be ${formatWatts((kWh * 1000) / 24)} around the clock, more than a whole house. Labels give kWh a year.`,
      meant: [
        {
          words: `${formatNumber(kWh)} kWh a year, ${formatWatts(kWh / 8.766)} on average`,
          text: withPeriod(text, 'year'),
        },
      ],
    }
  }
  if (energy?.per === null) {
    const asWatts = text.replace(/k?wh(?![\p{L}])/iu, (unit) => unit.slice(0, -1))
    const asCycle = { words: `${formatEnergy(energy.wh)} each cycle`, text: withPeriod(text, 'cycle') }
    if (energy.wh < 1000)
      return {
        message: `${formatEnergy(energy.wh)} is an amount of energy, not what it draws. A label gives watts; energy needs a cycle or a year.`,
        meant: [{ words: `${formatNumber(energy.wh)} W while it runs`, text: asWatts }, asCycle],
      }
    const asYear = { words: `${formatEnergy(energy.wh)} a year`, text: withPeriod(text, 'year') }
    return {
      message: `${formatEnergy(energy.wh)} in what time? Energy says how fast it is used only with a time.`,
      meant: energy.wh >= 20_000 ? [asYear, asCycle] : [asCycle, asYear],
    }
  }
  if (/(?<![\p{L}])ups(?![\p{L}])|battery backup/iu.test(text) && !(watts !== null && watts <= UPS_OWN_W))
    return {
      message: `A UPS’s ${watts === null ? 'watts' : formatWatts(watts)} say what it can carry for minutes, not what it stores or draws. It belongs to Power; as a load it draws some 10 W of its own.`,
      meant: [{ words: '10 W, its own draw', text: 'UPS 10 W' }],
    }
  const [volts] = facts.volts
  if (
    facts.amps.length === 1 &&
    facts.volts.length === 1 &&
    [12, 12.8, 24, 48].includes(volts) &&
    !facts.isDirect &&
    // electronics run on such volts from an adapter
    kind !== 'electronics' &&
    facts.output === null &&
    watts === null &&
    mainsVolts >= 100
  )
    return batteryAmps(facts.amps[0], volts, mainsVolts, text)
  if (btuH !== null && watts === null && facts.amps.length === 0) return heatQuestion(btuH, text)
  if (va !== null && facts.powerFactor === null && watts === null && facts.amps.length === 0)
    return {
      message: `Volt-amps are not watts: ${formatNumber(va)} VA carry fewer watts, by the power factor.`,
      meant: [
        { words: `a motor: ${formatWatts(va * 0.75)} (power factor 0.75)`, text: `${text.trim()} pf 0.75` },
        { words: `electronics: ${formatWatts(va * 0.9)} (power factor 0.9)`, text: `${text.trim()} pf 0.9` },
      ],
    }
  return null
}
