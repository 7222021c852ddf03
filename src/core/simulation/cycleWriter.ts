import { catchUpMin } from '../load/thermostat'
import type { Intervals } from '../plan/clock'
import { bitsAt, uniformAt } from '../quantity/random'
import { CYCLE_JITTER } from './compile'
import { FIRST_DEFROST_PLACE, FIRST_EVENT_PLACE, type LoadValues, demandAt } from './loadValues'
import { DEFROSTS, STARTS, type StretchList } from './stretchList'

const JITTER_UNIT = CYCLE_JITTER / 32768

/** Even jitter around 1 of a cycle's on time, from the upper half of its bits; of its off time from the lower. */
export const onJitter = (bits: number) => 1 + ((bits >>> 16) - 32767.5) * JITTER_UNIT
export const offJitter = (bits: number) => 1 + ((bits & 0xffff) - 32767.5) * JITTER_UNIT

/** Minutes of full output after a pause, until what was put off has been made up for. */
export function recoveryMin(values: LoadValues, hour: number, offMin: number): number {
  if (values.recovers === 'nothing') return 0
  const demand = demandAt(values, hour)
  if (values.recovers === 'box') return catchUpMin(demand, values.tauMin, offMin)
  return demand >= 1 ? Infinity : (offMin * demand) / (1 - demand)
}

/** Compressor minutes from one defrost to the next: a timer's are fixed, an adaptive one's anywhere from half to one and a half. */
export function nextDefrostMin(values: LoadValues, count: number): number {
  return values.isAdaptive
    ? values.defrostEveryMin * (0.5 + uniformAt(values.stream, FIRST_DEFROST_PLACE + count))
    : values.defrostEveryMin
}

/**
 * Writes cycling loads: thermostats, compressors with their defrosts, burners with their blowers, pumps.
 *
 * A phase lasts until its jittered share is used up at the rate of the hour it is in, on: 4(1 − D)/P_half a
 * minute, off: 4D/P_half, so that a cycle follows the weather while it lasts.
 */
export class CycleWriter {
  private list!: StretchList
  private values!: LoadValues
  private openFrom = -1
  private openW = 0
  private openFlags = 0

  constructor(
    private readonly changeW: Float64Array,
    private readonly horizonMin: number,
  ) {}

  write(list: StretchList, values: LoadValues, pauses: Intervals): void {
    this.list = list
    this.values = values
    const { horizonMin } = this
    const { stream, dutyH, wattsH, runningW, coastMin, lagMin } = values
    const perHalf = 4 / values.periodHalfMin
    let forcedUntil = values.pullDownMin
    let toDefrost = values.firstDefrostMin
    let defrosts = 0
    let cycle = FIRST_EVENT_PLACE
    let bits = bitsAt(stream, cycle)
    let isOn = values.phase < dutyH[0]
    let need = isOn
      ? onJitter(bits) * (1 - values.phase / dutyH[0])
      : offJitter(bits) * (1 - (values.phase - dutyH[0]) / (1 - dutyH[0]))
    let pause = 0
    let pauseAt = pauses.length > 0 ? pauses[0][0] : Infinity
    let notBefore = 0
    let at = 0
    this.openFrom = -1
    while (at < horizonMin) {
      if (at >= pauseAt) {
        this.close(at, at)
        const until = Math.min(horizonMin, pauses[pause][1])
        forcedUntil = until + recoveryMin(values, Math.min(dutyH.length - 1, (until / 60) | 0), until - at)
        pause++
        pauseAt = pause < pauses.length ? pauses[pause][0] : Infinity
        isOn = false
        at = until
        continue
      }
      const limit = pauseAt < horizonMin ? pauseAt : horizonMin
      if (toDefrost <= 0) {
        this.close(at, limit)
        const until = Math.min(limit, at + (toDefrost < 0 ? -toDefrost : values.defrostMin))
        this.emit(at, until, values.defrostW, DEFROSTS)
        toDefrost = nextDefrostMin(values, defrosts++)
        at = until
        continue
      }
      if (at < coastMin) {
        at = Math.min(coastMin, limit)
        isOn = false
        need = 0
        continue
      }
      if (at < forcedUntil) {
        this.open(at, runningW)
        const until = Math.min(forcedUntil, limit, at + toDefrost)
        toDefrost = until === at + toDefrost ? 0 : toDefrost - (until - at)
        at = until
        if (at >= forcedUntil) {
          notBefore = this.close(at, limit)
          isOn = false
          need = offJitter(bits)
        }
        continue
      }
      const hour = (at / 60) | 0
      const hourEnd = (hour + 1) * 60
      const duty = dutyH[hour]
      if (isOn) {
        this.open(at, lagMin > 0 && this.openFrom >= 0 ? this.openW : wattsH[hour])
        const rate = (1 - duty) * perHalf
        const end = rate > 0 ? at + need / rate : Infinity
        const defrostAt = at + toDefrost
        let until = end < hourEnd ? end : hourEnd
        if (limit < until) until = limit
        if (defrostAt < until) until = defrostAt
        need -= (until - at) * rate
        toDefrost = until === defrostAt ? 0 : toDefrost - (until - at)
        at = until
        if (at === end) {
          notBefore = this.close(at, limit)
          isOn = false
          need = offJitter(bits)
        }
      } else {
        const rate = duty * perHalf
        let end = rate > 0 ? at + need / rate : Infinity
        if (end < notBefore) end = notBefore
        const until = Math.min(end, hourEnd, limit)
        need -= (until - at) * rate
        if (need < 0) need = 0
        at = until
        if (at === end) {
          bits = bitsAt(stream, ++cycle)
          isOn = true
          need = onJitter(bits)
        }
      }
    }
    this.close(horizonMin, horizonMin)
  }

  /** Begins a stretch, or goes on with the one at hand; other watts make a new one without a start. */
  private open(at: number, watts: number): void {
    if (this.openFrom < 0) {
      this.openFrom = at
      this.openW = watts
      this.openFlags = STARTS
    } else if (this.openW !== watts) {
      this.emit(this.openFrom, at, this.openW, this.openFlags)
      this.openFrom = at
      this.openW = watts
      this.openFlags = 0
    }
  }

  /**
   * Ends the stretch at hand; a blower lags behind its burner at both ends.
   * @returns the moment before which no new stretch may begin
   */
  private close(at: number, limit: number): number {
    const from = this.openFrom
    if (from < 0) return at
    this.openFrom = -1
    const { lagMin } = this.values
    if (lagMin === 0 || this.values.blowerW === 0) {
      this.emit(from, at, this.openW, this.openFlags)
      return at
    }
    const blowerW = Math.min(this.values.blowerW, this.openW)
    const blowsFrom = from + lagMin
    this.emit(from, Math.min(at, blowsFrom), this.openW - blowerW, 0)
    this.emit(blowsFrom, at, this.openW, STARTS)
    const until = Math.min(limit, at + lagMin)
    this.emit(Math.max(at, blowsFrom), until, blowerW, at > blowsFrom ? 0 : STARTS)
    return until
  }

  private emit(from: number, to: number, watts: number, flags: number): void {
    if (!(to > from)) return
    const { changeW } = this
    // addStep() twice, written out: this is the innermost work of the program
    const a = from | 0
    const wa = (from - a) * watts
    changeW[a] += watts - wa
    changeW[a + 1] += wa
    const b = to | 0
    const wb = (to - b) * watts
    changeW[b] -= watts - wb
    changeW[b + 1] -= wb
    this.list.push(from, to, watts, flags)
  }
}
