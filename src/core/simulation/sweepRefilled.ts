import { isBelow } from '../conversion/loss'
import { acceptedW } from '../storage/chargeAcceptance'
import { AC, type CompiledRefill } from './compileRefill'
import { Flow, directW } from './flow'
import { type QuarterDemand, type RefilledState, type StoreInRun, glide, watchedWh } from './glide'
import { listOf } from './listOf'
import { type RefillCurves, type RefillLedger, emptyLedger } from './refillLedger'
import { Supply } from './supply'
import { POINT_MIN } from './sweep'
import type { EndCause } from './sweepDetailed'

/**
 * A store that ran empty is switched on again when it can feed what is asked for this long, but no more is asked for than so
 * many Wh above its floor: not a share of its capacity, or a larger bank would stay dark longer on the same sun. Common
 * practice, no source.
 */
const RESTART_H = 0.5
const MOST_RESTART_WH = 100
/** A store so small that it could hardly hold that is switched on when it is half full. */
const MOST_RESTART_FRACTION = 0.5
/** Less than this is rounding. */
const LEAST_WH = 1e-6

/**
 * Carries the stores of a chain, used in turn, through one run's demand and refill.
 *
 * A quarter hour is the step: charge and discharge are weighed against each other by their means. Where a
 * store ends or may end, and where AC carries loads past one whose drain is no plain multiplication, the quarter
 * is walked by minutes. What charges goes into the store in use. While AC is there the loads run on it, past the battery.
 */
export class RefilledSweep implements RefilledState {
  /** by store, the minute it is empty for the first time; Infinity when it never is */
  readonly endMin: Float64Array
  readonly cause: (EndCause | null)[]
  /** stretches of the outage in which all loads are fed, and by store, to the horizon, those in which it feeds what it can */
  readonly fed: [from: number, to: number][] = []
  readonly fedBy: [from: number, to: number][][]
  readonly ledger: RefillLedger = emptyLedger()
  /** over the outage's hours: Wh that came in or could have (not where it is too cold or too hot to charge), Wh that feeding everything took, and minutes fed */
  readonly days = { broughtWh: 0, usedWh: 0, fedMin: 0 }

  readonly energy: Float64Array
  /** Wh each held when it ended */
  private readonly endedWh: Float64Array
  private active = 0
  private isOn = true
  private calmMin = 0
  readonly supply: Supply
  /** of the step at hand */
  private readonly flow = new Flow()

  /**
   * @param light factor of each day's sun
   * @param outageMin energies are counted until then
   * @param curves receive this run's part of their sum
   * @param feedsAll by store, whether it gives every load's voltage
   */
  constructor(
    readonly stores: readonly StoreInRun[],
    readonly refill: CompiledRefill,
    readonly light: Float64Array,
    readonly outageMin: number,
    readonly curves: RefillCurves,
    private readonly feedsAll: readonly boolean[] = [],
  ) {
    this.supply = new Supply(refill, light)
    const { length } = stores
    this.energy = new Float64Array(length)
    for (let s = 0; s < length; s++) this.energy[s] = stores[s].chargedWh
    this.endMin = new Float64Array(length).fill(Infinity)
    this.cause = listOf<EndCause | null>(length, () => null)
    this.fedBy = listOf(length, () => [])
    this.endedWh = new Float64Array(length)
  }

