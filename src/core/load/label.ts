import type { PlateKind } from '../plan/limits'
import { type Quantity, quantity } from '../quantity/quantity'
import { type Told, told } from '../quantity/told'
import type { Facts, Question } from '../reading/facts'
import { LABEL_PHRASES } from '../reading/labelPhrases'
import { readPhrases } from '../reading/phrases'
import { labelQuestion } from './labelQuestions'
import { POWER_FACTOR, SMALL_VOLTS, fitting, middleWatts } from './lineWatts'
import { START_TIMES, fullLoadAmps, startingVaByAmps, startingVaByLetter } from './start'

/** One step from what is printed to a figure: what was done, with which values, and what came out. */
export interface LabelStep {
  step: Told
  result: number
  unit: 'W' | 'VA' | 'Wh'
}

export interface LabelResult {
  /** what is printed, as it was read */
  facts: Facts
  /** the most it may draw: the higher of V × A and W, ±10 % */
  limitW: Quantity<'W'> | null
  /** what it draws while it runs, as far as a label tells */
  runningW: Quantity<'W'> | null
  /** volts × amps and no watts: a limit, not a draw */
  isLimitOnly: boolean
  /** from kWh a year or a day, under the label's conditions */
  averageW: Quantity<'W'> | null
  whCycle: Quantity<'Wh'> | null
  /** printed for its defrost heater */
  defrostW: Quantity<'W'> | null
  idleW: Quantity<'W'> | null
  startVa: number | null
  steps: LabelStep[]
}

export type LabelReading =
  | { kind: 'empty' }
  | { kind: 'question'; question: Question }
  | { kind: 'refused'; message: Told }
  /** `unread`: what stands there and was not understood */
  | { kind: 'read'; result: LabelResult; unread: string[] }

/** A label can understate a defrost by 50–100 W. Common practice, no source. */
export const DEFROST_MARGIN_W = 75
/** A label states a limit, not a use. Common practice, no source. */
const LABEL_TIMES = 1.6
const LIMIT_TIMES = 1.1
/** A power supply gives about this share of what it takes. Common practice, no source. */
const SUPPLY_EFFICIENCY = 0.85

/**
 * Reads what a label says and computes the rest.
 *
 * @param text such as "115/230V 9.8/4.9A" or "412 kWh/year", as printed
 * @param kind what the label is on
 * @param mainsVolts used where amps or horsepower stand without volts, and where a label names two voltages
 * @returns the figures with their formulas; or a question when one of the usual confusions is likely; or what is wrong
 */
export function readLabel(text: string, kind: PlateKind, mainsVolts: number): LabelReading {
  if (text.trim() === '') return { kind: 'empty' }
  const { facts, runs, unread } = readPhrases(text, LABEL_PHRASES)
  if (facts.faults.length) return { kind: 'refused', message: facts.faults[0] }
  const question = facts.questions[0] ?? labelQuestion(facts, text, kind, mainsVolts)
  if (question) return { kind: 'question', question }
  const left = [...unread, ...runs].sort((a, b) => a.from - b.from).map((piece) => piece.text)
  if (saysNothing(facts)) return { kind: 'refused', message: told('plate.hint') }
  const wrong = impossible(facts)
  return wrong
    ? { kind: 'refused', message: wrong }
    : { kind: 'read', result: compute(facts, kind, mainsVolts), unread: left }
}

const saysNothing = (facts: Facts) =>
  facts.watts === null &&
  facts.amps.length === 0 &&
  facts.va === null &&
  facts.hp === null &&
  facts.energy === null &&
  facts.averageW === null &&
  facts.lockedRotorA === null &&
  facts.defrostW === null &&
  facts.output === null

function impossible({ volts, amps, watts, hp, energy, lockedRotorA, startW }: Facts): Told | null {
  const odd = volts.find((v) => !(v >= 3 && v <= 600))
  if (odd !== undefined) return told('plate.oddVolts', { volts: odd })
  if (amps.some((a) => a > 200)) return told('plate.overMainFuse', { current: Math.max(...amps) })
  if (amps.includes(0) || watts === 0 || hp === 0)
    return told('plate.drawsNothing', { unit: amps.includes(0) ? 'A' : watts === 0 ? 'W' : 'hp' })
  if (lockedRotorA !== null && lockedRotorA > 1000)
    return told('plate.tooMuchAtStart', { what: told('plate.amps', { current: lockedRotorA }) })
  if (startW !== null && startW > 100_000)
    return told('plate.tooMuchAtStart', { what: told('plate.watts', { startW }) })
  if (watts !== null && watts > 50_000) return told('plate.tooManyWatts', { drawnW: watts })
  if (hp !== null && hp > 50) return told('plate.tooManyHp', { hp })
  if (energy?.per === 'year' && energy.wh > 100_000_000) return told('plate.tooMuchAYear')
  return null
}

