/** What a stretch is besides its watts. */
export const STARTS = 1
export const DEFROSTS = 2

/** Numbers kept of each stretch: minute on, minute off, watts, Wh up to and including it. */
export const WIDTH = 4

/** When one load is on in one run, in order and not overlapping. The arrays outlast the run and grow when one needs more. */
export class StretchList {
  count = 0
  /** with `data` and `flags` open to the writer of cycles alone */
  room: number
  data: Float64Array
  flags: Uint8Array

  constructor(pairs: number) {
    this.room = Math.ceil(pairs * 1.5) + 4
    this.data = new Float64Array(this.room * WIDTH)
    this.flags = new Uint8Array(this.room)
  }

  push(from: number, to: number, watts: number, flags: number): void {
    const k = this.count++
    if (k === this.room) this.grow()
    const { data } = this
    const i = k * WIDTH
    data[i] = from
    data[i + 1] = to
    data[i + 2] = watts
    data[i + 3] = (k > 0 ? data[i - 1] : 0) + (to - from) * watts * (1 / 60)
    this.flags[k] = flags
  }

  clear(): void {
    this.count = 0
  }

  /** the most it draws in this run, W */
  peakW(): number {
    let most = 0
    for (let i = 2; i < this.count * WIDTH; i += WIDTH) if (this.data[i] > most) most = this.data[i]
    return most
  }

  onMin(k: number): number {
    return this.data[k * WIDTH]
  }

  offMin(k: number): number {
    return this.data[k * WIDTH + 1]
  }

  watts(k: number): number {
    return this.data[k * WIDTH + 2]
  }

  has(k: number, flag: number): boolean {
    return (this.flags[k] & flag) !== 0
  }

  /** Wh from the start until a moment. */
  energyWh(untilMin: number): number {
    if (this.count === 0) return 0
    if (untilMin >= this.offMin(this.count - 1)) return this.data[this.count * WIDTH - 1]
    const k = this.endedBy(untilMin)
    const before = k > 0 ? this.data[k * WIDTH - 1] : 0
    return this.onMin(k) < untilMin ? before + ((untilMin - this.onMin(k)) * this.watts(k)) / 60 : before
  }

  /** The stretch that holds a moment, or −1. */
  at(minute: number): number {
    const k = this.endedBy(minute)
    return k < this.count && this.onMin(k) <= minute ? k : -1
  }

  /** How many stretches have ended by a moment. */
  private endedBy(minute: number): number {
    const { data } = this
    let low = 0
    let high = this.count
    while (low < high) {
      const middle = (low + high) >>> 1
      if (data[middle * WIDTH + 1] <= minute) low = middle + 1
      else high = middle
    }
    return low
  }

  /** Makes room for half as many again. */
  grow(): void {
    this.room = Math.ceil(this.room * 1.5)
    const data = new Float64Array(this.room * WIDTH)
    data.set(this.data)
    const flags = new Uint8Array(this.room)
    flags.set(this.flags)
    this.data = data
    this.flags = flags
  }
}
