import type { Cycling } from '../plan/schema'
import { type Evidence, type Quantity, quantity } from '../quantity/quantity'

/**
 * Refrigerators and freezers from their type, volume and year: the published limits on energy, brought from the
 * label's conditions to a house's.
 */

export const COLD_TYPES = [
  'top-freezer',
  'side-by-side',
  'bottom-freezer',
  'upright-freezer',
  'chest-freezer',
] as const
export type ColdType = (typeof COLD_TYPES)[number]

const L_PER_FT3 = 28.316847

type LimitYear = 1990 | 1993 | 2001 | 2014

interface EnergyLimit {
  /** kWh a year for each cubic foot of adjusted volume, and without any */
  perFt3: number
  fixed: number
}

/**
 * Most energy a year allowed, kWh, as a straight line in adjusted volume (ft³).
 * Source: 10 CFR 430.32(a), products made from July 2001 and from September 2014 on; from memory, as
 * are the line for a bottom freezer of 2014 and the limits of 1993 and 1990.
 */
const ENERGY_LIMITS: Readonly<Record<ColdType, Readonly<Record<LimitYear, EnergyLimit>>>> = {
  'top-freezer': {
    1990: { perFt3: 23.5, fixed: 471 },
    1993: { perFt3: 16, fixed: 355 },
    2001: { perFt3: 9.8, fixed: 276 },
    2014: { perFt3: 8.07, fixed: 233.7 },
  },
  'side-by-side': {
    1990: { perFt3: 30.9, fixed: 547 },
    1993: { perFt3: 16.3, fixed: 527 },
    2001: { perFt3: 10.1, fixed: 406 },
    2014: { perFt3: 8.54, fixed: 432.8 },
  },
  'bottom-freezer': {
    1990: { perFt3: 27.7, fixed: 488 },
    1993: { perFt3: 16.5, fixed: 367 },
    2001: { perFt3: 4.6, fixed: 459 },
    2014: { perFt3: 8.85, fixed: 317 },
  },
  'upright-freezer': {
    1990: { perFt3: 16, fixed: 623 },
    1993: { perFt3: 14.9, fixed: 391 },
    2001: { perFt3: 12.43, fixed: 326.1 },
    2014: { perFt3: 8.62, fixed: 228.3 },
  },
  'chest-freezer': {
    1990: { perFt3: 14.8, fixed: 223 },
    1993: { perFt3: 11, fixed: 160 },
    2001: { perFt3: 9.88, fixed: 143.7 },
    2014: { perFt3: 7.29, fixed: 107.8 },
  },
}

/** What each type usually is: share of its volume that freezes, set-points, watts and the like. From memory. */
const USUAL: Record<
  ColdType,
  {
    freezerShare: number
    /** volume factor of the freezing part: colder, so more work (10 CFR 430 subpart B, app. A and B) */
    factor: number
    setC: number
    litres: number
    runningW: number
    startTimes: number
    defrost: boolean
    periodMin: number
    timeConstantH: number
    doorsADay: number
  }
> = {
  'top-freezer': {
    freezerShare: 0.25,
    factor: 1.63,
    setC: -3,
    litres: 500,
    runningW: 130,
    startTimes: 7,
    defrost: true,
    periodMin: 45,
    timeConstantH: 9,
    doorsADay: 20,
  },
  'side-by-side': {
    freezerShare: 0.35,
    factor: 1.63,
    setC: -3,
    litres: 650,
    runningW: 170,
    startTimes: 7,
    defrost: true,
    periodMin: 45,
    timeConstantH: 9,
    doorsADay: 20,
  },
  'bottom-freezer': {
    freezerShare: 0.3,
    factor: 1.63,
    setC: -3,
    litres: 560,
    runningW: 140,
    startTimes: 7,
    defrost: true,
    periodMin: 45,
    timeConstantH: 9,
    doorsADay: 20,
  },
  'upright-freezer': {
    freezerShare: 1,
    factor: 1.73,
    setC: -18,
    litres: 400,
    runningW: 120,
    startTimes: 7,
    defrost: true,
    periodMin: 40,
    timeConstantH: 14,
    doorsADay: 2,
  },
  'chest-freezer': {
    freezerShare: 1,
    factor: 1.73,
    setC: -18,
    litres: 200,
    runningW: 85,
    startTimes: 8,
    defrost: false,
    periodMin: 50,
    timeConstantH: 20,
    doorsADay: 1,
  },
}

/** The label's surroundings: 32 °C, doors closed, defrost included. Source: 10 CFR 430 subpart B, app. A (90 °F). */
export const LABEL_SURROUNDINGS_C = 32.2
/**
 * A refrigerator in use takes some 10 to 16 % more than its label brought to the same room: age, its niche, doors, food that
 * cools. It is as if the label had been taken at 28 °C. A freezer is hardly opened. From memory.
 */
const IN_USE_LABEL_C = 28

/** The surroundings a label's energy stands for in use, °C. @param setC the box's set-point */
export const labelStandsForC = (setC: number) => (setC > FREEZES_C ? IN_USE_LABEL_C : LABEL_SURROUNDINGS_C)
/** A box with a colder set-point freezes all it holds. */
export const FREEZES_C = -10

/** Real products stand near 0.9 of the limit. Common practice, no source. */
const OF_LIMIT = 0.9
const WATTS_PER_KWH_YEAR = 1000 / 8766

