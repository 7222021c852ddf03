import type { WorkingStep } from '../quantity/working'
import { formatEnergy, formatNumber, formatWatts } from '../quantity/format'
import { type Quantity, quantity } from '../quantity/quantity'
import { LABEL_GUARDS, type LabelQuestion } from './labelGuards'
import { fullLoadAmps, startingVaByAmps, startingVaByLetter } from './start'

/** What kind of thing the plate is on: it decides the power factor and the defrost margin. */
export type PlateKind = 'motor' | 'heat' | 'electronics' | 'cold box'

/** Everything a plate may say, as read. */
export interface Plate {
  volts: number | null
  amps: number | null
  watts: number | null
  va: number | null
  hp: number | null
  powerFactor: number | null
  kWhYear: number | null
  btuH: number | null
  whCycle: number | null
  codeLetter: string | null
}

export interface LabelResult {
  plate: Plate
  /** the most it may draw: the higher of V × A and W, ±10 %; with the defrost margin of a cold box */
  limitW: Quantity<'W'> | null
  /** what it draws while it runs, as far as a plate tells */
  runningW: Quantity<'W'> | null
  /** from kWh a year */
  averageW: Quantity<'W'> | null
  whCycle: Quantity<'Wh'> | null
  startVa: number | null
  steps: WorkingStep[]
}

export type LabelReading =
  | { kind: 'empty' }
  | { kind: 'question'; question: LabelQuestion }
  | { kind: 'refused'; message: string }
  | { kind: 'read'; result: LabelResult }

/** A motor's watts for its volt-amps, until measured: 0.75 ± 0.12; electronics some 0.9; heat 1. Common practice, no source. */
const POWER_FACTOR: Record<PlateKind, number> = { motor: 0.75, 'cold box': 0.75, electronics: 0.9, heat: 1 }
/** A plate can understate a defrost by 50–100 W. Common practice, no source. */
export const DEFROST_MARGIN_W = 75
/** A plate states a limit, not a use. Common practice, no source. */
const PLATE_TIMES = 1.6
const LIMIT_TIMES = 1.1
/** Motors without a code letter: six times full-load amps. Common practice, no source. */
const START_TIMES = 6

const N = String.raw`(\d[\d,]*(?:\.\d+)?(?:\s?/\s?\d+)?)`

const numberOf = (text: string) => {
  const [above, below] = text
    .replace(/,(?=\d{3}\b)/g, '')
    .replace(',', '.')
    .split('/')
  return Number(above) / Number(below ?? 1)
}

/**
 * Reads what a plate says and computes the rest.
 *
 * @param text such as "120 V 6.5 A 1/3 hp" or "412 kWh/year", as printed
 * @param kind what the plate is on
 * @param mainsVolts used where amps or horsepower stand without volts
 * @returns the figures with their formulas; or a question when one of the usual confusions is likely; or what is wrong
 */
export function readLabel(text: string, kind: PlateKind, mainsVolts: number): LabelReading {
  if (text.trim() === '') return { kind: 'empty' }
  for (const guard of LABEL_GUARDS) {
    const question = guard(text, mainsVolts)
    if (question) return { kind: 'question', question }
  }
  const plate = readPlate(text)
  if (Object.values(plate).every((value) => value === null))
    return {
      kind: 'refused',
      message: 'Write what the plate says with its units, such as “120 V 6.5 A”, “1/3 hp” or “412 kWh/year”.',
    }
  const wrong = impossible(plate)
  return wrong
    ? { kind: 'refused', message: wrong }
    : { kind: 'read', result: compute(plate, kind, mainsVolts) }
}

/** The numbers of a plate by their units; ranges such as "100-240 V" give their upper end. */
export function readPlate(text: string): Plate {
  let rest = ` ${text.replace(/\d+\s?[-–]\s?(?=\d+\s?v)/gi, '')} `
  const take = (pattern: string): RegExpMatchArray | null => {
    const match = rest.match(new RegExp(pattern, 'i'))
    if (match) rest = rest.replace(match[0], ' ')
    return match
  }
  const number = (pattern: string, factor = 1) => {
    const match = take(pattern)
    return match ? numberOf(match[1]) * factor : null
  }
  const perYear = String.raw`\s?(?:/|per|a)\s?(?:yr?|year|annum)\b`
  const kWhYear = number(`${N}\\s?kwh${perYear}`)
  const whCycle =
    number(`${N}\\s?kwh\\s?(?:/|per|a)\\s?(?:cycle|wash|load)\\b`, 1000) ??
    number(`${N}\\s?wh\\s?(?:/|per|a)\\s?(?:cycle|wash|load)\\b`)
  const btuH = number(`${N}\\s?k\\s?btu(?:\\s?/\\s?h)?\\b`, 1000) ?? number(`${N}\\s?btu(?:\\s?/\\s?h)?\\b`)
  const powerFactor = number(`(?:pf|power factor)\\s?=?\\s?${N}`) ?? number(`${N}\\s?pf\\b`)
  const letter = take(String.raw`\bcode\s?(?:letter\s?)?([a-z])\b`)
  const va = number(`${N}\\s?kva\\b`, 1000) ?? number(`${N}\\s?va\\b`)
  const hp = number(`${N}\\s?hp\\b`)
  const watts = number(`${N}\\s?kw\\b(?!h)`, 1000) ?? number(`${N}\\s?w(?:atts?)?\\b(?!\\s?h)`)
  const volts = number(`${N}\\s?v(?:olts?|ac)?\\b`)
  const milliamps = number(`${N}\\s?ma\\b`, 0.001)
  const amps = milliamps ?? number(`${N}\\s?a(?:mps?)?\\b`)
  return {
    volts,
    amps,
    watts,
    va,
    hp,
    powerFactor,
    kWhYear,
    btuH,
    whCycle,
    codeLetter: letter ? letter[1].toUpperCase() : null,
  }
}