  /**
   * @param steer told the minute, the charge of the store in use and the watts that come in, before each
   *   quarter is walked: it may change the demand from there on
   * @param onlyUntilEnd stops when nothing is fed any more: for those who ask for the runtime alone
   */
  run(
    demands: readonly QuarterDemand[],
    horizonMin: number,
    steer?: (minute: number, charge: number, supplyW: number) => void,
    onlyUntilEnd = false,
  ): this {
    const whole = Math.floor(horizonMin / POINT_MIN)
    // one that holds less than its reserve as the outage begins feeds nothing until it has been charged
    while (this.isOn && this.energy[this.active] < this.stores[this.active].path.floorWh - LEAST_WH)
      this.end('reserve', 0)
    const watched = listOf(this.stores.length, (s) => watchedWh(this.stores[s], demands[s].peakW))
    for (let q = 0; q * POINT_MIN < horizonMin; q++) {
      if (!steer) q = this.lieDark(demands, this.glide(demands, watched, q, whole), whole)
      const from = q * POINT_MIN
      if (from >= horizonMin) break
      this.draw(q)
      this.supply.begin(q, this.curves)
      if (steer) {
        const charge = this.energy[this.active] / this.stores[this.active].path.capacityWh
        steer(from, charge, this.supply.totalW)
      }
      this.curves.askedW[q] += demands[0].meanW[q]
      if (!this.isOn && this.canRestart(from, demands[this.active].meanW[q])) this.isOn = true
      this.quarter(demands, q, from, Math.min(POINT_MIN, horizonMin - from))
      if (onlyUntilEnd && !this.isOn) return this
    }
    if (whole * POINT_MIN === horizonMin) this.draw(whole)
    return this
  }

  /** Goes over the quarters in which nothing happens. @returns the first in which something may */
  private glide(
    demands: readonly QuarterDemand[],
    watched: readonly number[],
    begin: number,
    until: number,
  ): number {
    for (let q = begin; ;) {
      const { active, stores } = this
      if (!this.isOn || !this.refill.inputs[active].suppliesWhileCharging) return q
      const leastWh = Math.max(stores[active].path.floorWh, watched[active])
      const next = glide(this, active, leastWh, demands[active], q, until)
      if (next === q) return q
      if (stores.length > 1) for (let k = q; k < next; k++) this.draw(k, active)
      this.feedWhole(q, next)
      q = next
    }
  }

  /** Goes over the quarters in which nothing is fed and nothing comes in. @returns the first in which something may */
  private lieDark(demands: readonly QuarterDemand[], begin: number, until: number): number {
    if (this.isOn) return begin
    const { acKind, dcW, sunW } = this.refill
    const { meanW } = demands[this.active]
    let q = begin
    for (; q < until; q++) {
      if (acKind[q] !== AC.none || dcW[q] > 0 || sunW[q] > 0) break
      if (this.canRestart(q * POINT_MIN, meanW[q])) break
      this.draw(q)
      this.curves.askedW[q] += demands[0].meanW[q]
    }
    return q
  }

  /** Writes the state of charge of every store but one. */
  private draw(point: number, except = -1): void {
    for (let s = 0; s < this.stores.length; s++) {
      if (s === except) continue
      const { fractions, runs, run } = this.stores[s].curve
      fractions[point * runs + run] = this.energy[s] / this.stores[s].path.capacityWh
    }
  }

  /** @param meanW outlet watts asked in this quarter */
  private canRestart(from: number, meanW: number): boolean {
    const { path } = this.stores[this.active]
    const { detail } = path
    // one that went to sleep waits for a hand on its button
    if (this.cause[this.active] === 'sleep' || detail?.outOfRange?.[Math.floor(from / 60)]) return false
    const drainW = path.noLoadW + meanW * path.batteryWPerOutletW
    const roomWh = path.capacityWh - path.floorWh
    const restartWh = Math.min(RESTART_H * drainW, MOST_RESTART_WH, MOST_RESTART_FRACTION * roomWh)
    // one that was cut off for low volts or for the cold holds charge still: it counts from what it held then, so
    // only what charges it brings it back
    const heldWh =
      this.cause[this.active] === 'reserve' ? path.floorWh : Math.max(path.floorWh, this.endedWh[this.active])
    return this.energy[this.active] >= heldWh + restartWh
  }

