import type { Behaviour, Start } from '../plan/schema'
import type { Quantity } from '../quantity/quantity'

const times = <Q extends Quantity>(quantity: Q, factor: number, most = 50_000): Q => ({
  ...quantity,
  value: Math.min(most, Math.round(quantity.value * factor * 1000) / 1000),
})

/**
 * The behaviour of so many times as much of the same: every watt and watt-hour times a factor, every length of time as it
 * was. Things of one row switch together.
 */
export function scaledBehaviour(behaviour: Behaviour, factor: number): Behaviour {
  if (factor === 1) return behaviour
  const runningW = times(behaviour.runningW, factor)
  switch (behaviour.kind) {
    case 'cycling': {
      const { averageW, idleW, drive, defrost, blower, doors } = behaviour
      const openings = (n: number) => Math.min(500, Math.round(n * factor * 10) / 10)
      return {
        ...behaviour,
        runningW,
        averageW: times(averageW, factor),
        ...(idleW ? { idleW: times(idleW, factor) } : {}),
        ...(drive?.kind === 'inverter' ? { drive: { ...drive, floorW: times(drive.floorW, factor) } } : {}),
        ...(drive?.kind === 'two-stage' ? { drive: { ...drive, lowW: times(drive.lowW, factor) } } : {}),
        ...(defrost ? { defrost: { ...defrost, watts: times(defrost.watts, factor) } } : {}),
        ...(blower ? { blower: { ...blower, watts: times(blower.watts, factor) } } : {}),
        ...(doors
          ? { doors: { knownADay: openings(doors.knownADay), nowADay: openings(doors.nowADay) } }
          : {}),
      }
    }
    case 'charging':
      return {
        ...behaviour,
        runningW,
        energyWh: times(behaviour.energyWh, factor, 200_000),
        idleW: times(behaviour.idleW, factor),
      }
    default:
      return { ...behaviour, runningW }
  }
}

/**
 * The start of a row of several things when their number changes: one of them starts while the others run.
 *
 * @param runningW of the whole row before
 * @param from how many there were, @param to how many there are
 */
export function scaledStart(start: Start | null, runningW: number, from: number, to: number): Start | null {
  if (!start || from === to) return start
  const each = runningW / from
  const one = start.watts.value - each * (from - 1)
  const { basis, ...rest } = start
  void basis
  return {
    ...(to === 1 && from === 1 ? start : rest),
    watts: { ...start.watts, value: Math.min(50_000, Math.max(1, Math.round(one + each * (to - 1)))) },
  }
}