function compute(facts: Facts, kind: PlateKind, mainsVolts: number): LabelResult {
  const steps: LabelStep[] = []
  const step: Step = (what, values, result, unit = 'W') =>
    steps.push({ step: told(`label.${what}`, values), result, unit })
  const count = facts.isTotal ? 1 : (facts.count ?? 1)
  const pair = fitting(facts, mainsVolts)
  const volts = pair.volts ?? mainsVolts
  const factor = facts.powerFactor ?? (volts < SMALL_VOLTS ? 1 : POWER_FACTOR[kind])
  const amps = pair.amps
  let { va } = facts
  if (amps !== null) {
    va = amps * volts
    step('voltAmps', { volts, current: amps, isPair: facts.volts.length > 1 }, va, 'VA')
  }
  const motor = motorOf(facts, kind, volts, amps, step)
  const outputW = outputOf(facts)
  const isShaft = shaftOnly(facts, kind, va)
  const mostW = facts.wattsTo ?? facts.watts
  const electric = [isShaft ? null : mostW, va, motor.watts].filter(
    (watts): watts is number => watts !== null,
  )
  const limit = electric.length ? Math.max(...electric) : mostW
  if (limit !== null) step('most', { mostW, byAmpsVa: va }, limit)
  const statedW = middleWatts(facts)
  const byAmps = va === null ? null : va * factor
  let running = isShaft ? byAmps : (statedW ?? (amps !== null ? byAmps : (motor.watts ?? byAmps)))
  if (running !== null && running === statedW && facts.wattsTo !== null)
    step('middle', { fromW: facts.watts, toW: facts.wattsTo }, running)
  if (running === byAmps && byAmps !== null) step('byAmps', { byAmpsVa: va, factor, isShaft }, byAmps)
  if (outputW !== null && facts.watts === null) {
    const drawn = outputW / SUPPLY_EFFICIENCY
    if (running === null || drawn < running) {
      running = drawn
      step('byOutput', { outputW, efficiency: SUPPLY_EFFICIENCY }, drawn)
    }
  }
  const averageW = averageOf(facts, step)
  if (facts.energy?.per === 'cycle') step('cycle', {}, facts.energy.wh, 'Wh')
  if (count > 1 && running !== null) step('all', { count, oneW: running }, running * count)
  const tenth = (watts: number) => Math.round(watts * count * 10) / 10
  const ofLabel = (watts: number | null, times: number) =>
    watts === null ? null : quantity(tenth(watts), 'W', 'label', { times })
  return {
    facts,
    limitW: ofLabel(limit, LIMIT_TIMES),
    runningW: ofLabel(running, LABEL_TIMES),
    isLimitOnly: facts.watts === null && facts.hp === null && va !== null,
    // a year's energy was measured for the label, in other surroundings than this house's
    averageW: ofLabel(averageW, 1.22),
    whCycle: facts.energy?.per === 'cycle' ? quantity(facts.energy.wh, 'Wh', 'label', { times: 1.3 }) : null,
    defrostW: ofLabel(facts.defrostW, LIMIT_TIMES),
    idleW: ofLabel(facts.idleW, 1.2),
    startVa: motor.startVa === null ? null : Math.round(motor.startVa),
    steps,
  }
}

/** On a motor kW beside volts and amps are those of its shaft: what it draws is more. */
const shaftOnly = (facts: Facts, kind: PlateKind, va: number | null) =>
  kind === 'motor' &&
  facts.watts !== null &&
  va !== null &&
  va * (facts.powerFactor ?? POWER_FACTOR.motor) > facts.watts

type Step = (what: string, values: Told['with'], result: number, unit?: LabelStep['unit']) => void

/** What horsepower, locked-rotor amps and a code letter say of a motor: its watts and its start. */
function motorOf(facts: Facts, kind: PlateKind, volts: number, amps: number | null, step: Step) {
  const at = volts <= 127 ? 115 : 230
  let watts: number | null = null
  let startVa: number | null = null
  if (facts.hp !== null) {
    const usualAmps = fullLoadAmps(facts.hp, volts)
    watts = usualAmps * at * (facts.powerFactor ?? POWER_FACTOR.motor)
    if (amps === null)
      step(
        'motor',
        { hp: facts.hp, fullAmperes: usualAmps, factor: facts.powerFactor ?? POWER_FACTOR.motor },
        watts,
      )
    startVa = facts.codeLetter
      ? startingVaByLetter(facts.hp, facts.codeLetter)
      : startingVaByAmps(usualAmps, at, START_TIMES)
    step('startOfHp', { letter: facts.codeLetter }, startVa)
    if (amps !== null) watts = null
  } else if (kind === 'motor' && amps !== null && facts.lockedRotorA === null) {
    startVa = startingVaByAmps(amps, volts, START_TIMES)
    step('startOfAmps', { current: amps }, startVa)
  }
  if (facts.lockedRotorA !== null) {
    startVa = facts.lockedRotorA * volts
    step('startOfLockedRotor', { current: facts.lockedRotorA }, startVa)
  } else if (facts.startW !== null) startVa = facts.startW
  return { watts, startVa }
}

function outputOf({ output }: Facts): number | null {
  if (!output) return null
  return output.watts ?? (output.volts !== null && output.amps !== null ? output.volts * output.amps : null)
}

function averageOf(facts: Facts, step: Step): number | null {
  if (facts.averageW !== null) return facts.averageW
  const { energy } = facts
  if (!energy || energy.per === null || energy.per === 'cycle') return null
  const hours = { day: 24, week: 168, month: 730.5, year: 8766 }[energy.per]
  const average = energy.wh / hours
  step('average', { per: energy.per, hours, kWh: energy.wh / 1000 }, average)
  return average
}
