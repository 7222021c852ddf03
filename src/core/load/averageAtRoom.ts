import type { Behaviour } from '../plan/schema'
import { averageW } from './average'
import { demandFactor, doorsW } from './thermostat'

/**
 * A load's average watts over an ordinary day in a room of a given temperature: what cools and stands indoors follows the
 * room, everything else is as it was known.
 *
 * @returns W; times 24 the watt-hours a day
 */
export function averageAtRoomW(behaviour: Behaviour, roomC: number): number {
  if (behaviour.kind !== 'cycling') return averageW(behaviour)
  const { follows, runningW, defrost } = behaviour
  if (follows?.mode !== 'cooling' || follows.surroundings === 'outdoors') return averageW(behaviour)
  const idleW = behaviour.idleW?.value ?? 0
  const cyclingW = Math.max(0, behaviour.averageW.value + doorsW(behaviour.doors) - idleW)
  const perRunHourW = defrost
    ? (defrost.watts.value * defrost.minutes.value) / 60 / defrost.everyRunH.value
    : 0
  const fullW = Math.max(1e-9, runningW.value - idleW + perRunHourW)
  const duty = Math.min(1, cyclingW / fullW) * demandFactor(roomC, follows.setC.value, follows.knownAtC.value)
  return idleW + Math.min(1, duty) * fullW
}