  private quarter(demands: readonly QuarterDemand[], q: number, from: number, span: number): void {
    if (this.isOn && this.stores[this.active].path.detail === null) {
      const { path } = this.stores[this.active]
      const meanW = demands[this.active].meanW[q]
      const drainW = path.noLoadW + meanW * path.batteryWPerOutletW
      this.flow.weigh(path, this.refill.inputs[this.active], this.supply, meanW, drainW, path.noLoadW)
      if (this.energy[this.active] + (this.flow.netW * span) / 60 >= path.floorWh || this.flow.netW >= 0) {
        this.commit(meanW, path.noLoadW, from, span)
        this.feed(from, from + span)
        return
      }
    }
    if (!this.isOn && this.supply.acShare === 0) {
      // nothing is fed: what the sun brings is charged
      this.step(0, 0, 0, from, span)
      return
    }
    let seenBy = this.active
    let minuteW = demands[seenBy].minutesW(q)
    for (let minute = 0; minute < span; minute++) {
      const length = Math.min(1, span - minute)
      for (let at = 0; at < length - 1e-9;) {
        if (seenBy !== this.active) minuteW = demands[(seenBy = this.active)].minutesW(q)
        at += this.minute(minuteW[minute], from + minute + at, length - at)
      }
    }
  }

  /** Walks one minute or what is left of it. @returns minutes walked */
  private minute(outletW: number, from: number, length: number): number {
    if (!this.isOn) {
      const carried = this.supply.acShare > 0 && this.carriedW(outletW) >= outletW
      this.step(carried ? outletW : 0, 0, 0, from, length)
      if (carried) this.feed(from, from + length * this.supply.acShare)
      return length
    }
    const { path, tables } = this.stores[this.active]
    const { detail } = path
    const isCarried = this.supply.acShare >= 1 && this.carriedW(outletW) >= outletW
    let drainW = path.noLoadW + outletW * path.batteryWPerOutletW
    if (detail) {
      drainW = tables!.drainW(path, detail, outletW)
      this.calmMin = isBelow(outletW, detail.sleepBelowW) && !isCarried ? this.calmMin + length : 0
      const fraction = this.energy[this.active] / path.capacityWh
      const cause: EndCause | null = isCarried
        ? null
        : detail.outOfRange?.[Math.floor(from / 60)]
          ? 'temperature'
          : detail.sleepBelowW > 0 && this.calmMin > detail.sleepAfterMin
            ? 'sleep'
            : detail.voltage && tables!.loadedV(fraction, drainW) < detail.cutOffV
              ? 'cut-off'
              : null
      if (cause) {
        this.end(cause, from)
        return 0
      }
    }
    const walked = this.step(outletW, drainW, Math.min(path.noLoadW, drainW), from, length)
    this.feed(from, from + walked)
    if (walked < length) this.end('reserve', from + walked)
    return walked
  }

  /** A store ended: the next in turn takes over, or the outlets are off. */
  private end(cause: EndCause, minute: number): void {
    if (this.endMin[this.active] === Infinity) this.endMin[this.active] = minute
    this.cause[this.active] = cause
    this.endedWh[this.active] = this.energy[this.active]
    this.calmMin = 0
    if (this.active + 1 < this.stores.length) this.active++
    else this.isOn = false
  }

  /** Marks a stretch in which the loads are fed. */
  private feed(from: number, to: number): void {
    const { fedShare } = this.curves
    const { outageShare } = this.refill
    keepFed(this.fedBy[this.active], from, to)
    if (this.feedsAll[this.active] === false) return
    for (let q = Math.floor(from / POINT_MIN); q * POINT_MIN < to; q++) {
      const minutes = Math.min(to, (q + 1) * POINT_MIN) - Math.max(from, q * POINT_MIN)
      fedShare[q] += minutes / POINT_MIN
      this.days.fedMin += minutes * outageShare[q]
    }
    keepFed(this.fed, from, Math.min(to, this.outageMin))
  }

  /** The same of whole quarters. */
  private feedWhole(begin: number, end: number): void {
    const { fedShare } = this.curves
    const { outageBefore } = this.refill
    keepFed(this.fedBy[this.active], begin * POINT_MIN, end * POINT_MIN)
    if (this.feedsAll[this.active] === false) return
    for (let q = begin; q < end; q++) fedShare[q]++
    this.days.fedMin += (outageBefore[end] - outageBefore[begin]) * POINT_MIN
    keepFed(this.fed, begin * POINT_MIN, Math.min(end * POINT_MIN, this.outageMin))
  }

