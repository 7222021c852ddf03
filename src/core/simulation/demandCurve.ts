import { POINT_MIN } from './sweep'

/** Wh taken since the start at every point of a run's curves, of all runs: point p of run r at p · runs + r. */
export class DemandCurve {
  readonly wh: Float32Array

  constructor(
    private readonly runs: number,
    private readonly horizonMin: number,
  ) {
    this.wh = new Float32Array((Math.floor(horizonMin / POINT_MIN) + 1) * runs)
  }

  /**
   * Adds one run up.
   *
   * @param changeW change of mean power each step, W
   * @param stepMin minutes of a step; a point is a whole number of them
   */
  add(run: number, changeW: Float64Array, stepMin: number): void {
    const { wh, runs, horizonMin } = this
    const perPoint = POINT_MIN / stepMin
    const points = Math.floor(horizonMin / POINT_MIN) + 1
    let power = 0
    let sum = 0
    for (let point = 0, step = 0; point < points; point++) {
      wh[point * runs + run] = sum
      for (const until = step + perPoint; step < until && step < changeW.length; step++) {
        power += changeW[step]
        sum += (power * stepMin) / 60
      }
    }
  }
}
