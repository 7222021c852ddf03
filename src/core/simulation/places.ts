import type { Behaviour } from '../plan/schema'
import type { Quantity } from '../quantity/quantity'

/** Where each quantity of a load stands in its stream of chance and among its settled values. */
export const AT = {
  running: 0,
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
  minutes: 15,
  energy: 16,
  efficiency: 17,
  idle: 18,
  offFor: 19,
}
export const PLACES = 20

/** How far the surroundings of a load may be off from the scenario's hours (80 % interval). From memory. */
const SURROUNDINGS_OFF: Quantity<'°C'> = {
  value: 0,
  unit: '°C',
  spread: { plusMinus: 1.5 },
  evidence: 'typical',
}

/** For how long a box had been off, where that is not known well. */
const offFor = (hours: number, times: number): Quantity<'h'> => ({
  value: hours,
  unit: 'h',
  spread: { times },
  evidence: 'typical',
})

/** A quantity with its place. */
export type Placed = readonly [place: number, quantity: Quantity]

/** Everything about a behaviour that is known only so well. */
export function quantitiesOf(behaviour: Behaviour): Placed[] {
  const found: (readonly [number, Quantity | undefined])[] = [[AT.running, behaviour.runningW]]
  switch (behaviour.kind) {
    case 'session':
      found.push([AT.minutes, behaviour.minutesEach])
      break
    case 'charging':
      found.push(
        [AT.energy, behaviour.energyWh],
        [AT.efficiency, behaviour.efficiencyFraction],
        [AT.idle, behaviour.idleW],
      )
      break
    case 'cycling': {
      const { follows, drive, box, defrost, blower } = behaviour
      const where = follows?.surroundings
      found.push(
        [AT.average, behaviour.averageW],
        [AT.period, behaviour.periodMin],
        [AT.set, follows?.setC],
        [AT.known, follows?.knownAtC],
        [AT.surroundings, typeof where === 'object' ? where.aboutC : where && SURROUNDINGS_OFF],
        [
          AT.floor,
          drive?.kind === 'inverter' ? drive.floorW : drive?.kind === 'two-stage' ? drive.lowW : undefined,
        ],
        [AT.tau, box?.timeConstantH],
        [AT.offFor, box?.offForTimes ? offFor(box.offForH, box.offForTimes) : undefined],
        [AT.defrostW, defrost?.watts],
        [AT.defrostMin, defrost?.minutes],
        [AT.defrostEvery, defrost?.everyRunH],
        [AT.blower, blower?.watts],
        [AT.idle, drive?.kind === 'inverter' ? undefined : behaviour.idleW],
      )
      break
    }
    case 'pump': {
      const { cycle } = behaviour
      if (cycle.by === 'spacing') found.push([AT.volume, cycle.onMin], [AT.inflow, cycle.everyMin])
      else found.push([AT.volume, cycle.volumeL], [AT.rate, cycle.rateLMin], [AT.inflow, cycle.inflowLH])
      break
    }
  }
  return found.filter((placed): placed is Placed => placed[1] !== undefined)
}
