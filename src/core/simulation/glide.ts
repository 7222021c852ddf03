import type { StorePath } from '../conversion/loss'
import { acceptedW, fullRate } from '../storage/chargeAcceptance'
import type { CompiledRefill } from './compileRefill'
import { cutOffFraction } from './cutOffFraction'
import type { DetailTables } from './detailTables'
import type { RefillCurves, RefillLedger } from './refillLedger'
import { type CurveSink, POINT_MIN } from './sweep'

const QUARTER_H = POINT_MIN / 60

/** A store of the chain in one run. */
export interface StoreInRun {
  path: StorePath
  tables: DetailTables | null
  chargedWh: number
  curve: CurveSink
}

/** What a run asks: of every quarter hour the mean of its minutes' outlet watts and of their squares, the minutes themselves, and the most of any. */
export interface QuarterDemand {
  readonly meanW: Float64Array
  /** W²; filled where minutes are at hand */
  readonly squareW2: Float64Array
  readonly peakW: number
  minutesW(quarter: number): Float64Array
}

/** Where a refilled run stands, and what it has come to so far. */
export interface RefilledState {
  readonly stores: readonly StoreInRun[]
  readonly refill: CompiledRefill
  /** Wh by store */
  readonly energy: Float64Array
  /** factor of each day's sun */
  readonly light: Float64Array
  readonly ledger: RefillLedger
  /** over the outage's hours: Wh that came in or could have (not where it is too cold or too hot to charge), Wh that feeding everything took, and minutes fed */
  readonly days: { broughtWh: number; usedWh: number; fedMin: number }
  readonly curves: RefillCurves
  readonly outageMin: number
}

/** Wh below which a store may end before its floor: its volts may be too low at the largest draw; Infinity where it must be watched all the time. */
export function watchedWh({ path, tables }: Pick<StoreInRun, 'path' | 'tables'>, peakW: number): number {
  const { detail } = path
  if (!detail) return 0
  if (detail.outOfRange || detail.sleepBelowW > 0) return Infinity
  return detail.voltage ? cutOffFraction(peakW, path, detail, tables!) * path.capacityWh : 0
}

/**
 * Whole quarters in which nothing but the sun comes in and the store in use neither ends nor may end: what a
 * step does, in one loop, since nearly all of a run is such quarters.
 *
 * @param active the store in use; it gives and takes at once
 * @param leastWh it must hold after a quarter: its floor, or what it is watched below
 * @returns the quarter at which something else begins; the energy of the store is carried there
 */
export function glide(
  state: RefilledState,
  active: number,
  leastWh: number,
  demand: QuarterDemand,
  begin: number,
  until: number,
): number {
  const { refill, ledger, days, outageMin, light } = state
  const { path, tables, curve } = state.stores[active]
  const { capacityWh, noLoadW, batteryWPerOutletW, detail } = path
  const { acKind, dcW, sunW, sunMostW, mostFactor, day, outageShare } = refill
  const { charging, noChargeHours, totalW } = refill.inputs[active]
  const { fractions, runs, run } = curve
  const { askedW, sunW: sunCurveW, clippedW, inW } = state.curves
  const { meanW, squareW2 } = demand
  const { efficiency } = charging
  const perCapacity = 1 / capacityWh
  const { watts: fullW, untilWh: taperWh } = fullRate(charging, capacityWh)
  const idleWh = noLoadW * QUARTER_H
  const whPerOutletW = batteryWPerOutletW * QUARTER_H
  // sums are kept for a stretch that lies wholly within the outage, or wholly past it
  const outageUntil = Math.floor(outageMin / POINT_MIN)
  if (begin === outageUntil && outageUntil * POINT_MIN < outageMin) return begin
  const isCounted = begin < outageUntil
  const last = isCounted ? Math.min(until, outageUntil) : until
  const beganWh = state.energy[active]
  let energy = beganWh
  let drainSumWh = 0
  let noLoadSumWh = 0
  let broughtSumWh = 0
  let usedSumWh = 0
  let takenSumWh = 0
  let unusedSumWh = 0
  let lostSumWh = 0
  let q = begin
  for (; q < last; q++) {
    if (acKind[q] !== 0 || dcW[q] > 0) break
    const askedOfQ = meanW[q]
    let drainWh = idleWh + askedOfQ * whPerOutletW
    let noLoadWh = idleWh
    if (detail) {
      drainWh += squareW2[q] * detail.lossPerW2 * QUARTER_H
      if (detail.peukert !== 1 || detail.searchBelowW > 0) {
        const minuteW = demand.minutesW(q)
        drainWh = noLoadWh = 0
        for (let m = 0; m < POINT_MIN; m++) {
          const drainW = tables!.drainW(path, detail, minuteW[m])
          drainWh += drainW / 60
          noLoadWh += Math.min(noLoadW, drainW) / 60
        }
      }
    }
    let next = energy - drainWh
    if (sunW[q] > 0) {
      const offeredW = sunW[q] * Math.min(light[day[q]], mostFactor[q])
      const throughW = Math.min(offeredW, sunMostW[q])
      const sunWh = Math.min(throughW, totalW) * QUARTER_H
      let takenWh = sunWh
      let lostWh = 0
      let couldWh = sunWh
      next += sunWh
      if (sunWh >= drainWh) {
        let chargeWh = 0
        if (noChargeHours === null || noChargeHours[((q * POINT_MIN) / 60) | 0] !== 1) {
          const room = Math.max(0, (capacityWh - energy) / efficiency)
          const acceptsW = energy <= taperWh ? fullW : acceptedW(charging, capacityWh, energy * perCapacity)
          const most = acceptsW * QUARTER_H
          chargeWh = Math.min(sunWh - drainWh, room, most)
        } else couldWh = drainWh
        lostWh = chargeWh * (1 - efficiency)
        next = energy + chargeWh - lostWh
        takenWh = drainWh + chargeWh
      }
      if (next < leastWh) break
      broughtSumWh += (couldWh - lostWh) * outageShare[q]
      takenSumWh += takenWh
      lostSumWh += lostWh
      unusedSumWh += throughW * QUARTER_H - takenWh
      sunCurveW[q] += throughW
      clippedW[q] += offeredW - throughW
      inW[q] += takenWh / QUARTER_H
    } else if (next < leastWh) break
    fractions[q * runs + run] = energy * perCapacity
    askedW[q] += askedOfQ
    drainSumWh += drainWh
    usedSumWh += drainWh * outageShare[q]
    noLoadSumWh += noLoadWh
    energy = next
  }
  if (q === begin) return q
  days.broughtWh += broughtSumWh
  days.usedWh += usedSumWh
  if (isCounted) {
    ledger.sunWh += takenSumWh
    ledger.unusedWh += unusedSumWh
    ledger.chargeLossWh += lostSumWh
    ledger.drainWh += drainSumWh
    ledger.noLoadWh += noLoadSumWh
    ledger.storedWh += energy - beganWh
  }
  state.energy[active] = energy
  return q
}