  /** AC watts that feed the loads past the store in use while AC is there. */
  private carriedW(outletW: number): number {
    return directW(this.refill.inputs[this.active], this.supply, outletW)
  }

  /**
   * One step of the store in use: weighs its drain against what comes in.
   * @returns minutes until the floor is reached; all of them when it is not
   */
  private step(outletW: number, drainW: number, noLoadW: number, from: number, minutes: number): number {
    const s = this.active
    this.flow.weigh(this.stores[s].path, this.refill.inputs[s], this.supply, outletW, drainW, noLoadW)
    return this.commit(outletW, noLoadW, from, minutes)
  }

  /** Carries what was weighed out. @returns minutes until the floor is reached; all of them when it is not */
  private commit(outletW: number, noLoadW: number, from: number, minutes: number): number {
    const s = this.active
    const { path } = this.stores[s]
    const { charging, noChargeHours, acEfficiency } = this.refill.inputs[s]
    const { ledger, supply } = this
    const { drainW: drain, sunW: sun, dcW: dc, directW: pastW, cutW, netW: net } = this.flow
    const bus = net + drain
    const beforeWh = this.energy[s]
    let hours = minutes / 60
    let walked = minutes
    let chargeW = 0
    let couldW = bus
    const { efficiency } = charging
    if (net >= 0) {
      // where it is too cold or too hot to charge, what is not used at once could not have come in
      if (noChargeHours?.[Math.floor(from / 60)] === 1) couldW = drain
      else {
        const room = Math.max(0, (path.capacityWh - this.energy[s]) / (efficiency * hours))
        chargeW = Math.min(net, room, acceptedW(charging, path.capacityWh, this.energy[s] / path.capacityWh))
        this.energy[s] += chargeW * efficiency * hours
      }
    } else {
      const above = this.energy[s] - path.floorWh
      if (-net * hours <= above) this.energy[s] += net * hours
      else {
        hours = above > 0 ? above / -net : 0
        walked = hours * 60
        this.energy[s] = Math.min(this.energy[s], path.floorWh)
      }
    }
    const takenW = net >= 0 ? drain + chargeW : bus
    const sunTaken = Math.min(sun, takenW)
    const dcTaken = Math.min(dc, takenW - sunTaken)
    const acTaken = takenW - sunTaken - dcTaken
    const q = Math.floor(from / POINT_MIN)
    this.curves.inW[q] += ((takenW + pastW) * hours * 60) / POINT_MIN
    const ofDays = hours * this.refill.outageShare[q]
    this.days.broughtWh += (couldW + pastW - chargeW * (1 - efficiency)) * ofDays
    this.days.usedWh += (drain + pastW) * ofDays
    const counted = Math.min(hours, Math.max(0, this.outageMin - from) / 60)
    supply.burn(pastW + acTaken / acEfficiency, from, hours, counted, ledger)
    if (counted <= 0) return walked
    ledger.sunWh += sunTaken * counted
    ledger.dcWh += dcTaken * counted
    ledger.acWh += acTaken * counted
    ledger.directWh += pastW * counted
    ledger.unusedWh += (cutW + sun - sunTaken + dc - dcTaken) * counted
    ledger.chargeLossWh += chargeW * (1 - efficiency) * counted
    ledger.drainWh += drain * counted
    ledger.noLoadWh += (outletW > this.carriedW(outletW) ? 1 : 1 - supply.acShare) * noLoadW * counted
    ledger.storedWh += ((this.energy[s] - beforeWh) * counted) / hours
    return walked
  }
}

/** Appends a stretch; one that touches the last is joined to it. */
function keepFed(fed: [from: number, to: number][], from: number, to: number): void {
  if (to <= from) return
  const last = fed[fed.length - 1]
  if (last && from - last[1] < 1e-6) last[1] = to
  else fed.push([from, to])
}
