import { type DriveValues, outputOf } from '../load/drive'
import { spacingCycle, volumeCycle } from '../load/pump'
import { catchUpMin, coastMin, doorsW, fillFactor, periodAtHalf, referenceDuty } from '../load/thermostat'
import type { Cycling, Pump } from '../plan/schema'
import type { Quantity } from '../quantity/quantity'
import { uniformAt } from '../quantity/random'
import { type LoadValues, PLACE, type Settle, demandAt } from './loadValues'
import { type CompiledLoad, SHORTEST_CYCLE_MIN } from './compile'
import { applyDrift, driftLogSd } from './drift'

/** Places of a cycling load's further quantities in its stream of chance. */
const AT = {
  average: 1,
  period: 2,
  set: 3,
  known: 4,
  floor: 5,
  tau: 6,
  defrostW: 7,
  defrostMin: 8,
  defrostEvery: 9,
  blower: 10,
  surroundings: 11,
  volume: 12,
  rate: 13,
  inflow: 14,
}

/** How far the surroundings of a load may be off from the scenario's hours (80 % interval). From memory. */
const SURROUNDINGS_OFF: Quantity<'°C'> = {
  value: 0,
  unit: '°C',
  spread: { plusMinus: 1.5 },
  evidence: 'typical',
}
const SHORTEST_PERIOD_SHARE = 0.25

/** Settles a cycling load: its hours of duty and watts, its defrost, its catching up. */
export function settleCycling(
  load: CompiledLoad,
  cycling: Cycling,
  value: Settle,
  wanders: boolean,
  out: LoadValues,
): void {
  const { defrost, box, follows, blower, drive } = cycling
  const { runningW } = out
  const averageW = Math.max(0, value(cycling.averageW, AT.average) + doorsW(cycling.doors))
  if (defrost) {
    out.defrostW = value(defrost.watts, AT.defrostW)
    out.defrostMin = value(defrost.minutes, AT.defrostMin)
    out.defrostEveryMin = Math.max(10, value(defrost.everyRunH, AT.defrostEvery) * 60)
    out.isAdaptive = defrost.control === 'adaptive'
  } else out.defrostEveryMin = 0
  const floorW =
    drive?.kind === 'inverter'
      ? Math.min(runningW, value(drive.floorW, AT.floor))
      : drive?.kind === 'two-stage'
        ? Math.min(runningW, value(drive.lowW, AT.floor))
        : 0
  const { duty } = referenceDuty(
    averageW,
    runningW,
    defrost
      ? { watts: out.defrostW, minutes: out.defrostMin, everyRunH: out.defrostEveryMin / 60 }
      : null,
    drive?.kind === 'inverter' ? floorW : 0,
  )
  const period = Math.max(
    cycling.periodMin.value * SHORTEST_PERIOD_SHARE,
    value(cycling.periodMin, AT.period),
  )
  out.periodHalfMin = Math.max(
    SHORTEST_CYCLE_MIN,
    periodAtHalf(period, duty) * (box ? fillFactor(box.fillFraction) : 1),
  )
  out.phase = uniformAt(out.stream, PLACE.phase)
  const { wattsH, dutyH } = out
  const hours = dutyH.length
  if (load.surroundC && follows) {
    const setC = value(follows.setC, AT.set)
    const knownC = value(follows.knownAtC, AT.known)
    const where = follows.surroundings
    const off =
      typeof where === 'string'
        ? value(SURROUNDINGS_OFF, AT.surroundings)
        : value(where.aboutC, AT.surroundings) - where.aboutC.value
    const known = knownC - setC
    const set = follows.mode === 'cooling' ? setC + load.setBackK : setC - load.setBackK
    // demandFactor(), written out: this is done for every hour of every run
    const perK = Math.abs(known) < 1 ? 0 : duty / known
    const base = Math.abs(known) < 1 ? duty : (off - set) * perK
    const { surroundC } = load
    for (let h = 0; h < hours; h++) dutyH[h] = base + surroundC[h] * perK
    out.coastMin =
      load.setBackK > 0 && box
        ? coastMin(value(box.timeConstantH, AT.tau) * 60, Math.abs(surroundC[0] + off - setC), load.setBackK)
        : 0
  } else {
    dutyH.fill(duty)
    out.coastMin = 0
  }
  applyDrift(dutyH, hours, out.stream, wanders ? driftLogSd(cycling) : 0)
  deliver(dutyH, wattsH, {
    kind: drive?.kind ?? 'on-off',
    fullW: runningW,
    floorW,
    lowOutputFraction: drive?.kind === 'two-stage' ? drive.lowOutputFraction : 0,
  })
  out.tauMin = box ? value(box.timeConstantH, AT.tau) * 60 : 1
  out.recovers = box ? 'box' : 'nothing'
  out.pullDownMin = box && box.offForH > 0 ? catchUpMin(demandAt(out, 0), out.tauMin, box.offForH * 60) : 0
  out.blowerW = blower ? Math.min(runningW, value(blower.watts, AT.blower)) : 0
  out.lagMin = blower?.lagMin ?? 0
  settleFirstDefrost(out)
}

/** Turns demands (shares of full output) into watts while on and shares of the time on. */
function deliver(dutyH: Float64Array, wattsH: Float64Array, drive: DriveValues): void {
  const isOnOff = drive.kind === 'on-off'
  if (isOnOff) wattsH.fill(drive.fullW)
  for (let h = 0; h < dutyH.length; h++) {
    const demand = dutyH[h] < 0 ? 0 : dutyH[h] > 1 ? 1 : dutyH[h]
    if (isOnOff) {
      dutyH[h] = demand
      continue
    }
    const { watts, duty } = outputOf(drive, demand)
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
  const at = uniformAt(out.stream, PLACE.defrostPhase) * (wallMin + out.defrostMin)
  out.firstDefrostMin = at < wallMin ? at * onShare : wallMin - at
}

/** Settles a pump: its share of the time and its half-duty period. */
export function settlePump(
  load: CompiledLoad,
  pump: Pump,
  value: Settle,
  wanders: boolean,
  out: LoadValues,
): void {
  const { cycle } = pump
  const { duty, periodHalfMin } =
    cycle.by === 'spacing'
      ? spacingCycle(value(cycle.onMin, AT.volume), Math.max(0.02, value(cycle.everyMin, AT.inflow)))
      : volumeCycle(
          Math.max(0.05, value(cycle.volumeL, AT.volume)),
          Math.max(0.05, value(cycle.rateLMin, AT.rate)),
          value(cycle.inflowLH, AT.inflow),
        )
  out.periodHalfMin = Math.max(SHORTEST_CYCLE_MIN, periodHalfMin)
  out.phase = uniformAt(out.stream, PLACE.phase)
  const { dutyH, wattsH } = out
  const inflow = load.inflow!
  for (let h = 0; h < dutyH.length; h++) dutyH[h] = duty * inflow[h]
  applyDrift(dutyH, dutyH.length, out.stream, wanders ? driftLogSd(pump) : 0)
  for (let h = 0; h < dutyH.length; h++) if (dutyH[h] > 1) dutyH[h] = 1
  wattsH.fill(out.runningW)
  out.recovers = pump.inflowFollows === 'use' ? 'nothing' : 'backlog'
  out.pullDownMin = out.coastMin = 0
  out.defrostEveryMin = 0
  out.firstDefrostMin = Infinity
  out.blowerW = out.lagMin = 0
}
