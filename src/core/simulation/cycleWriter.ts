import { catchUpMin } from '../load/thermostat'
import type { Intervals } from '../plan/clock'
import { bitsAt, uniformAt } from '../quantity/random'
import { CYCLE_JITTER, hoursOf } from './compile'
import { FIRST_DEFROST_PLACE, FIRST_EVENT_PLACE, type LoadValues, demandAt } from './loadValues'
import { DEFROSTS, STARTS, type StretchList, WIDTH } from './stretchList'

const JITTER_UNIT = CYCLE_JITTER / 32768

/** Longer than any horizon; finite, so that a share of it can be taken. */
const NEVER_MIN = 1e15
/** What is left of a rest that is over: it ends at once, unless nothing is needed at all. */
export const REST_IS_OVER = 1e-6

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
  /** minutes a whole on and off phase takes at each hour's rate */
  private readonly onMin: Float64Array
  private readonly offMin: Float64Array

  /** the moment it has come to, and what it is doing there */
  private at = 0
  private hour = 0
  private isOn = false
  /** share of the present phase still to come, at the rate of its hour */
  private need = 0
  private cycle = 0
  /** the cycle's random bits, as a signed integer */
  private bits = 0
  /** compressor minutes to the next defrost; below 0: minutes left of one under way */
  private toDefrost = 0
  private defrosts = 0
  /** a blower still runs until then */
  private notBefore = 0
  /** no phase or stretch goes past it: the horizon or the next pause */
  private limit = 0
  /** minute on, minute off and watts of the stretch to be drawn */
  private readonly pen = new Float64Array(3)
  private openFrom = -1
  private openW = 0
  private openFlags = 0

  constructor(
    private readonly changeW: Float64Array,
    private readonly horizonMin: number,
  ) {
    this.onMin = new Float64Array(hoursOf(horizonMin))
    this.offMin = new Float64Array(hoursOf(horizonMin))
  }

  write(list: StretchList, values: LoadValues, pauses: Intervals): void {
    this.begin(list, values)
    const { horizonMin } = this
    const { coastMin } = values
    let forcedUntil = values.pullDownMin
    let calmFrom = Math.max(coastMin, forcedUntil)
    let pause = 0
    let pauseAt = pauses.length > 0 ? pauses[0][0] : Infinity
    this.limit = Math.min(horizonMin, pauseAt)
    while (this.at < horizonMin) {
      if (this.at >= pauseAt) {
        forcedUntil = this.rest(pauses[pause][1])
        calmFrom = Math.max(coastMin, forcedUntil)
        pause++
        pauseAt = pause < pauses.length ? pauses[pause][0] : Infinity
        this.limit = Math.min(horizonMin, pauseAt)
      } else if (this.toDefrost <= 0) this.defrost()
      else if (this.at < calmFrom) {
        if (this.at < coastMin) {
          this.at = Math.min(coastMin, this.limit)
          this.isOn = false
          this.need = REST_IS_OVER
        } else this.catchUp(forcedUntil)
      } else {
        if (values.hasSteadyW && this.openFrom < 0) this.steadyPhases()
        this.phase()
      }
    }
    this.close(horizonMin)
  }

  /** Lays out the phases and finds what the load is doing when the outage begins. */
  private begin(list: StretchList, values: LoadValues): void {
    const { onMin, offMin } = this
    const { dutyH, phase } = values
    this.list = list
    this.values = values
    const quarter = values.periodHalfMin / 4
    for (let h = 0; h < dutyH.length; h++) {
      const duty = dutyH[h]
      onMin[h] = duty < 1 ? quarter / (1 - duty) : NEVER_MIN
      offMin[h] = duty > 0 ? quarter / duty : NEVER_MIN
    }
    this.at = 0
    this.hour = 0
    this.cycle = FIRST_EVENT_PLACE
    this.bits = bitsAt(values.stream, this.cycle) | 0
    this.isOn = phase < dutyH[0]
    this.need = this.isOn
      ? onJitter(this.bits) * (1 - phase / dutyH[0])
      : offJitter(this.bits) * (1 - (phase - dutyH[0]) / (1 - dutyH[0]))
    this.toDefrost = values.firstDefrostMin
    this.defrosts = 0
    this.notBefore = 0
    this.openFrom = -1
  }

  /** Kept off until a pause ends. @returns until when it then catches up */
  private rest(pauseEndMin: number): number {
    const { at, values } = this
    this.close(at, at)
    const until = Math.min(this.horizonMin, pauseEndMin)
    this.isOn = false
    this.at = until
    return until + recoveryMin(values, Math.min(values.dutyH.length - 1, (until / 60) | 0), until - at)
  }

  private defrost(): void {
    const { values, at, toDefrost } = this
    this.close(at)
    const until = Math.min(this.limit, at + (toDefrost < 0 ? -toDefrost : values.defrostMin))
    this.emit(at, until, values.defrostW, DEFROSTS)
    this.toDefrost = nextDefrostMin(values, this.defrosts++)
    this.at = until
  }

  /** Full output, as long as it takes to make up for having been off. */
  private catchUp(untilMin: number): void {
    this.open(this.at, this.values.runningW)
    this.runUntil(Math.min(untilMin, this.limit, this.at + this.toDefrost))
    if (this.at >= untilMin) this.switchOff()
  }

  private runUntil(next: number): void {
    this.toDefrost = next === this.at + this.toDefrost ? 0 : this.toDefrost - (next - this.at)
    this.at = next
  }

  private switchOff(): void {
    this.notBefore = this.close(this.at)
    this.isOn = false
    this.need = offJitter(this.bits)
  }

  /** A phase, as far as it lies within its hour and before a pause or a defrost. */
  private phase(): void {
    while (this.at >= (this.hour + 1) * 60) this.hour++
    const { hour } = this
    const until = Math.min((hour + 1) * 60, this.limit)
    if (this.isOn) {
      const on = this.onMin[hour]
      const goesOn = this.openFrom >= 0 && this.values.lagMin > 0
      this.open(this.at, goesOn ? this.openW : this.values.wattsH[hour])
      const end = this.at + this.need * on
      const next = Math.min(end, until, this.at + this.toDefrost)
      this.need -= (next - this.at) / on
      this.runUntil(next)
      if (next === end) this.switchOff()
      return
    }
    const off = this.offMin[hour]
    const end = Math.max(this.at + this.need * off, this.notBefore)
    const next = Math.min(end, until)
    this.need = Math.max(0, this.need - (next - this.at) / off)
    this.at = next
    if (next === end) {
      this.bits = bitsAt(this.values.stream, ++this.cycle) | 0
      this.isOn = true
      this.need = onJitter(this.bits)
    }
  }

  /**
   * Phases of a load whose watts stay the same, up to the horizon, a pause or a defrost; what comes next is
   * done by `phase`. The innermost work of the program: everything is held in locals, and numbers are
   * handed on in `pen`, since a call would box them.
   */
  private steadyPhases(): void {
    while (this.at >= (this.hour + 1) * 60) this.hour++
    const { onMin, offMin, limit, pen } = this
    const { stream, lagMin, runningW, blowerW } = this.values
    let { at, need, isOn, cycle, bits, toDefrost, notBefore, hour } = this
    let from = at
    for (;;) {
      const hourEnd = (hour + 1) * 60
      const until = hourEnd < limit ? hourEnd : limit
      const lasts = need * (isOn ? onMin[hour] : offMin[hour])
      let end = at + lasts
      if (!isOn && end < notBefore) end = notBefore
      if (end >= until) {
        const part = until - at
        if (until === limit || (isOn && part >= toDefrost)) break
        need -= part / (isOn ? onMin[hour] : offMin[hour])
        if (need < 0) need = 0
        if (isOn) toDefrost -= part
        at = until
        hour++
      } else if (isOn) {
        if (lasts >= toDefrost) break
        toDefrost -= lasts
        pen[0] = from
        pen[1] = end
        pen[2] = runningW
        if (lagMin > 0) {
          const blowsFrom = from + lagMin
          pen[2] = runningW - blowerW
          if (end > blowsFrom) {
            pen[1] = blowsFrom
            this.draw(0)
            pen[0] = blowsFrom
            pen[1] = end
            pen[2] = runningW
          }
          this.draw(end > blowsFrom ? STARTS : 0)
          pen[0] = end > blowsFrom ? end : blowsFrom
          notBefore = end + lagMin < limit ? end + lagMin : limit
          pen[1] = notBefore
          pen[2] = blowerW
          this.draw(end > blowsFrom ? 0 : STARTS)
        } else this.draw(STARTS)
        at = end
        isOn = false
        need = offJitter(bits)
      } else {
        at = from = end
        bits = bitsAt(stream, ++cycle) | 0
        isOn = true
        need = onJitter(bits)
      }
    }
    if (isOn && at > from) {
      this.openFrom = from
      this.openW = runningW
      this.openFlags = STARTS
    }
    this.at = at
    this.need = need
    this.isOn = isOn
    this.cycle = cycle
    this.bits = bits
    this.toDefrost = toDefrost
    this.notBefore = notBefore
    this.hour = hour
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
  private close(at: number, limit = this.limit): number {
    const from = this.openFrom
    if (from < 0) return at
    this.openFrom = -1
    if (this.values.lagMin > 0) return this.emitBlown(from, at, this.openW, limit)
    this.emit(from, at, this.openW, this.openFlags)
    return at
  }

  /** A burner from `from` to `at` and its blower, a lag behind at both ends. @returns when the blower stops */
  private emitBlown(from: number, at: number, watts: number, limit: number): number {
    const { lagMin } = this.values
    const blowerW = Math.min(this.values.blowerW, watts)
    const blowsFrom = from + lagMin
    const blowsUntil = Math.min(limit, at + lagMin)
    if (at <= blowsFrom) {
      this.emit(from, at, watts - blowerW, 0)
      this.emit(blowsFrom, blowsUntil, blowerW, STARTS)
    } else {
      this.emit(from, blowsFrom, watts - blowerW, 0)
      this.emit(blowsFrom, at, watts, STARTS)
      this.emit(at, blowsUntil, blowerW, 0)
    }
    return blowsUntil
  }

  private emit(from: number, to: number, watts: number, flags: number): void {
    this.pen[0] = from
    this.pen[1] = to
    this.pen[2] = watts
    this.draw(flags)
  }

  /** Writes the stretch in `pen` (minute on, minute off, watts) into the grid and the list. */
  private draw(flags: number): void {
    const { changeW, list, pen } = this
    const from = pen[0]
    const to = pen[1]
    const watts = pen[2]
    if (!(to > from)) return
    const a = from | 0
    const wa = (from - a) * watts
    changeW[a] += watts - wa
    changeW[a + 1] += wa
    const b = to | 0
    const wb = (to - b) * watts
    changeW[b] -= watts - wb
    changeW[b + 1] -= wb
    const k = list.count
    if (k === list.room) list.grow()
    const { data } = list
    const i = k * WIDTH
    data[i] = from
    data[i + 1] = to
    data[i + 2] = watts
    data[i + 3] = (k > 0 ? data[i - 1] : 0) + (to - from) * watts * (1 / 60)
    list.flags[k] = flags
    list.count = k + 1
  }
}
