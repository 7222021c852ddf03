import { servesFor } from '../load/servesFor'
import type { Plan } from '../plan/document'
import type { Load } from '../plan/schema'
import type { Need } from '../plan/wiring'
import { hoursOf, weatherOf } from '../simulation/compile'
import { coolsAfterMin, timeConstantOf } from './coolingHouse'
import { freezerKeeps, refrigeratorKeeps } from './food'
import { pitFills, pitInflow } from './pit'
import { type PowerEnds, after, powerEndsOf } from './powerEnds'
import type { RiskClock, RiskKind, Spread } from './riskClock'

/** A room is cold below, pipes freeze at; °C. */
export const COLD_ROOM_C = 10
const PIPES_C = 0

/** Minutes animals of an aquarium do without air where nobody said: from memory, by how many there are. */
const AQUARIUM_MIN: [number, number, number] = [120, 240, 480]
const TELEPHONE = /router|fib(re|er)|modem|phone line|telephone|\bnetwork\b|internet/i

/**
 * For each critical load of a plan what is lost without it, and when: behind the hour its power ends, on the same clock.
 *
 * @returns the earliest first; what cannot be timed comes last
 */
export function riskClocks(plan: Plan, result: PowerEnds): RiskClock[] {
  const risk = plan.wiring?.risk
  const needs = risk?.needs ?? []
  const clocks: RiskClock[] = []
  const weather = weatherOf(plan.scenario, hoursOf(result.horizonMin))
  for (const load of plan.loads) {
    if (load.tier !== 'critical' || !load.on) continue
    clocks.push(...clocksOf(load, plan, result, weather))
  }
  for (const need of needs) {
    // however little its load matters otherwise
    const load = plan.loads.find(({ id }) => id === need.loadId) ?? null
    clocks.push(needClock(need, load, load && powerEndsOf(plan, result, load.id)))
  }
  const at = ({ lost }: RiskClock) => lost?.likely ?? Infinity
  return clocks.sort((a, b) => (at(a) === at(b) ? 0 : at(a) - at(b)))
}

/** Whether a loss can fall into the outage at all. */
export const fallsInto = ({ lost }: RiskClock, outageMin: number): boolean =>
  lost !== null && lost.early < outageMin

/** What is lost within the outage, most likely, in its order; a telephone is missed at once and spoils nothing. */
export const lostWithin = (clocks: readonly RiskClock[], outageMin: number): RiskClock[] =>
  clocks.filter(({ kind, lost }) => kind !== 'phone' && lost !== null && lost.likely < outageMin)

function needClock(need: Need, load: Load | null, ends: Spread | null): RiskClock {
  const minutes = need.hours * 60
  return {
    kind: need.kind,
    loadId: load?.id ?? null,
    name: need.name,
    powerEnds: ends,
    lost: after(ends, [minutes, minutes, minutes]),
    basis: 'own',
    missing: null,
  }
}

function clocksOf(
  load: Load,
  plan: Plan,
  result: PowerEnds,
  outdoor: ReturnType<typeof weatherOf>,
): RiskClock[] {
  const { scenario } = plan
  const { behaviour } = load
  const risk = plan.wiring?.risk
  const powerEnds = powerEndsOf(plan, result, load.id)
  const clock = (kind: RiskKind, lost: Spread | null, basis: RiskClock['basis']): RiskClock => ({
    kind,
    loadId: load.id,
    name: load.name,
    powerEnds,
    lost,
    basis,
    missing: null,
  })
  if (load.medical) return [clock('breathing-aid', after(powerEnds, [0, 0, 0]), 'own')]
  const serves = servesFor(load)
  if (serves === 'cold food' && behaviour.kind === 'cycling') {
    const keeps = refrigeratorKeeps(behaviour, aroundOf(load, scenario.indoorC, outdoor))
    return [clock('refrigerator', after(powerEnds, keeps), 'published')]
  }
  if (serves === 'frozen food' && behaviour.kind === 'cycling') {
    const keeps = freezerKeeps(behaviour, aroundOf(load, scenario.indoorC, outdoor))
    return [clock('freezer', after(powerEnds, keeps), 'published')]
  }
  if (serves === 'warm house') {
    const [short, likely, long] = timeConstantOf(risk)
    const ends = powerEnds ?? { early: 0, likely: 0, late: 0 }
    const coolsTo = (toC: number): Spread => ({
      early: ends.early + coolsAfterMin(outdoor.outdoors, ends.early, scenario.indoorC, toC, short),
      likely: ends.likely + coolsAfterMin(outdoor.outdoors, ends.likely, scenario.indoorC, toC, likely),
      late: ends.late + coolsAfterMin(outdoor.outdoors, ends.late, scenario.indoorC, toC, long),
    })
    const basis = risk?.timeConstantH === undefined ? 'guess' : 'own'
    return [
      clock('cold-room', coolsTo(COLD_ROOM_C), basis),
      ...(risk?.hasWaterPipes === false ? [] : [clock('frozen-pipes', coolsTo(PIPES_C), basis)]),
    ]
  }
  if (serves === 'pit' && behaviour.kind === 'pump') {
    const pit = risk?.pits?.find(({ loadId }) => loadId === load.id)
    const inflowLH = pit ? pitInflow(pit, behaviour, scenario.rain) : null
    if (!pit || inflowLH === null) return [{ ...clock('flooded-pit', null, 'guess'), missing: 'pit' }]
    return [clock('flooded-pit', after(powerEnds, pitFills(pit, inflowLH)), 'own')]
  }
  if (serves === 'animals' && !hasNeed(plan, load))
    return [clock('aquarium', after(powerEnds, AQUARIUM_MIN), 'guess')]
  if (TELEPHONE.test(load.name) && !hasNeed(plan, load))
    return [clock('phone', after(powerEnds, [0, 0, 0]), 'own')]
  return []
}

const hasNeed = (plan: Plan, { id }: Load) =>
  plan.wiring?.risk?.needs?.some(({ loadId }) => loadId === id) ?? false

/** The mean temperature around a box. */
function aroundOf(load: Load, indoorC: number, weather: ReturnType<typeof weatherOf>): number {
  const follows = load.behaviour.kind === 'cycling' ? load.behaviour.follows : undefined
  const where = follows?.surroundings ?? 'indoors'
  if (typeof where === 'object') return where.aboutC.value
  if (where === 'indoors') return indoorC
  const hours = weather[where]
  return hours.reduce((sum, celsius) => sum + celsius, 0) / hours.length
}
