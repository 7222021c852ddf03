import type { Risk } from '../plan/wiring'

/** A house's time constant where nobody said: between a light and a heavy, well kept one. Common practice, no source. */
const GUESSED_TIME_CONSTANT_H = 40
const GUESS_TIMES = 1.6
const MEASURED_TIMES = 1.15

const STEP_H = 0.25

/** The hours in which a house loses 63 % of its warmth, short, likely and long. */
export function timeConstantOf(risk: Risk | undefined): [number, number, number] {
  const likely = risk?.timeConstantH ?? GUESSED_TIME_CONSTANT_H
  const times = risk?.isMeasured ? MEASURED_TIMES : GUESS_TIMES
  return [likely / times, likely, likely * times]
}

/**
 * Minutes after the heating stops until a room has cooled to a temperature.
 *
 * @param fromMin when the heating stops, since the outage began
 * @param outdoorC by the hour since the outage began; the last goes on
 * @returns Infinity where it does not within `mostH`
 * Source: Newton's cooling, T' = (T_out − T) / τ, in steps of a quarter hour.
 * @example coolsAfterMin([0], 0, 20, 10, 40) // 40 · ln 2 h = 1664 min
 */
export function coolsAfterMin(
  outdoorC: ArrayLike<number>,
  fromMin: number,
  indoorC: number,
  toC: number,
  timeConstantH: number,
  mostH = 14 * 24,
): number {
  if (!Number.isFinite(fromMin)) return Infinity
  let insideC = indoorC
  const share = 1 - Math.exp(-STEP_H / timeConstantH)
  for (let h = 0; h < mostH; h += STEP_H) {
    if (insideC <= toC) return h * 60
    const at = Math.min(outdoorC.length - 1, Math.floor(fromMin / 60 + h))
    insideC += (outdoorC[at] - insideC) * share
  }
  return Infinity
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
