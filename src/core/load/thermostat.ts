import type { Cycling } from '../plan/schema'

/**
 * Thermostatic cycling: what share of the time a box or a house needs full output, how long each on and off
 * time is, and how long it takes to catch up after being off.
 */

/** Electricity one door opening costs a refrigerator, Wh: some 20 a day come to 5 % of 1 kWh. From memory. */
const DOOR_OPENING_WH = 2.5

/**
 * How the needed output follows the surroundings: D(T) = D_known · (T − T_set) ÷ (T_known − T_set). For heating
 * the set-point is the outdoor temperature at which none is needed, and the same formula holds with both
 * differences negative. Never below 0; a set-point within a degree of the known surroundings follows nothing.
 *
 * @returns factor on the known duty
 * Source: steady heat flow through the walls is proportional to the difference, common practice, no source.
 * @example demandFactor(21, -3, 32) // 0.686: a label's 32 °C brought to a room of 21 °C
 */
export function demandFactor(surroundC: number, setC: number, knownAtC: number): number {
  const known = knownAtC - setC
  return Math.abs(known) < 1 ? 1 : Math.max(0, (surroundC - setC) / known)
}

/**
 * The length of a cycle at half duty, minutes, from its length at a known duty: a thermostat of fixed
 * difference switches N = 4·N_max·D·(1 − D) times an hour, so P_half = 4·D·(1 − D)·P.
 * Source: the usual room-thermostat relation (as in NEMA DC 3), from memory.
 *
 * @param duty known share of the time on, 0…1; taken within 0.05…0.95, where the relation still holds
 */
export function periodAtHalf(periodMin: number, duty: number): number {
  const d = Math.min(0.95, Math.max(0.05, duty))
  return 4 * d * (1 - d) * periodMin
}

/** Minutes on and off of a cycle at a duty: on = P_half ÷ 4(1 − D), off = P_half ÷ 4D. */
export function cycleTimes(periodHalfMin: number, duty: number): { onMin: number; offMin: number } {
  return { onMin: periodHalfMin / (4 * (1 - duty)), offMin: periodHalfMin / (4 * duty) }
}

/** A full box swings more slowly than an empty one, at hardly other energy; a half-full one is usual. From memory. */
export const fillFactor = (fillFraction: number) => 0.7 + 0.6 * fillFraction

/**
 * What is in a box keeps its cold: its time constant against that of a half-full one, a quarter empty, 1.75 times full. An
 * empty one costs hardly anything to pull down. From memory.
 */
export const contentsFactor = (fillFraction: number) => 0.25 + 1.5 * fillFraction

/**
 * How a freezer's need falls with the cold of its room faster than the difference of temperatures: its compressor gains too,
 * D ∝ ΔT^1.25. From memory.
 */
const FREEZER_EXPONENT = 1.25

/** Factor on the needed output of a freezer beside that of the difference alone, 1 where it was known. */
export const freezerGain = (surroundC: number, setC: number, knownAtC: number): number => {
  const known = knownAtC - setC
  const now = Math.max(0, surroundC - setC)
  return known < 1 ? 1 : (now / known) ** (FREEZER_EXPONENT - 1)
}

/**
 * Minutes of full output until a box that was off is back at its set-point.
 *
 * Off, it drifts to the surroundings with τ; at full output it would settle at T_a − (T_a − T_s)/D. Solving the
 * exponential between: t = τ · ln(1 + (1 − e^(−off/τ)) · D ÷ (1 − D)).
 *
 * @param duty share of full output it needs to hold, 0…1
 * @param tauMin time constant, minutes
 * @param offMin how long it was off; Infinity for a box loaded warm
 * @returns minutes; Infinity when full output cannot bring it back (duty 1)
 */
export function catchUpMin(duty: number, tauMin: number, offMin: number): number {
  if (duty <= 0) return 0
  if (duty >= 1) return Infinity
  return tauMin * Math.log(1 + ((1 - Math.exp(-offMin / tauMin)) * duty) / (1 - duty))
}

