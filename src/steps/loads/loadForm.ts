import type { Behaviour, BehaviourKind, HouseholdLoad } from '@/core/plan/schema'
import { type Evidence, type Quantity, quantity, usualSpread } from '@/core/quantity/quantity'
import { averageW } from '@/core/load/average'
import { scaledBehaviour, scaledStart } from '@/core/load/scale'
import type { Appliance } from '@/catalog/appliances'

/** The quantity whose evidence decides how well a load's energy is known. */
export function decidingQuantity(behaviour: Behaviour): Quantity<'W'> {
  return behaviour.kind === 'cycling' ? behaviour.averageW : behaviour.runningW
}

/** The behaviour with its deciding quantity known in another way, and as spread as that usually is. */
export function withEvidence(behaviour: Behaviour, evidence: Evidence): Behaviour {
  const known = { evidence, spread: usualSpread(evidence) }
  return behaviour.kind === 'cycling'
    ? { ...behaviour, averageW: { ...behaviour.averageW, ...known } }
    : { ...behaviour, runningW: { ...behaviour.runningW, ...known } }
}

/** A behaviour of another kind that keeps the running watts and, where it can, the average. */
export function asKind(behaviour: Behaviour, kind: BehaviourKind): Behaviour {
  if (behaviour.kind === kind) return behaviour
  const { runningW } = behaviour
  switch (kind) {
    case 'constant':
      return { kind, runningW }
    case 'scheduled':
      return { kind, runningW, windows: [{ from: '18:00', to: '23:00' }] }
    case 'session':
      return { kind, runningW, minutesEach: quantity(10, 'min', 'typical'), when: { at: ['08:00'] } }
    case 'cycling': {
      const average = Math.min(runningW.value, Math.max(1, averageW(behaviour)))
      return {
        kind,
        runningW,
        averageW: quantity(Math.round(average), 'W', 'typical'),
        periodMin: quantity(40, 'min', 'typical', { times: 1.3 }),
      }
    }
    case 'pump':
      return {
        kind,
        runningW,
        cycle: {
          by: 'spacing',
          onMin: quantity(0.25, 'min', 'typical', { times: 1.3 }),
          everyMin: quantity(10, 'min', 'typical', { times: 1.7 }),
        },
        inflowFollows: 'nothing',
      }
    case 'charging':
      return {
        kind,
        runningW,
        energyWh: quantity(50, 'Wh', 'typical'),
        efficiencyFraction: quantity(0.85, '1', 'typical', { plusMinus: 0.05 }),
        idleW: quantity(0.5, 'W', 'typical', { times: 2 }),
        when: { at: ['19:00'] },
      }
  }
}

/** A motor's start of so many watts, a fraction of a second long until it is measured. */
export function withStart(
  watts: number,
  evidence: Evidence,
  seconds = 0.3,
): NonNullable<HouseholdLoad['start']> {
  return {
    watts: quantity(watts, 'W', evidence),
    seconds: quantity(seconds, 's', 'typical', { times: 2 }),
  }
}

/** A load of the household made from a typical appliance. */
export function loadFrom(appliance: Appliance, id: string, name: string, mains: 120 | 230): HouseholdLoad {
  const volts = mains === 230 ? 230 : (appliance.volts ?? 120)
  return {
    id,
    name,
    volts,
    leg: volts === 240 ? 'both' : 'A',
    start: appliance.start && withStart(appliance.start[0], 'typical', appliance.start[1]),
    behaviour: structuredClone(appliance.behaviour),
    medical: appliance.medical ?? false,
    note: appliance.caution ?? '',
    standings: {},
  }
}

/** What stands in for a load nothing is known of. */
const UNKNOWN_W = 50

/** Whether nothing has been said of a load yet. */
export const isPlaceholder = ({ behaviour, start }: HouseholdLoad): boolean =>
  behaviour.kind === 'constant' &&
  behaviour.runningW.value === UNKNOWN_W &&
  behaviour.runningW.evidence === 'typical' &&
  start === null

/** A load nothing is known of yet. */
export function blankLoad(id: string, name: string, mains: 120 | 230): HouseholdLoad {
  return {
    id,
    name,
    volts: mains,
    leg: 'A',
    start: null,
    behaviour: { kind: 'constant', runningW: quantity(UNKNOWN_W, 'W', 'typical') },
    medical: false,
    note: '',
    standings: {},
  }
}

/** What changes of a load when its row stands for another number of the same things. */
export function withCount(load: HouseholdLoad, count: number): Partial<HouseholdLoad> {
  const before = load.count ?? 1
  return {
    behaviour: scaledBehaviour(load.behaviour, count / before),
    start: scaledStart(load.start, load.behaviour.runningW.value, before, count),
    count: count === 1 ? undefined : count,
  }
}
