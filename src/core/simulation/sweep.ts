import type { StorePath } from '../conversion/loss'

/** Minutes between two points of a state-of-charge curve. */
export const POINT_MIN = 15

/** Where a sweep writes the state of charge: point p of run r stands at p · runs + r. */
export interface CurveSink {
  fractions: Float32Array
  runs: number
  run: number
}

const minuteW = new Float64Array(POINT_MIN)

/**
 * Carries one store through a run's demand with one multiply-add a step of POINT_MIN minutes:
 * E ← E − P₀·Δt − P̄ · (battery W per outlet W) · Δt.
 *
 * The energy only falls, so the floor is looked for at the end of each step, and the minute found among the
 * minutes of that step alone.
 *
 * @param changeW change of mean power each step, W; its running sum is the demand
 * @param horizonMin minutes to carry
 * @param chargedWh energy in the battery at the start
 * @param curve receives the state of charge every POINT_MIN minutes
 * @param minutes writes the mean watts of each minute from one minute until before another
 * @returns the minute, with its fraction, in which the floor is reached; Infinity when it is not
 */
export function sweepStore(
  changeW: Float64Array,
  horizonMin: number,
  path: StorePath,
  chargedWh: number,
  curve: CurveSink,
  minutes: (minuteW: Float64Array, from: number, until: number) => void,
): number {
  const { fractions, runs, run } = curve
  const idleWh = path.noLoadW / 60
  const whPerW = path.batteryWPerOutletW / 60
  const { floorWh } = path
  const perCapacity = 1 / path.capacityWh
  const points = Math.floor(horizonMin / POINT_MIN) + 1
  let energy = chargedWh
  let power = 0
  let end = energy < floorWh ? 0 : Infinity
  let point = 0
  for (let from = 0; end === Infinity && from < horizonMin; from += POINT_MIN) {
    power += changeW[point]
    fractions[point++ * runs + run] = energy * perCapacity
    const until = Math.min(from + POINT_MIN, horizonMin)
    // a step that the horizon cuts short has its watts spread over a whole one
    const left = energy - (until - from) * idleWh - power * POINT_MIN * whPerW
    if (left < floorWh) {
      minutes(minuteW, from, until)
      end = from + walkToFloor(until - from, energy - floorWh, idleWh, whPerW)
      energy = floorWh
    } else energy = left
  }
  if (end === 0) energy = Math.min(chargedWh, floorWh)
  for (; point < points; point++) fractions[point * runs + run] = energy * perCapacity
  return end
}

/** Of so many minutes the one, with its fraction, in which `aboveWh` is used up. */
function walkToFloor(count: number, aboveWh: number, idleWh: number, whPerW: number): number {
  let left = aboveWh
  for (let minute = 0; minute < count; minute++) {
    const taken = idleWh + minuteW[minute] * whPerW
    if (left < taken) return minute + left / taken
    left -= taken
  }
  return count
}

/** The demand of each minute, from its changes. */
export function runningSum(changeW: Float64Array, horizonMin: number, demandW: Float64Array): void {
  let power = 0
  for (let minute = 0; minute < horizonMin; minute++) demandW[minute] = power += changeW[minute]
}

/**
 * Carries a store that takes over in the middle of a run, from `fromMin` on; before that it is untouched.
 * @returns the minute its floor is reached; Infinity when it is not
 */
export function sweepFollower(
  demandW: Float64Array,
  horizonMin: number,
  path: StorePath,
  chargedWh: number,
  curve: CurveSink,
  fromMin: number,
): number {
  const { fractions, runs, run } = curve
  const points = Math.floor(horizonMin / POINT_MIN) + 1
  let energy = chargedWh
  let end = Infinity
  let point = 0
  for (let minute = 0; minute < horizonMin; minute++) {
    if (minute === point * POINT_MIN) fractions[point++ * runs + run] = energy / path.capacityWh
    if (end < Infinity || minute + 1 <= fromMin) continue
    const begin = Math.max(minute, fromMin)
    const drainW = path.noLoadW + demandW[minute] * path.batteryWPerOutletW
    const left = energy - (drainW * (minute + 1 - begin)) / 60
    if (left < path.floorWh) {
      end = energy < path.floorWh ? begin : begin + ((energy - path.floorWh) * 60) / drainW
      energy = Math.min(energy, path.floorWh)
    } else energy = left
  }
  for (; point < points; point++) fractions[point * runs + run] = energy / path.capacityWh
  return end
}
