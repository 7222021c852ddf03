/** What a stretch is besides its watts. */
export const STARTS = 1
export const DEFROSTS = 2

/** Numbers kept of each stretch: minute on, minute off, watts, Wh up to and including it. */
export const WIDTH = 4

/** When one load is on in one run, in order and not overlapping. The arrays outlast the run and grow when one needs more. */
export class StretchList {
  count = 0
  /** the most it draws in this run, W; found while it is drawn */
  peakW = 0
  /** with `data` and `flags` open to the writer of cycles alone */
  room: number
  data: Float64Array
  flags: Uint8Array

  constructor(pairs: number) {
    this.room = Math.ceil(pairs * 1.5) + 4
    this.data = new Float64Array(this.room * WIDTH)
    this.flags = new Uint8Array(this.room)
  }

  /** Appends a stretch; one without length is left out. */
  push(from: number, to: number, watts: number, flags: number): void {
    if (this.count === this.room) this.grow()
    this.count = this.lay(this.count, from, to, watts, flags)
  }

  /** Lays a stretch at place `k`, for which there is room. @returns the next place */
  lay(k: number, from: number, to: number, watts: number, flags: number): number {
    if (!(to > from)) return k
    const { data } = this
    const i = k * WIDTH
    data[i] = from
    data[i + 1] = to
    data[i + 2] = watts
    this.flags[k] = flags
    return k + 1
  }

  /**
   * Sums the energies up and writes every stretch as changes of power into a grid of equal steps, so that
   * each step's mean is exact. Until then the list's energies are not to be asked for.
   *
   * @param weight what a watt of it counts in the grid: 1 but for direct current
   * @param perMin steps in a minute
   */
  draw(changeW: Float64Array, weight: number, perMin: number): void {
    const { data } = this
    const end = this.count * WIDTH
    let wh = 0
    let most = 0
    for (let i = 0; i < end; i += WIDTH) {
      const from = data[i]
      const to = data[i + 1]
      const watts = data[i + 2]
      if (watts > most) most = watts
      const gridW = watts * weight
      const begin = from * perMin
      const a = begin | 0
      const wa = (begin - a) * gridW
      changeW[a] += gridW - wa
      changeW[a + 1] += wa
      const end = to * perMin
      const b = end | 0
      const wb = (end - b) * gridW
      changeW[b] -= gridW - wb
      changeW[b + 1] -= wb
      wh += (to - from) * watts * (1 / 60)
      data[i + 3] = wh
    }
    this.peakW = most
  }

  /** Adds its mean watts of each minute from `from` until before `until` to `minuteW`, which begins at `from`. */
  addMinutes(minuteW: Float64Array, from: number, until: number, weight: number): void {
    for (let k = this.endedBy(from); k < this.count && this.onMin(k) < until; k++) {
      const begin = Math.max(from, this.onMin(k))
      const end = Math.min(until, this.offMin(k))
      const watts = this.watts(k) * weight
      for (let minute = begin | 0; minute < end; minute++)
        minuteW[minute - from] += watts * (Math.min(end, minute + 1) - Math.max(begin, minute))
    }
  }

  clear(): void {
    this.count = 0
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
