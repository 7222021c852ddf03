import { bitsAt, uniformAt } from '../quantity/random'
import { FIRST_EVENT_PLACE, type LoadValues } from './chance'
import { CYCLE_JITTER, type CompiledLoad } from './compile'

/** When one load is on in one run, and its watts then. The arrays outlast the run and grow when one needs more. */
interface Stretches {
  count: number
  watts: number
  onMin: Float64Array
  offMin: Float64Array
  /** minutes on up to and including each stretch */
  sumMin: Float64Array
}

function stretchesFor(pairs: number): Stretches {
  const make = () => new Float64Array(Math.ceil(pairs * 1.5) + 4)
  return { count: 0, watts: 0, onMin: make(), offMin: make(), sumMin: make() }
}

function grow(stretches: Stretches): void {
  const larger = stretchesFor(stretches.onMin.length * 1.5)
  for (const key of ['onMin', 'offMin', 'sumMin'] as const) {
    larger[key].set(stretches[key])
    stretches[key] = larger[key]
  }
}

/**
 * One run's demand, written as changes of power into a grid of minutes. Beside the grid each load keeps
 * its switching times, for its energy and for peaks, which minute averages would hide.
 */
export class DemandGrid {
  /** change of the minute's mean power against the minute before, W; its running sum is the demand */
  readonly changeW: Float64Array
  private readonly stretches: Stretches[]

  constructor(
    loads: readonly CompiledLoad[],
    private readonly horizonMin: number,
  ) {
    this.changeW = new Float64Array(horizonMin + 2)
    this.stretches = loads.map((load) => stretchesFor(load.expectedPairs))
  }

  /** Writes a load's run into the grid. @param slot the load's place among the grid's loads */
  write(slot: number, load: CompiledLoad, values: LoadValues): void {
    const stretches = this.stretches[slot]
    stretches.count = 0
    stretches.watts = values.runningW
    switch (load.kind) {
      case 'constant':
      case 'scheduled':
        for (const [from, to] of load.stretches) this.add(stretches, from, to)
        break
      case 'session':
        this.writeSessions(stretches, load, values)
        break
      case 'cycling':
        this.writeCycles(stretches, values)
    }
  }

  private writeSessions(stretches: Stretches, load: CompiledLoad, values: LoadValues): void {
    const minutes = values.sessionMin
    let busyUntil = 0
    for (let k = 0; k < load.slots.length; k++) {
      const { fromMin, toMin } = load.slots[k]
      const room = Math.max(0, toMin - fromMin - minutes)
      const from = fromMin + room * uniformAt(values.stream, FIRST_EVENT_PLACE + k)
      const to = Math.min(this.horizonMin, from + minutes)
      const begin = Math.max(busyUntil, from)
      if (to > begin) this.add(stretches, begin, to)
      busyUntil = Math.max(busyUntil, to)
    }
  }

  private writeCycles(stretches: Stretches, values: LoadValues): void {
    const { stream, dutyFraction, periodMin, runningW } = values
    const { horizonMin, changeW } = this
    if (dutyFraction <= 0) return
    if (dutyFraction >= 1) return this.add(stretches, 0, horizonMin)
    const on = dutyFraction * periodMin
    const off = periodMin - on
    const unit = CYCLE_JITTER / 32768
    let { onMin, offMin, sumMin } = stretches
    let k = 0
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
        if (k === onMin.length) {
          grow(stretches)
          ;({ onMin, offMin, sumMin } = stretches)
        }
        onMin[k] = a
        offMin[k] = b
        sum += b - a
        sumMin[k++] = sum
      }
      at = end + off * (1 + ((bits & 0xffff) - 32767.5) * unit)
    }
    stretches.count = k
  }

  private add(stretches: Stretches, from: number, to: number): void {
    this.step(from, stretches.watts)
    this.step(to, -stretches.watts)
    const k = stretches.count++
    if (k === stretches.onMin.length) grow(stretches)
    stretches.onMin[k] = from
    stretches.offMin[k] = to
    stretches.sumMin[k] = to - from + (k > 0 ? stretches.sumMin[k - 1] : 0)
  }

  private step(at: number, watts: number): void {
    const minute = at | 0
    const later = (at - minute) * watts
    this.changeW[minute] += watts - later
    this.changeW[minute + 1] += later
  }

  /** Wh a load takes from the start until a moment. */
  energyWh(slot: number, untilMin: number): number {
    const { count, watts, onMin, offMin, sumMin } = this.stretches[slot]
    let low = 0
    let high = count
    while (low < high) {
      const middle = (low + high) >>> 1
      if (offMin[middle] <= untilMin) low = middle + 1
      else high = middle
    }
    let minutes = low > 0 ? sumMin[low - 1] : 0
    if (low < count && onMin[low] < untilMin) minutes += untilMin - onMin[low]
    return (minutes * watts) / 60
  }

  /** A load's stretches of being on in this run, as [from, to] pairs in minutes. */
  stretchesOf(slot: number): [number, number][] {
    const { count, onMin, offMin } = this.stretches[slot]
    return Array.from({ length: count }, (_, i) => [onMin[i], offMin[i]])
  }

  /** A load's running watts in this run. */
  wattsOf(slot: number): number {
    return this.stretches[slot].watts
  }
}