/**
 * Minutes nothing is needed after a set-point was moved by `byK` towards the surroundings: the box drifts
 * there first, t = τ · ln(ΔT ÷ (ΔT − byK)).
 *
 * @param differenceK surroundings against the set-point before, always positive
 * @returns minutes; 0 when the new set-point lies beyond the surroundings (then nothing is needed anyway)
 */
export function coastMin(tauMin: number, differenceK: number, byK: number): number {
  return byK > 0 && byK < differenceK ? tauMin * Math.log(differenceK / (differenceK - byK)) : 0
}

/** The duty a cycling load was known at, and where its average went. */
export interface ReferenceDuty {
  /** share of full output, 0…1 */
  duty: number
  /** W the defrost takes of the average */
  defrostW: number
}

/**
 * The share of full output behind a known average, defrost taken out of it. A defrost of t minutes follows every I
 * minutes of compressor time, and nothing is cooled meanwhile: A = (P_run·I + P_defrost·t) ÷ (I ÷ D + t), so
 * D = I ÷ ((P_run·I + P_defrost·t) ÷ A − t).
 * Source: reference conditions of energy labels include the defrost; common practice, no source.
 *
 * @param floorW lowest modulating watts of an inverter drive, 0 for others: below it the compressor time is shorter than the hour
 */
export function referenceDuty(
  averageW: number,
  runningW: number,
  defrost: { watts: number; minutes: number; everyRunH: number } | null,
  floorW = 0,
): ReferenceDuty {
  if (runningW <= 0) return { duty: 0, defrostW: 0 }
  if (!defrost) return { duty: Math.min(1, averageW / runningW), defrostW: 0 }
  if (averageW <= 0) return { duty: 0, defrostW: 0 }
  const everyMin = defrost.everyRunH * 60
  const defrostWmin = defrost.watts * defrost.minutes
  const dutyAt = (watts: number) => {
    const wallMin = (watts * everyMin + defrostWmin) / averageW - defrost.minutes
    return wallMin <= everyMin ? 1 : everyMin / wallMin
  }
  // a modulating compressor runs through between its defrosts, unless it would have to run below its floor
  const modulatingW = (averageW * (everyMin + defrost.minutes) - defrostWmin) / everyMin
  const throughW = floorW > 0 && modulatingW >= floorW ? Math.min(runningW, modulatingW) : null
  const duty =
    throughW !== null ? throughW / runningW : (dutyAt(floorW || runningW) * (floorW || runningW)) / runningW
  const compressorShare = throughW !== null ? 1 : dutyAt(floorW || runningW)
  const wallMin = everyMin / compressorShare + defrost.minutes
  return { duty, defrostW: defrostWmin / wallMin }
}

/** Added to a known average for doors opened more or less often than when it was known, W. */
export function doorsW(doors: Cycling['doors']): number {
  return doors ? ((doors.nowADay - doors.knownADay) * DOOR_OPENING_WH) / 24 : 0
}

/** Share of the time a cycling load runs: as it was known, and in given surroundings. */
export interface CyclingDuty {
  known: number
  here: number
}

/**
 * The duty of a cycling load, from its middle values.
 *
 * @param surroundC mean of its surroundings over the outage
 */
export function cyclingDuty(load: Cycling, surroundC: number): CyclingDuty {
  const { runningW, averageW, follows, defrost, drive } = load
  const idleW = load.idleW && drive?.kind !== 'inverter' ? load.idleW.value : 0
  const { duty: known } = referenceDuty(
    Math.max(0, averageW.value + doorsW(load.doors) - idleW),
    Math.max(0, runningW.value - idleW),
    defrost
      ? {
          watts: Math.max(0, defrost.watts.value - idleW),
          minutes: defrost.minutes.value,
          everyRunH: defrost.everyRunH.value,
        }
      : null,
  )
  const factor = follows ? demandFactor(surroundC, follows.setC.value, follows.knownAtC.value) : 1
  return { known, here: Math.min(1, known * factor) }
}