export interface ColdBox {
  type: ColdType
  /** total litres; the usual of its type when not known */
  litres?: number
  /** year it was made; taken as 2001–2014 when not known */
  year?: number
  runningW?: number
  startW?: number
  isInverter?: boolean
}

/** From September 2014 on the freezing part counts 1.76 times in every type. Source: 10 CFR 430 subpart B, app. A and B. */
const FACTOR_2014 = 1.76

/** Adjusted volume, ft³: fresh part plus the freezing part times its factor. Source: 10 CFR 430 subpart B, app. A and B. */
export function adjustedVolumeFt3(type: ColdType, litres: number, year: number): number {
  const { freezerShare } = USUAL[type]
  const factor = year >= 2014 ? FACTOR_2014 : USUAL[type].factor
  return (litres / L_PER_FT3) * (1 - freezerShare + freezerShare * factor)
}

/** What those made before there were limits took, against the first of them: 1980 and the seventies. From memory. */
const BEFORE_LIMITS = { from1980: 1.3, earlier: 1.65 }

/**
 * Most energy a year allowed for a type, an adjusted volume (ft³) and a year, kWh; before 1990, when nothing was limited,
 * what such boxes usually took. Source: see `ENERGY_LIMITS`.
 */
export function energyLimitKWh(type: ColdType, adjustedFt3: number, year: number): number {
  const since: LimitYear = year >= 2014 ? 2014 : year >= 2001 ? 2001 : year >= 1993 ? 1993 : 1990
  const { perFt3, fixed } = ENERGY_LIMITS[type][since]
  const before = year >= 1990 ? 1 : year >= 1980 ? BEFORE_LIMITS.from1980 : BEFORE_LIMITS.earlier
  return (perFt3 * adjustedFt3 + fixed) * before
}

/** W on average under the label's conditions: the limit × 0.9 ÷ 8.766. @example labelAverageW('chest-freezer', 200, 2005) // 27.3 */
export function labelAverageW(type: ColdType, litres: number, year: number): number {
  return energyLimitKWh(type, adjustedVolumeFt3(type, litres, year), year) * OF_LIMIT * WATTS_PER_KWH_YEAR
}

const KNOWN_TIMES = 1.3
const GUESSED_TIMES = 1.45

/** Boxes up to this volume are thawed by hand or in their off time, without a heater. Common practice, no source. */
const MANUAL_DEFROST_L = 150

/**
 * The behaviour of a refrigerator or freezer of a type, and of a volume and a year where they are known.
 * Spread ×/÷1.4 when type, volume and year are known, ×/÷1.6 when one is missing. From memory, held against docs/calibration.md.
 *
 * @returns cycling that follows its room, with the defrost and the inertia such a box usually has
 */
export function coldBoxBehaviour({ type, litres, year, runningW, isInverter }: ColdBox): Cycling {
  const usual = USUAL[type]
  const known = litres !== undefined && year !== undefined
  const average = labelAverageW(type, litres ?? usual.litres, year ?? 2008)
  const evidence: Evidence = 'typical'
  const source = '10 CFR 430.32(a) × 0.9, brought from 32 °C to its room'
  const running = runningW ?? Math.max(usual.runningW, Math.round(average * 2))
  const averageW: Quantity<'W'> = {
    ...quantity(Math.round(average * 10) / 10, 'W', evidence, { times: known ? KNOWN_TIMES : GUESSED_TIMES }),
    source,
  }
  return {
    kind: 'cycling',
    runningW: quantity(running, 'W', runningW === undefined ? 'typical' : 'label', {
      times: runningW === undefined ? 1.3 : 1.15,
    }),
    averageW,
    periodMin: quantity(usual.periodMin, 'min', evidence, { times: 1.4 }),
    follows: {
      mode: 'cooling',
      setC: quantity(usual.setC, '°C', evidence, { plusMinus: 2 }),
      knownAtC: quantity(labelStandsForC(usual.setC), '°C', evidence, { plusMinus: 1 }),
      surroundings: 'indoors',
    },
    ...(isInverter
      ? {
          drive: {
            kind: 'inverter' as const,
            floorW: quantity(Math.round(running * 0.3), 'W', evidence, { times: 1.3 }),
          },
        }
      : {}),
    box: {
      timeConstantH: quantity(usual.timeConstantH, 'h', evidence, { times: 1.5 }),
      fillFraction: 0.5,
      offForH: 0,
    },
    doors: { knownADay: 0, nowADay: usual.doorsADay },
    ...(usual.defrost && (litres ?? usual.litres) > MANUAL_DEFROST_L
      ? { defrost: usualDefrost(isInverter ? 'adaptive' : 'timer') }
      : {}),
  }
}

/** Starting watts such a compressor usually needs, and none for an inverter drive. Common practice, no source. */
export function coldBoxStartW({ type, runningW, isInverter, startW }: ColdBox): number | null {
  if (isInverter) return null
  return startW ?? Math.round((runningW ?? USUAL[type].runningW) * USUAL[type].startTimes)
}

/** A defrost as most have it: 300 W for 25 minutes each eight hours of compressor time. Common practice, no source. */
export function usualDefrost(control: 'timer' | 'adaptive'): NonNullable<Cycling['defrost']> {
  return {
    watts: quantity(300, 'W', 'typical', { times: 1.4 }),
    minutes: quantity(25, 'min', 'typical', { times: 1.4 }),
    everyRunH: quantity(8, 'h', 'typical', { times: 1.4 }),
    control,
  }
}