function impossible({ volts, amps, watts, hp, powerFactor, kWhYear, codeLetter }: Plate): string | null {
  if (powerFactor !== null && !(powerFactor > 0 && powerFactor <= 1))
    return `A power factor lies between 0 and 1; ${formatNumber(powerFactor)} cannot be one.`
  if (volts !== null && !(volts >= 3 && volts <= 600))
    return `${formatNumber(volts)} V is not a voltage of a household plate. 120 V or 230 V would be.`
  if (amps !== null && amps > 200) return `${formatNumber(amps)} A is more than a house’s main fuse.`
  if (watts !== null && watts > 50_000) return `${formatWatts(watts)} is more than a household’s load can be.`
  if (hp !== null && hp > 50) return `${formatNumber(hp)} hp is more than a household’s motor can be.`
  if (kWhYear !== null && kWhYear > 100_000) return 'That is more energy a year than ten houses use.'
  if (codeLetter !== null && /[IOQW-Z]/.test(codeLetter))
    return `There is no code letter ${codeLetter}; A to V without I, O and Q are.`
  return null
}

function compute(plate: Plate, kind: PlateKind, mainsVolts: number): LabelResult {
  const steps: WorkingStep[] = []
  const volts = plate.volts ?? mainsVolts
  const factor = plate.powerFactor ?? POWER_FACTOR[kind]
  const step = (label: string, formula: string, values: [string, string][], result: string) =>
    steps.push({
      label,
      formula,
      values: values.map(([name, value]) => ({ name, value, evidence: 'label' as const })),
      result,
    })
  let { va } = plate
  if (va === null && plate.amps !== null) {
    va = plate.amps * volts
    step(
      'Volt-amps',
      'volts × amps',
      [
        ['volts', `${formatNumber(volts)} V`],
        ['amps', `${formatNumber(plate.amps)} A`],
      ],
      `${formatNumber(va, 0)} VA`,
    )
  }
  let startVa: number | null = null
  let hpW: number | null = null
  if (plate.hp !== null) {
    const amps = fullLoadAmps(plate.hp, volts)
    hpW = amps * (volts <= 120 ? 115 : 230) * factor
    step(
      'Motor',
      'full-load amps of its size × volts × power factor',
      [
        ['size', `${formatNumber(plate.hp, 3)} hp`],
        ['full-load amps', `${formatNumber(amps, 1)} A (NEC Table 430.248)`],
        ['power factor', formatNumber(factor)],
      ],
      formatWatts(hpW),
    )
    startVa = plate.codeLetter
      ? startingVaByLetter(plate.hp, plate.codeLetter)
      : startingVaByAmps(amps, volts <= 120 ? 115 : 230, START_TIMES)
    step(
      'Start',
      plate.codeLetter ? 'hp × locked-rotor kVA of its letter' : 'full-load amps × volts × 6',
      plate.codeLetter ? [['code letter', `${plate.codeLetter} (NEC Table 430.7(B))`]] : [],
      formatWatts(startVa),
    )
  }
  const electric = [plate.watts, va, hpW].filter((watts): watts is number => watts !== null)
  const highest = electric.length ? Math.max(...electric) : null
  const limit = highest === null ? null : highest + (kind === 'cold box' ? DEFROST_MARGIN_W : 0)
  if (limit !== null)
    step(
      'Most it may draw',
      kind === 'cold box'
        ? 'the higher of V × A and W, and 75 W for its defrost'
        : 'the higher of V × A and W',
      [
        ...(plate.watts === null ? [] : [['watts', formatWatts(plate.watts)] as [string, string]]),
        ...(va === null ? [] : [['V × A', `${formatNumber(va, 0)} VA`] as [string, string]]),
      ],
      formatWatts(limit),
    )
  const running = plate.watts ?? hpW ?? (va === null ? null : va * factor)
  if (running !== null && plate.watts === null && hpW === null && va !== null)
    step(
      'Running',
      'V × A × power factor',
      [
        ['V × A', `${formatNumber(va, 0)} VA`],
        ['power factor', formatNumber(factor)],
      ],
      formatWatts(running),
    )
  let average: number | null = null
  if (plate.kWhYear !== null) {
    average = plate.kWhYear / 8.766
    step(
      'Average',
      'kWh a year × 1000 ÷ 8766 h',
      [['a year', `${formatNumber(plate.kWhYear)} kWh`]],
      formatWatts(average),
    )
  }
  if (plate.whCycle !== null)
    step('Each cycle', 'as printed', [['a cycle', formatEnergy(plate.whCycle)]], formatEnergy(plate.whCycle))
  const tenth = (watts: number) => Math.round(watts * 10) / 10
  return {
    plate,
    limitW: limit === null ? null : quantity(tenth(limit), 'W', 'label', { times: LIMIT_TIMES }),
    runningW: running === null ? null : quantity(tenth(running), 'W', 'label', { times: PLATE_TIMES }),
    // a year's energy was measured for the label, in other surroundings than this house's
    averageW: average === null ? null : quantity(tenth(average), 'W', 'label', { times: 1.3 }),
    whCycle: plate.whCycle === null ? null : quantity(plate.whCycle, 'Wh', 'label', { times: 1.3 }),
    startVa: startVa === null ? null : Math.round(startVa),
    steps,
  }
}
