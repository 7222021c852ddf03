import type { Facts, Question } from '../reading/facts'
import { type Told, told } from '../quantity/told'
import type { PlateKind } from '../plan/limits'
import type { KnownThing } from './knownThing'
import { MOTOR_POWER_FACTOR, motorWatts } from '../reading/motor'

/** A motor's watts for its volt-amps, until measured: 0.75 ± 0.12; electronics some 0.9; heat 1. Common practice, no source. */
export const POWER_FACTOR: Readonly<Record<PlateKind, number>> = {
  motor: MOTOR_POWER_FACTOR,
  'cold box': MOTOR_POWER_FACTOR,
  electronics: 0.9,
  heat: 1,
}
/** Up to these volts a thing is fed through an adapter or a battery: its amps are direct current, its watts V × A. */
export const SMALL_VOLTS = 60

/** Volts and amps that belong together where a label names two of each: those that fit the mains. */
export function fitting(facts: Facts, mainsVolts: number): { volts: number | null; amps: number | null } {
  const { volts, amps } = facts
  if (volts.length === 0) return { volts: null, amps: amps[0] ?? null }
  // of "100-240 V" the amps are those at the lowest volts; of "115/230 V" each pair stands by itself
  const isRange = volts.length === 2 && amps.length < 2 && volts[1] !== 2 * volts[0] && volts[0] <= 127
  if (isRange) return { volts: volts[0], amps: amps[0] ?? null }
  const distance = (v: number) => Math.abs(Math.log(v / mainsVolts))
  const at = volts.length === 2 && distance(volts[1]) < distance(volts[0]) ? 1 : 0
  return { volts: volts[at], amps: amps[Math.min(at, amps.length - 1)] ?? null }
}

/** Watts as written; of "60-80 W" the middle. */
export const middleWatts = ({ watts, wattsTo }: Facts): number | null =>
  watts === null || wattsTo === null ? watts : (watts + wattsTo) / 2

/** What one thing draws while it runs, as far as a line says it. */
export interface LineWatts {
  watts: number | null
  /** volts × amps of a label, VA */
  va: number | null
  volts: number | null
  /** said where the watts are computed from other figures */
  how: Told | null
  question: Question | null
}

/**
 * Running watts of one thing: as written, or from volts and amps, volt-amps or horsepower.
 *
 * @param text the line, for what is asked
 */
export function lineWatts(
  facts: Facts,
  thing: KnownThing | null,
  mainsVolts: number,
  text: string,
): LineWatts {
  const { volts, amps } = fitting(facts, mainsVolts)
  const kind: PlateKind = thing?.plateKind ?? 'electronics'
  const atVolts = volts ?? mainsVolts
  const isSmall = atVolts < SMALL_VOLTS
  const factor = facts.powerFactor ?? (isSmall ? 1 : POWER_FACTOR[kind])
  const va = amps === null ? facts.va : amps * atVolts
  const found = (watts: number | null, how: Told | null = null, question: Question | null = null) => ({
    watts: watts === null ? null : Math.round(watts * 100) / 100,
    va,
    volts,
    how,
    question,
  })
  if (facts.watts !== null) return found(middleWatts(facts))
  if (facts.hp !== null) {
    const watts =
      (motorWatts(facts.hp, atVolts) * (facts.powerFactor ?? MOTOR_POWER_FACTOR)) / MOTOR_POWER_FACTOR
    return found(
      amps !== null ? amps * atVolts * (facts.powerFactor ?? POWER_FACTOR.motor) : Math.round(watts),
      amps !== null ? null : told('line.atTheShaft', { hp: facts.hp, drawnW: Math.round(watts) }),
    )
  }
  if (amps !== null) {
    const usual = thing?.behaviour.runningW.value ?? null
    if (
      volts === null &&
      usual !== null &&
      thing?.behaviour.kind === 'charging' &&
      amps * mainsVolts > 5 * usual
    )
      return found(amps * 5, null, {
        message: told('line.atHowManyVolts', { current: amps }),
        meant: [
          { words: told('line.atFiveVolts', { current: amps, drawnW: amps * 5 }), text: `${text} 5 V` },
          {
            words: told('line.ampsAt', { current: amps, volts: mainsVolts }),
            text: `${text} ${mainsVolts} V`,
          },
        ],
      })
    const isBatteryVolts = volts !== null && [12, 12.8, 24, 48].includes(volts) && !facts.isDirect
    const isMainsThing =
      thing !== null && (usual ?? 0) >= 150 && thing.plateKind !== 'electronics' && thing.volts !== 12
    if (isBatteryVolts && isMainsThing && mainsVolts >= 100)
      return found(amps * mainsVolts * POWER_FACTOR[kind], null, batteryAmps(amps, volts, mainsVolts, text))
    return found(
      amps * atVolts * factor,
      factor === 1 ? null : told('line.ofVoltsAmps', { factor, volts: atVolts, current: amps }),
    )
  }
  if (facts.va !== null) return found(facts.va * factor, told('line.ofVoltAmps', { factor, va: facts.va }))
  return found(null)
}

/** Amps of a mains label written beside the battery's volts. */
export function batteryAmps(amps: number, dcV: number, mainsVolts: number, text: string): Question {
  const withVolts = (volts: string) =>
    text.replace(
      new RegExp(String.raw`${String(dcV).replace('.', String.raw`\.`)}\s?v(?:olts?)?(?![\p{L}])`, 'iu'),
      volts,
    )
  return {
    message: told('line.ampsOfTheMains', {
      current: amps,
      volts: mainsVolts,
      va: Math.round(amps * mainsVolts),
      fromBattery: Math.round((amps * mainsVolts) / (dcV * 0.87)),
      batteryVolts: dcV,
    }),
    meant: [
      {
        words: told('line.ampsOfLabel', { current: amps, volts: mainsVolts }),
        text: withVolts(`${mainsVolts} V`),
      },
      { words: told('line.ampsOfDc', { current: amps, volts: dcV }), text: withVolts(`${dcV} V DC`) },
    ],
  }
}
