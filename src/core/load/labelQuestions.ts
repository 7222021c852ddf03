import type { PlateKind } from '../plan/limits'
import { told } from '../quantity/told'
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
      message: told('plate.moreThanAHouse', { figure: kWh, averageW: (kWh * 1000) / 24 }),
      meant: [
        {
          words: told('plate.aYear', { figure: kWh, averageW: kWh / 8.766 }),
          text: withPeriod(text, 'year'),
        },
      ],
    }
  }
  if (energy?.per === null) {
    const asWatts = text.replace(/k?wh(?![\p{L}])/iu, (unit) => unit.slice(0, -1))
    const asCycle = {
      words: told('plate.eachCycle', { energyWh: energy.wh }),
      text: withPeriod(text, 'cycle'),
    }
    if (energy.wh < 1000)
      return {
        message: told('plate.energyNotDraw', { energyWh: energy.wh }),
        meant: [{ words: told('line.whileItRuns', { figure: energy.wh }), text: asWatts }, asCycle],
      }
    const asYear = { words: told('line.aYear', { energyWh: energy.wh }), text: withPeriod(text, 'year') }
    return {
      message: told('line.inWhatTime', { energyWh: energy.wh }),
      meant: energy.wh >= 20_000 ? [asYear, asCycle] : [asCycle, asYear],
    }
  }
  if (/(?<![\p{L}])ups(?![\p{L}])|battery backup/iu.test(text) && !(watts !== null && watts <= UPS_OWN_W))
    return {
      message: told('plate.ups', { ratedW: watts }),
      meant: [{ words: told('line.ownDraw'), text: 'UPS 10 W' }],
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
      message: told('plate.voltAmps', { va }),
      meant: [
        { words: told('plate.asMotor', { drawnW: va * 0.75 }), text: `${text.trim()} pf 0.75` },
        { words: told('plate.asElectronics', { drawnW: va * 0.9 }), text: `${text.trim()} pf 0.9` },
      ],
    }
  return null
}
