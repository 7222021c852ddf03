import { without } from '../load/stretches'
import { uniformAt } from '../quantity/random'
import { asSwitched, beginsOffMin, isSkipped } from './switching'
import type { CompiledLoad } from './compile'
import { CycleWriter } from './cycleWriter'
import { FIRST_EVENT_PLACE, type LoadValues } from './loadValues'
import { STARTS, StretchList } from './stretchList'

/**
 * One run's demand, written as changes of power into a grid of equal steps. Beside the grid each load keeps
 * its switching times, for its energy and for peaks, which minute averages would hide.
 */
export class DemandGrid {
  /** change of a step's mean power against the step before, W; its running sum is the demand */
  readonly changeW: Float64Array
  readonly lists: StretchList[]
  private readonly cycles: CycleWriter

  /** @param stepMin minutes of a step */
  constructor(
    loads: readonly CompiledLoad[],
    private readonly horizonMin: number,
    private readonly stepMin = 1,
  ) {
    this.changeW = new Float64Array(Math.ceil(horizonMin / stepMin) + 2)
    this.lists = loads.map((load) => new StretchList(load.expectedPairs))
    this.cycles = new CycleWriter(horizonMin)
  }

  /**
   * Writes a load's run into the grid.
   *
   * @param slot the load's place among the grid's loads
   * @param weight what a watt of it counts in the grid: 1 but for direct current
   */
  write(slot: number, load: CompiledLoad, values: LoadValues, weight = 1): void {
    const list = this.lists[slot]
    list.clear()
    switch (load.load.behaviour.kind) {
      case 'constant':
        for (const [from, to] of load.stretches) list.push(from, to, values.runningW, STARTS)
        break
      case 'scheduled':
        for (const [from, to] of values.isLoose ? asSwitched(load, values, this.horizonMin) : load.stretches)
          list.push(from, to, values.runningW, STARTS)
        break
      case 'session':
        this.writeSessions(list, load, values)
        break
      case 'charging':
        this.writeCharges(list, load, values)
        break
      case 'cycling':
        this.cycles.write(list, values, load.pauses)
        if (values.idleW > 0) this.fillBetween(list, load, values.idleW)
        break
      case 'pump':
        this.cycles.write(list, values, load.pauses)
    }
    list.draw(this.changeW, weight, 1 / this.stepMin)
  }

  /** Takes what was written of a load out of the grid and writes it anew. */
  rewrite(slot: number, load: CompiledLoad, values: LoadValues, weight = 1): void {
    this.lists[slot].draw(this.changeW, -weight, 1 / this.stepMin)
    this.write(slot, load, values, weight)
  }

  private writeSessions(list: StretchList, load: CompiledLoad, values: LoadValues): void {
    const minutes = values.sessionMin
    let busyUntil = 0
    for (let k = 0; k < load.slots.length; k++) {
      const { fromMin, toMin } = load.slots[k]
      const room = Math.max(0, toMin - fromMin - minutes)
      const from =
        fromMin + room * uniformAt(values.stream, FIRST_EVENT_PLACE + k) + beginsOffMin(load, values, k)
      const to = Math.min(this.horizonMin, from + minutes)
      const begin = Math.max(busyUntil, from)
      const end = cutByPauses(load, begin, to)
      if (end > begin && !isSkipped(load, values, k)) {
        list.push(begin, end, values.runningW, STARTS)
        busyUntil = end
      }
    }
  }

  private writeCharges(list: StretchList, load: CompiledLoad, values: LoadValues): void {
    const { runningW, sessionMin } = values
    let at = 0
    for (let k = 0; k < load.chargesAt.length; k++) {
      const charge = load.chargesAt[k] + beginsOffMin(load, values, k)
      const begin = Math.max(at, charge)
      // of one that began before the outage only the rest is left
      const restMin = sessionMin + Math.min(0, charge)
      const end = cutByPauses(load, begin, Math.min(this.horizonMin, begin + restMin))
      if (end <= begin) continue
      this.writeIdle(list, load, values.idleW, at, begin)
      list.push(begin, end, runningW, STARTS)
      at = end
    }
    this.writeIdle(list, load, values.idleW, at, this.horizonMin)
  }

  /** Puts what is drawn between the cycles into the gaps of a list of cycles. */
  private fillBetween(list: StretchList, load: CompiledLoad, idleW: number): void {
    const cycles = Array.from({ length: list.count }, (_, k) => ({
      from: list.onMin(k),
      to: list.offMin(k),
      watts: list.watts(k),
      flags: list.flags[k],
    }))
    list.clear()
    // a defrost may begin before the blower of a short cycle has
    cycles.sort((one, other) => one.from - other.from)
    let at = 0
    for (const { from, to, watts, flags } of cycles) {
      this.writeIdle(list, load, idleW, at, from)
      list.push(from, to, watts, flags)
      at = Math.max(at, to)
    }
    this.writeIdle(list, load, idleW, at, this.horizonMin)
  }

  private writeIdle(list: StretchList, load: CompiledLoad, idleW: number, from: number, to: number): void {
    if (idleW === 0 || to <= from) return
    if (load.pauses.length === 0) return list.push(from, to, idleW, 0)
    for (const [a, b] of without([[from, to]], load.pauses)) list.push(a, b, idleW, 0)
  }

  /** The demand of each minute as a source sees it that weighs loads otherwise, or feeds only some: 0 for those it does not. */
  demandBy(weights: Float64Array, changeW: Float64Array, demandW: Float64Array): void {
    changeW.fill(0)
    this.lists.forEach((list, slot) => list.draw(changeW, weights[slot], 1 / this.stepMin))
    let power = 0
    for (let step = 0; step < demandW.length; step++) demandW[step] = power += changeW[step]
  }

  /** Mean watts of each minute of a stretch, from the switching times themselves. */
  minutes(minuteW: Float64Array, from: number, until: number, weights: Float64Array): void {
    minuteW.fill(0)
    for (let slot = 0; slot < this.lists.length; slot++)
      this.lists[slot].addMinutes(minuteW, from, until, weights[slot])
  }

  /** Wh a load takes from the start until a moment. */
  energyWh(slot: number, untilMin: number): number {
    return this.lists[slot].energyWh(untilMin)
  }
}

/** Where a use that begins at `begin` must stop for a pause; `begin` itself when it falls into one. */
function cutByPauses({ pauses }: CompiledLoad, begin: number, end: number): number {
  for (const [from, to] of pauses) {
    if (begin >= from && begin < to) return begin
    if (from >= begin && from < end) return from
  }
  return end
}
