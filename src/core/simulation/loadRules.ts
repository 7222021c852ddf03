import { scheduledStretches, without } from '../load/stretches'
import { type Intervals, mergeIntervals } from '../plan/clock'
import type { LoadRule } from '../plan/loadRule'
import type { CompiledLoad } from './compile'
import type { DemandGrid } from './demand'
import { type LoadValues, emptyLoadValues } from './loadValues'

interface Ruled {
  slot: number
  load: CompiledLoad
  rules: readonly LoadRule[]
  values: LoadValues
  /** stretches of this run in which its rules keep it off; the last one open to the end while it is off */
  off: Intervals
  isOff: boolean
  /** of each rule by itself: one that never dropped the load has nothing to wait for */
  isOffBy: boolean[]
}

/**
 * Loads that are shed by rules, in one run after another. Rules that look at the charge or at the supply are
 * asked every quarter hour; one that turns a load off gives it a pause from there on and lays it out anew, so
 * that what it does until then stays and what it catches up afterwards is counted.
 */
export class LoadRules {
  private readonly ruled: Ruled[]
  private readonly bySlot: Map<number, Ruled>

  /** @param hours of weather a run's values need */
  constructor(
    private readonly loads: readonly CompiledLoad[],
    private readonly grid: DemandGrid,
    private readonly horizonMin: number,
    private readonly startsAt: string,
    private readonly weights: Float64Array,
    hours: number,
  ) {
    this.ruled = loads.flatMap((load, slot) => {
      const rules = load.load.steering?.rules ?? []
      return rules.length === 0
        ? []
        : [
            {
              slot,
              load,
              rules,
              values: emptyLoadValues(hours),
              off: [],
              isOff: false,
              isOffBy: rules.map(() => false),
            },
          ]
    })
    this.bySlot = new Map(this.ruled.map((one) => [one.slot, one]))
  }

  /** Where a ruled load's values of a run are kept, since it may be laid out again; null for others. */
  valuesFor(slot: number): LoadValues | null {
    return this.bySlot.get(slot)?.values ?? null
  }

  /** To be called when every load of a run has been written: forgets the run before and parts what must not meet. */
  begin(): void {
    for (const one of this.ruled) {
      one.off = []
      one.isOff = false
      one.isOffBy.fill(false)
    }
    for (const one of this.ruled) if (one.rules.some(({ kind }) => kind === 'not with')) this.layOut(one)
  }

  /**
   * Asks the rules at the beginning of a quarter hour.
   *
   * @param charge state of charge of the store in use
   * @param supplyW sun, AC and 12 V that are there
   * @returns whether any load was turned off or on
   */
  ask(minute: number, charge: number, supplyW: number): boolean {
    let hasChanged = false
    for (const one of this.ruled) {
      one.rules.forEach((rule, i) => (one.isOffBy[i] = keepsOff(rule, one.isOffBy[i], charge, supplyW)))
      const isOff = one.isOffBy.includes(true)
      if (isOff === one.isOff) continue
      if (isOff) one.off.push([minute, this.horizonMin])
      else one.off[one.off.length - 1][1] = minute
      one.isOff = isOff
      this.layOut(one)
      // who gives way to this one has other stretches to keep clear of
      const { id } = one.load.load
      for (const other of this.ruled)
        if (other !== one && other.rules.some((rule) => rule.kind === 'not with' && rule.loadId === id))
          this.layOut(other)
      hasChanged = true
    }
    return hasChanged
  }

  /** When a ruled load is kept off in the run at hand for want of charge or supply; the last open to the horizon. */
  offOf(slot: number): Intervals {
    return this.bySlot.get(slot)?.off ?? []
  }

  /** Adds the minutes of an outage in which each ruled load was kept off for want of charge or supply. */
  addShed(sums: Float64Array, outageMin: number): void {
    for (const { slot, off } of this.ruled)
      for (const [from, to] of off) sums[slot] += Math.max(0, Math.min(to, outageMin) - from)
  }

  private layOut(one: Ruled): void {
    const { slot, load, values, off } = one
    const pauses = mergeIntervals([...load.pauses, ...off, ...this.othersOf(one)])
    const { behaviour } = load.load
    const stretches =
      behaviour.kind === 'constant'
        ? without([[0, this.horizonMin]], pauses)
        : behaviour.kind === 'scheduled'
          ? without(scheduledStretches(behaviour, this.startsAt, this.horizonMin), pauses)
          : load.stretches
    this.grid.rewrite(slot, { ...load, pauses, stretches }, values, this.weights[slot])
  }

  /** When those run that this one must not meet. */
  private othersOf({ rules }: Ruled): Intervals {
    return rules.flatMap((rule) => {
      if (rule.kind !== 'not with') return []
      const slot = this.loads.findIndex(({ load }) => load.id === rule.loadId)
      if (slot < 0) return []
      const list = this.grid.lists[slot]
      return Array.from({ length: list.count }, (_, k): [number, number] => [list.onMin(k), list.offMin(k)])
    })
  }
}

function keepsOff(rule: LoadRule, isOff: boolean, charge: number, supplyW: number): boolean {
  switch (rule.kind) {
    case 'with supply':
      return supplyW < rule.aboveW
    case 'by charge':
      return isOff ? charge < rule.backAbove : charge < rule.dropBelow
    case 'not with':
      return false
  }
}
