import type { Intervals } from '../plan/clock'
import { bitsAt } from '../quantity/random'
import { hoursOf } from './compile'
import { REST_IS_OVER, nextDefrostMin, offJitter, onJitter, recoveryMin } from './cycleRules'
import { FIRST_EVENT_PLACE, type LoadValues } from './loadValues'
import { DEFROSTS, STARTS, type StretchList, WIDTH } from './stretchList'

/** Longer than any horizon; finite, so that a share of it can be taken. */
const NEVER_MIN = 1e15

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
  private openFrom = -1
  private openW = 0
  private openFlags = 0

  constructor(private readonly horizonMin: number) {
    this.onMin = new Float64Array(hoursOf(horizonMin))
    this.offMin = new Float64Array(hoursOf(horizonMin))
  }

  /** Lays a load's stretches out in a list, which is drawn afterwards. */
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
        if (this.openFrom < 0) this.phases()
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
      // stored branch by branch: one value out of several kinds of number would be put into an object each time
      if (duty > 0 && duty < 1) {
        // one division for both: 1 ÷ (1 − D) = D ÷ (D (1 − D))
        const both = quarter / (duty * (1 - duty))
        onMin[h] = both * duty
        offMin[h] = both * (1 - duty)
      } else if (duty > 0) {
        onMin[h] = NEVER_MIN
        offMin[h] = quarter
      } else {
        onMin[h] = quarter
        offMin[h] = NEVER_MIN
      }
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
    this.list.push(at, until, values.defrostW, DEFROSTS)
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
   * Whole phases, up to the horizon, a pause or a defrost; what comes next is done by `phase`. The
   * innermost work of the program: everything is held in locals, and stretches go straight into the list,
   * which draws them in a second pass; the two together, one after the other, keep a processor busier than
   * both in one loop.
   */
  private phases(): void {
    while (this.at >= (this.hour + 1) * 60) this.hour++
    const { onMin, offMin, list } = this
    const { stream, wattsH } = this.values
    // read as numbers: what may be anything is put into an object at every turn of the loop
    const limit = +this.limit
    const lagMin = +this.values.lagMin
    let at = +this.at
    let need = +this.need
    let toDefrost = +this.toDefrost
    let notBefore = +this.notBefore
    let { isOn, cycle, bits, hour } = this
    let { data, flags, count } = list
    let from = at
    let watts = wattsH[hour]
    let begins = STARTS
    for (;;) {
      if (count + 3 > list.room) {
        list.grow()
        data = list.data
        flags = list.flags
      }
      const until = Math.min((hour + 1) * 60, limit)
      if (isOn) {
        const lasts = need * onMin[hour]
        const end = at + lasts
        const isCut = end >= until
        const part = isCut ? until - at : lasts
        if (part >= toDefrost || (isCut && until === limit)) break
        toDefrost -= part
        if (isCut) {
          need -= part / onMin[hour]
          at = until
          hour++
          if (lagMin === 0 && wattsH[hour] !== watts) {
            const i = count * WIDTH
            data[i] = from
            data[i + 1] = at
            data[i + 2] = watts
            flags[count++] = begins
            from = at
            watts = wattsH[hour]
            begins = 0
          }
          continue
        }
        if (lagMin > 0) {
          notBefore = Math.min(end + lagMin, limit)
          count = this.blow(count, from, end, notBefore, watts)
        } else if (end > from) {
          const i = count * WIDTH
          data[i] = from
          data[i + 1] = end
          data[i + 2] = watts
          flags[count++] = begins
        }
        at = end
        isOn = false
        need = offJitter(bits)
      } else {
        const lasts = need * offMin[hour]
        const end = Math.max(at + lasts, notBefore)
        if (end >= until) {
          if (until === limit) break
          need = Math.max(0, need - (until - at) / offMin[hour])
          at = until
          hour++
          continue
        }
        at = from = end
        watts = wattsH[hour]
        begins = STARTS
        bits = bitsAt(stream, ++cycle) | 0
        isOn = true
        need = onJitter(bits)
      }
    }
    if (isOn && at > from) {
      this.openFrom = from
      this.openW = watts
      this.openFlags = begins
    }
    list.count = count
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
      this.list.push(this.openFrom, at, this.openW, this.openFlags)
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
    this.list.push(from, at, this.openW, this.openFlags)
    return at
  }

  /** A burner from `from` to `at` and its blower, a lag behind at both ends. @returns when the blower stops */
  private emitBlown(from: number, at: number, watts: number, limit: number): number {
    const blowsUntil = Math.min(limit, at + this.values.lagMin)
    const { list } = this
    if (list.count + 3 > list.room) list.grow()
    list.count = this.blow(list.count, from, at, blowsUntil, watts)
    return blowsUntil
  }

  /** Burner, both, blower; or one after the other when the burner was short. @returns the list's new count */
  private blow(count: number, from: number, to: number, blowsUntil: number, watts: number): number {
    const { list } = this
    const blowerW = this.values.blowerW < watts ? this.values.blowerW : watts
    const blowsFrom = from + this.values.lagMin
    if (to <= blowsFrom) {
      const k = list.lay(count, from, to, watts - blowerW, 0)
      return list.lay(k, blowsFrom, blowsUntil, blowerW, STARTS)
    }
    const k = list.lay(list.lay(count, from, blowsFrom, watts - blowerW, 0), blowsFrom, to, watts, STARTS)
    return list.lay(k, to, blowsUntil, blowerW, 0)
  }
}
