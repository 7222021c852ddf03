import type { Risk } from '../plan/wiring'
import { type Course, lossOf } from './course'

/** A house's time constant where nobody said: between a light and a heavy, well kept one. Common practice, no source. */
const GUESSED_TIME_CONSTANT_H = 40
const GUESS_TIMES = 1.6
const MEASURED_TIMES = 1.15

/** The hours in which a house loses 63 % of its warmth, short, likely and long. */
export function timeConstantOf(risk: Risk | undefined): [number, number, number] {
  const likely = risk?.timeConstantH ?? GUESSED_TIME_CONSTANT_H
  const times = risk?.isMeasured ? MEASURED_TIMES : GUESS_TIMES
  return [likely / times, likely, likely * times]
}

/** What the rooms of a house depend on. */
export interface HouseInWeather {
  /** by the hour since the outage began; the last goes on */
  outdoorC: ArrayLike<number>
  /** what the thermostat keeps */
  indoorC: number
  timeConstantH: number
  /** share of the time its heating has to run in the mean of this weather; 1 and more never brings the rooms back */
  dutyFraction: number
}

/**
 * Rooms that cool while their heating has no power, and are warmed again while it has, at full output.
 *
 * Source: Newton's cooling, T' = (T_out − T) / τ, solved hour by hour; a heating that keeps (T_in − T_out) with the share D of its
 * time adds (T_in − T_out) / (τ · D) at full output.
 */
export class CoolingHouse implements Course {
  readonly leastMin: number
  private insideC: number
  private readonly heatsK: number
  private readonly tauMin: number
  /** what is left of a difference after an hour */
  private readonly perHour: number

  /** @param toC what the rooms must not cool to */
  constructor(
    private readonly house: HouseInWeather,
    private readonly toC: number,
  ) {
    const { outdoorC, indoorC, dutyFraction, timeConstantH } = house
    this.insideC = indoorC
    this.tauMin = timeConstantH * 60
    this.perHour = Math.exp(-1 / timeConstantH)
    let sum = 0
    let coldest = Infinity
    for (let h = 0; h < outdoorC.length; h++) {
      sum += outdoorC[h]
      coldest = Math.min(coldest, outdoorC[h])
    }
    this.leastMin = this.coolsIn(indoorC, coldest)
    this.heatsK = Math.max(0, indoorC - sum / outdoorC.length) / Math.max(LEAST_DUTY, dutyFraction)
  }

  begin(): void {
    this.insideC = this.house.indoorC
  }

  without(fromMin: number, toMin: number): number {
    const { outdoorC } = this.house
    const last = outdoorC.length - 1
    for (let at = fromMin; at < toMin;) {
      const hour = Math.floor(at / 60)
      const outC = outdoorC[Math.min(hour, last)]
      const until = hour < last ? Math.min(toMin, (hour + 1) * 60) : toMin
      if (this.insideC < this.toC) return at
      const thenC = outC + (this.insideC - outC) * this.leftAfter(until - at)
      if (thenC < this.toC) return at + this.coolsIn(this.insideC, outC)
      this.insideC = thenC
      at = until
    }
    return Infinity
  }

  fed(fromMin: number, toMin: number): void {
    const { outdoorC, indoorC } = this.house
    const last = outdoorC.length - 1
    for (let at = fromMin; at < toMin && this.insideC < indoorC;) {
      const hour = Math.floor(at / 60)
      const until = hour < last ? Math.min(toMin, (hour + 1) * 60) : toMin
      const settlesC = outdoorC[Math.min(hour, last)] + this.heatsK
      this.insideC = Math.min(indoorC, settlesC + (this.insideC - settlesC) * this.leftAfter(until - at))
      at = until
    }
  }

  /** Minutes until rooms have cooled, outdoors staying as it is; Infinity where they never do. */
  private coolsIn(insideC: number, outC: number): number {
    if (insideC <= this.toC) return 0
    return outC < this.toC ? this.tauMin * Math.log((insideC - outC) / (this.toC - outC)) : Infinity
  }

  /** What is left of a difference after minutes. */
  private leftAfter(minutes: number): number {
    return minutes === 60 ? this.perHour : Math.exp(-minutes / this.tauMin)
  }
}

/** Heating that hardly runs is not taken for endlessly strong. */
const LEAST_DUTY = 0.1

/**
 * Minutes after the heating stops for good until a room has cooled to a temperature.
 *
 * @param fromMin when the heating stops, since the outage began
 * @param outdoorC by the hour since the outage began; the last goes on
 * @returns Infinity where it never does
 * @example coolsAfterMin([0], 0, 20, 10, 40) // 40 · ln 2 h = 1664 min
 */
export function coolsAfterMin(
  outdoorC: ArrayLike<number>,
  fromMin: number,
  indoorC: number,
  toC: number,
  timeConstantH: number,
): number {
  if (!Number.isFinite(fromMin)) return Infinity
  const course = new CoolingHouse({ outdoorC, indoorC, timeConstantH, dutyFraction: 1 }, toC)
  return lossOf([[fromMin, Infinity]], course) - fromMin
}

/**
 * The time constant measured in a cooling night: two temperatures and the hours between.
 *
 * @throws RangeError where it did not cool, or was not warmer than outdoors
 * Source: τ = t / ln((T₀ − T_out) / (T₁ − T_out)).
 * @example timeConstantMeasured(20, 16, 0, 9) // 40.3
 */
export function timeConstantMeasured(startC: number, endC: number, outdoorC: number, hours: number): number {
  if (!(startC > endC && endC > outdoorC && hours > 0))
    throw new RangeError('it must have cooled, and stayed warmer than outdoors')
  return hours / Math.log((startC - outdoorC) / (endC - outdoorC))
}
