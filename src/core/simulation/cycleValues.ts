import { type DriveValues, outputOf } from '../load/drive'
import { spacingCycle, volumeCycle } from '../load/pump'
import { stormOf, stormShare } from '../load/storm'
import { FREEZES_C } from '../load/coldBox'
import {
  catchUpMin,
  coastMin,
  contentsFactor,
  doorsW,
  fillFactor,
  freezerGain,
  periodAtHalf,
  referenceDuty,
} from '../load/thermostat'
import type { Cycling, Pump } from '../plan/schema'
import { normalQuantile } from '../quantity/normal'
import { uniformAt } from '../quantity/random'
import { type LoadValues, PLACE, demandAt } from './loadValues'
import { AT } from './places'
import type { CompiledLoad } from './compile'
import { SHORTEST_CYCLE_MIN } from './expectedPairs'
import { applyDrift } from './drift'

const SHORTEST_PERIOD_SHARE = 0.25

/** Settles a cycling load: its hours of duty and watts, its defrost, its catching up. */
export function settleCycling(load: CompiledLoad, cycling: Cycling, wanders: boolean, out: LoadValues): void {
  const { defrost, box, follows, blower, drive } = cycling
  const { runningW, settled: at } = out
  const idleW = cycling.idleW && drive?.kind !== 'inverter' ? Math.min(at[AT.idle], runningW) : 0
  out.idleW = idleW
  // what is drawn between the cycles is drawn in them too: only what is above it goes on and off
  const averageW = Math.max(0, at[AT.average] + doorsW(cycling.doors) - idleW)
  if (defrost) {
    out.defrostW = at[AT.defrostW]
    out.defrostMin = at[AT.defrostMin]
    out.defrostEveryMin = Math.max(10, at[AT.defrostEvery] * 60)
    out.isAdaptive = defrost.control === 'adaptive'
  } else out.defrostEveryMin = 0
  const floorW =
    drive?.kind === 'inverter'
      ? Math.min(runningW, at[AT.floor])
      : drive?.kind === 'two-stage'
        ? Math.min(runningW, at[AT.floor])
        : 0
  const { duty } = referenceDuty(
    averageW,
    Math.max(1e-9, runningW - idleW),
    defrost
      ? {
          watts: Math.max(0, out.defrostW - idleW),
          minutes: out.defrostMin,
          everyRunH: out.defrostEveryMin / 60,
        }
      : null,
    drive?.kind === 'inverter' ? floorW : 0,
  )
  const period = Math.max(cycling.periodMin.value * SHORTEST_PERIOD_SHARE, at[AT.period])
  out.periodHalfMin = Math.max(
    SHORTEST_CYCLE_MIN,
    periodAtHalf(period, duty) * (box ? fillFactor(box.fillFraction) : 1),
  )
  out.phase = uniformAt(out.stream, PLACE.phase)
  const { wattsH, dutyH } = out
  const hours = dutyH.length
  if (load.surroundC && follows) {
    const setC = at[AT.set]
    const knownC = at[AT.known]
    const where = follows.surroundings
    const off = typeof where === 'string' ? at[AT.surroundings] : at[AT.surroundings] - where.aboutC.value
    const known = knownC - setC
    const set = follows.mode === 'cooling' ? setC + load.setBackK : setC - load.setBackK
    // demandFactor(), written out: this is done for every hour of every run
    const perK = Math.abs(known) < 1 ? 0 : duty / known
    const base = Math.abs(known) < 1 ? duty : (off - set) * perK
    const { surroundC } = load
    for (let h = 0; h < hours; h++) dutyH[h] = base + surroundC[h] * perK
    if (follows.mode === 'cooling' && set < FREEZES_C) {
      const gain = freezerGain(surroundC[0] + off, set, knownC)
      for (let h = 0; h < hours; h++) dutyH[h] *= gain
    }
    out.coastMin =
      load.coastK > 0 && box ? coastMin(at[AT.tau] * 60, Math.abs(surroundC[0] + off - setC), load.coastK) : 0
  } else {
    dutyH.fill(duty)
    out.coastMin = 0
  }
  applyDrift(dutyH, hours, out.stream, wanders ? load.driftLogSd : 0)
  deliver(dutyH, wattsH, {
    kind: drive?.kind ?? 'on-off',
    fullW: runningW,
    floorW,
    lowOutputFraction: drive?.kind === 'two-stage' ? drive.lowOutputFraction : 0,
  })
  out.tauMin = box
    ? at[AT.tau] * 60 * (follows?.mode === 'cooling' ? contentsFactor(box.fillFraction) : 1)
    : 1
  out.recovers = box ? 'box' : 'nothing'
  const offForH = box ? (box.offForTimes ? at[AT.offFor] : box.offForH) : 0
  out.pullDownMin = offForH > 0 ? catchUpMin(demandAt(out, 0), out.tauMin, offForH * 60) : 0
  out.blowerW = blower ? Math.min(runningW, at[AT.blower]) : 0
  out.lagMin = out.blowerW > 0 ? (blower?.lagMin ?? 0) : 0
  settleFirstDefrost(out)
}

