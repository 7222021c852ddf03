import { bitsAt, uniformAt } from '../quantity/random'
import { FIRST_EVENT_PLACE, type LoadValues } from './chance'
import { CYCLE_JITTER, type CompiledLoad } from './compile'

/**
 * One run's demand, written as changes of power into a grid of minutes. Beside the grid each load keeps
 * its switching times, for its energy and for peaks, which minute averages would hide.
 */
export class DemandGrid {
  /** change of the minute's mean power against the minute before, W; its running sum is the demand */
  readonly changeW: Float64Array
  private readonly horizonMin: number
  private readonly offsets: Int32Array
  /** on-times and off-times of all loads, each load from its offset */
  private readonly onMin: Float64Array
  private readonly offMin: Float64Array
  /** minutes on up to and including each stretch */
  private readonly sumMin: Float64Array
  private readonly counts: Int32Array
  private readonly watts: Float64Array

  constructor(loads: readonly CompiledLoad[], horizonMin: number) {
    this.horizonMin = horizonMin
    this.changeW = new Float64Array(horizonMin + 2)
    this.offsets = new Int32Array(loads.length + 1)
    loads.forEach((load, i) => (this.offsets[i + 1] = this.offsets[i] + load.maxPairs))
    const total = this.offsets[loads.length]
    this.onMin = new Float64Array(total)
    this.offMin = new Float64Array(total)
    this.sumMin = new Float64Array(total)
    this.counts = new Int32Array(loads.length)
    this.watts = new Float64Array(loads.length)
  }

  /** Writes a load's run into the grid. @param slot the load's place among the grid's loads */
  write(slot: number, load: CompiledLoad, values: LoadValues): void {
    this.counts[slot] = 0
    this.watts[slot] = values.runningW
    switch (load.kind) {
      case 'constant':
      case 'scheduled':
        for (const [from, to] of load.stretches) this.add(slot, from, to)
        break
      case 'session':
        this.writeSessions(slot, load, values)
        break
      case 'cycling':
        this.writeCycles(slot, values)
    }
  }

  private writeSessions(slot: number, load: CompiledLoad, values: LoadValues): void {
    const minutes = values.sessionMin
    let busyUntil = 0
    for (let k = 0; k < load.slots.length; k++) {
      const { fromMin, toMin } = load.slots[k]
      const room = Math.max(0, toMin - fromMin - minutes)
      const from = fromMin + room * uniformAt(values.stream, FIRST_EVENT_PLACE + k)
      const to = Math.min(this.horizonMin, from + minutes)
      const begin = Math.max(busyUntil, from)
      if (to > begin) this.add(slot, begin, to)
      busyUntil = Math.max(busyUntil, to)
    }
  }

  private writeCycles(slot: number, values: LoadValues): void {
    const { stream, dutyFraction, periodMin, runningW } = values
    const { horizonMin, changeW, onMin, offMin, sumMin } = this
    if (dutyFraction <= 0) return
    if (dutyFraction >= 1) return this.add(slot, 0, horizonMin)
    const on = dutyFraction * periodMin
    const off = periodMin - on
    const unit = CYCLE_JITTER / 32768
    let k = this.offsets[slot]
    let sum = 0
    let at = -values.phase * periodMin
    for (let cycle = FIRST_EVENT_PLACE; at < horizonMin; cycle++) {
      const bits = bitsAt(stream, cycle)
      const end = at + on * (1 + ((bits >>> 16) - 32767.5) * unit)
      if (end > 0) {
        // the same arithmetic as in add(), kept inline: this is the innermost loop of the program
        const a = at > 0 ? at : 0
        const b = end < horizonMin ? end : horizonMin
        const ma = a | 0
        const wa = (a - ma) * runningW
        changeW[ma] += runningW - wa
        changeW[ma + 1] += wa
        const mb = b | 0
        const wb = (b - mb) * runningW
        changeW[mb] -= runningW - wb
        changeW[mb + 1] -= wb
        onMin[k] = a
        offMin[k] = b
        sum += b - a
        sumMin[k++] = sum
      }
      at = end + off * (1 + ((bits & 0xffff) - 32767.5) * unit)
    }
    this.counts[slot] = k - this.offsets[slot]
  }

  private add(slot: number, from: number, to: number): void {
    const watts = this.watts[slot]
    this.step(from, watts)
    this.step(to, -watts)
    const k = this.offsets[slot] + this.counts[slot]++
    this.onMin[k] = from
    this.offMin[k] = to
    this.sumMin[k] = to - from + (this.counts[slot] > 1 ? this.sumMin[k - 1] : 0)
  }

  private step(at: number, watts: number): void {
    const minute = at | 0
    const later = (at - minute) * watts
    this.changeW[minute] += watts - later
    this.changeW[minute + 1] += later
  }

  /** Wh a load takes from the start until a moment. */
  energyWh(slot: number, untilMin: number): number {
    const first = this.offsets[slot]
    let low = first
    let high = first + this.counts[slot]
    while (low < high) {
      const middle = (low + high) >>> 1
      if (this.offMin[middle] <= untilMin) low = middle + 1
      else high = middle
    }
    let minutes = low > first ? this.sumMin[low - 1] : 0
    if (low < first + this.counts[slot] && this.onMin[low] < untilMin) minutes += untilMin - this.onMin[low]
    return (minutes * this.watts[slot]) / 60
  }

  /** A load's stretches of being on in this run, as [from, to] pairs in minutes. */
  stretchesOf(slot: number): [number, number][] {
    const first = this.offsets[slot]
    return Array.from({ length: this.counts[slot] }, (_, i) => [
      this.onMin[first + i],
      this.offMin[first + i],
    ])
  }

  /** A load's running watts in this run. */
  wattsOf(slot: number): number {
    return this.watts[slot]
  }
}
