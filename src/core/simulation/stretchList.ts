/** What a stretch is besides its watts. */
export const STARTS = 1
export const DEFROSTS = 2

/** When one load is on in one run, in order and not overlapping. The arrays outlast the run and grow when one needs more. */
export class StretchList {
  count = 0
  /** the most it draws in this run, W */
  peakW = 0
  onMin: Float64Array
  offMin: Float64Array
  watts: Float64Array
  /** Wh up to and including each stretch */
  sumWh: Float64Array
  flags: Uint8Array

  constructor(pairs: number) {
    const size = Math.ceil(pairs * 1.5) + 4
    this.onMin = new Float64Array(size)
    this.offMin = new Float64Array(size)
    this.watts = new Float64Array(size)
    this.sumWh = new Float64Array(size)
    this.flags = new Uint8Array(size)
  }

  push(from: number, to: number, watts: number, flags: number): void {
    const k = this.count++
    if (k === this.onMin.length) this.grow()
    this.onMin[k] = from
    this.offMin[k] = to
    this.watts[k] = watts
    this.flags[k] = flags
    this.sumWh[k] = ((to - from) * watts) / 60 + (k > 0 ? this.sumWh[k - 1] : 0)
    if (watts > this.peakW) this.peakW = watts
  }

  clear(): void {
    this.count = 0
    this.peakW = 0
  }

  /** Wh from the start until a moment. */
  energyWh(untilMin: number): number {
    const k = this.endedBy(untilMin)
    const before = k > 0 ? this.sumWh[k - 1] : 0
    return k < this.count && this.onMin[k] < untilMin
      ? before + ((untilMin - this.onMin[k]) * this.watts[k]) / 60
      : before
  }

  /** The stretch that holds a moment, or −1. */
  at(minute: number): number {
    const k = this.endedBy(minute)
    return k < this.count && this.onMin[k] <= minute ? k : -1
  }

  /** How many stretches have ended by a moment. */
  private endedBy(minute: number): number {
    let low = 0
    let high = this.count
    while (low < high) {
      const middle = (low + high) >>> 1
      if (this.offMin[middle] <= minute) low = middle + 1
      else high = middle
    }
    return low
  }

  private grow(): void {
    const larger = new StretchList(this.onMin.length * 1.5)
    for (const key of ['onMin', 'offMin', 'watts', 'sumWh'] as const) {
      larger[key].set(this[key])
      this[key] = larger[key]
    }
    larger.flags.set(this.flags)
    this.flags = larger.flags
  }
}
