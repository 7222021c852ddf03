import type { Behaviour, BehaviourKind, HouseholdLoad } from '@/core/plan/schema'
import { type Evidence, type Quantity, quantity, usualSpread } from '@/core/quantity/quantity'
import { averageW } from '@/core/load/average'
import { scaledBehaviour, scaledStart } from '@/core/load/scale'

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

/** What changes of a load when its row stands for another number of the same things. */
export function withCount(load: HouseholdLoad, count: number): Partial<HouseholdLoad> {
  const before = load.count ?? 1
  return {
    behaviour: scaledBehaviour(load.behaviour, count / before),
    start: scaledStart(load.start, load.behaviour.runningW.value, before, count),
    count: count === 1 ? undefined : count,
  }
}
