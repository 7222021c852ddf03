import type { StorePath } from '../conversion/loss'

/** Minutes between two points of a state-of-charge curve. */
export const POINT_MIN = 15

/** Where a sweep writes the state of charge: point p of run r stands at p · runs + r. */
export interface CurveSink {
  fractions: Float32Array
  runs: number
  run: number
}

/**
 * Carries one store through a run's demand with one multiply-add a minute:
 * E ← E − P₀/60 − P · (battery W per outlet W)/60.
 *
 * The energy only falls, so the floor is looked for once every POINT_MIN minutes and the minute found by
 * walking that stretch again.
 *
 * @param changeW change of mean power each minute, W; its running sum is the demand
 * @param horizonMin minutes to carry
 * @param chargedWh energy in the battery at the start
 * @param curve receives the state of charge every POINT_MIN minutes
 * @returns the minute, with its fraction, in which the floor is reached; Infinity when it is not
 */
export function sweepStore(
  changeW: Float64Array,
  horizonMin: number,
  path: StorePath,
  chargedWh: number,
  curve: CurveSink,
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
    fractions[point++ * runs + run] = energy * perCapacity
    const until = from + POINT_MIN < horizonMin ? from + POINT_MIN : horizonMin
    const powerBefore = power
    // three sums side by side, since each addition waits for the one before it: a change counts for as many
    // minutes as are left
    let minute = from
    let change0 = 0
    let change1 = 0
    let change2 = 0
    let sum0 = 0
    let sum1 = 0
    let sum2 = 0
    for (; minute + 2 < until; minute += 3) {
      const left = until - minute
      const first = changeW[minute]
      const second = changeW[minute + 1]
      const third = changeW[minute + 2]
      change0 += first
      change1 += second
      change2 += third
      sum0 += first * left
      sum1 += second * (left - 1)
      sum2 += third * (left - 2)
    }
    let sumW = power * (until - from) + sum0 + sum1 + sum2
    power += change0 + change1 + change2
    for (; minute < until; minute++) {
      power += changeW[minute]
      sumW += changeW[minute] * (until - minute)
    }
    const left = energy - (until - from) * idleWh - sumW * whPerW
    if (left < floorWh) {
      end = walkToFloor(changeW, from, until, powerBefore, energy - floorWh, idleWh, whPerW)
      energy = floorWh
    } else energy = left
  }
  if (end === 0) energy = Math.min(chargedWh, floorWh)
  for (; point < points; point++) fractions[point * runs + run] = energy * perCapacity
  return end
}

/** The minute, with its fraction, in which `aboveWh` is used up. */
function walkToFloor(
  changeW: Float64Array,
  from: number,
  until: number,
  powerBefore: number,
  aboveWh: number,
  idleWh: number,
  whPerW: number,
): number {
  let power = powerBefore
  let left = aboveWh
  for (let minute = from; minute < until; minute++) {
    power += changeW[minute]
    const taken = idleWh + power * whPerW
    if (left < taken) return minute + left / taken
    left -= taken
  }
  return until
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