/** Turns demands (shares of full output) into watts while on and shares of the time on. */
function deliver(dutyH: Float64Array, wattsH: Float64Array, drive: DriveValues): void {
  const isOnOff = drive.kind === 'on-off'
  if (isOnOff) wattsH.fill(drive.fullW)
  for (let h = 0; h < dutyH.length; h++) {
    if (dutyH[h] < 0) dutyH[h] = 0
    else if (dutyH[h] > 1) dutyH[h] = 1
    if (isOnOff) continue
    const { watts, duty } = outputOf(drive, dutyH[h])
    wattsH[h] = watts
    dutyH[h] = duty
  }
}

/**
 * The moment of the first defrost: the outage begins anywhere in an interval of compressor time and the defrost that ends
 * it, so one may just be under way.
 */
function settleFirstDefrost(out: LoadValues): void {
  if (out.defrostEveryMin === 0) {
    out.firstDefrostMin = Infinity
    return
  }
  const onShare = Math.max(0.02, out.dutyH[0])
  const wallMin = out.defrostEveryMin / onShare
  const moment = uniformAt(out.stream, PLACE.defrostPhase) * (wallMin + out.defrostMin)
  out.firstDefrostMin = moment < wallMin ? moment * onShare : wallMin - moment
}

/** Settles a pump: its share of the time and its half-duty period. */
export function settlePump(load: CompiledLoad, pump: Pump, wanders: boolean, out: LoadValues): void {
  const { cycle } = pump
  const { settled: at } = out
  const { duty, periodHalfMin } =
    cycle.by === 'spacing'
      ? spacingCycle(at[AT.volume], Math.max(0.02, at[AT.inflow]))
      : volumeCycle(Math.max(0.05, at[AT.volume]), Math.max(0.05, at[AT.rate]), at[AT.inflow])
  out.periodHalfMin = Math.max(SHORTEST_CYCLE_MIN, periodHalfMin)
  out.phase = uniformAt(out.stream, PLACE.phase)
  const { dutyH, wattsH } = out
  const inflow = load.inflow!
  const { storm } = load
  if (storm) {
    const z = (place: number) => (wanders ? normalQuantile(uniformAt(out.stream, place)) : 0)
    const one = stormOf(storm.rain, z(PLACE.pours), z(PLACE.tail))
    // in dry weather it goes on as before the rain
    for (let h = 0; h < dutyH.length; h++)
      dutyH[h] = duty * Math.max(storm.dryFactor, inflow[h] * stormShare(one, h + 0.5))
  } else for (let h = 0; h < dutyH.length; h++) dutyH[h] = duty * inflow[h]
  applyDrift(dutyH, dutyH.length, out.stream, wanders ? load.driftLogSd : 0)
  for (let h = 0; h < dutyH.length; h++) if (dutyH[h] > 1) dutyH[h] = 1
  wattsH.fill(out.runningW)
  out.recovers = pump.inflowFollows === 'use' ? 'nothing' : 'backlog'
  out.pullDownMin = out.coastMin = 0
  out.defrostEveryMin = 0
  out.firstDefrostMin = Infinity
  out.blowerW = out.lagMin = 0
}
