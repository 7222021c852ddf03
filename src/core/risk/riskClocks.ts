import { servesFor } from '../load/servesFor'
import { pausesOf, scheduledStretches } from '../load/stretches'
import { cyclingDuty } from '../load/thermostat'
import type { Intervals } from '../plan/clock'
import type { Plan } from '../plan/document'
import type { Cycling, Load } from '../plan/schema'
import type { Need } from '../plan/wiring'
import { hoursOf, weatherOf } from '../simulation/compile'
import { percentilesOf } from '../simulation/events'
import type { SimulationResult } from '../simulation/result'
import type { RunStretches } from '../simulation/unfedRuns'
import { CoolingHouse, timeConstantOf } from './coolingHouse'
import { BearsMinutes, type Course, atOnce, lossOf, whenNeeded } from './course'
import { freezerKeeps, refrigeratorKeeps } from './food'
import { pitFills, pitInflow } from './pit'
import type { RiskClock, RiskKind, Spread } from './riskClock'
import { unfedIn } from './unfedIn'

/** A room is cold below, pipes freeze at; °C. */
export const COLD_ROOM_C = 10
const PIPES_C = 0

/** Minutes animals of an aquarium do without air where nobody said: from memory, by how many there are. */
const AQUARIUM_MIN: Three<number> = [120, 240, 480]
const TELEPHONE = /router|fib(re|er)|modem|phone line|telephone|\bnetwork\b|internet/i

/** What needs air, water or cold comes back so many times as fast as it fares worse, where no box says it. From memory. */
const BACK_TIMES = 2
/** A box comes back at least as fast as it warms: a compressor that cannot do that would not hold it either. */
const LEAST_BACK_TIMES = 1
/** A pump that runs again draws its pit down within minutes. */
const PIT_BACK_TIMES = 60

/** Early, likely and late. */
type Three<T> = readonly [T, T, T]

/** What a clock asks of the runs of a plan. */
export type ClockedRuns = Pick<SimulationResult, 'horizonMin' | 'unfed'>

/** What a clock of a plan is worked out from. */
interface Clocked {
  plan: Plan
  /** °C by the hour indoors, in a garage, outdoors and so on */
  weather: ReturnType<typeof weatherOf>
  horizonMin: number
}

/** When a load has no power, in every run. */
interface Without {
  /** when its source first gives nothing; null: it is not fed at all */
  powerEnds: Spread | null
  /** by run, pauses and rules counted */
  unfed: readonly Intervals[]
}

/**
 * For each critical load of a plan what is lost without it, and when. Each clock runs over the stretches of each run in
 * which its load gets nothing, and goes back while it is fed: the early hour is the 10 % percentile of the runs with the
 * shortest time it may bear, the likely the middle with the likely, the late the 90 % with the longest.
 *
 * @throws RangeError where it was not kept when the loads get nothing
 * @returns the earliest first; what cannot be timed comes last
 */
export function riskClocks(plan: Plan, { horizonMin, unfed }: ClockedRuns): RiskClock[] {
  if (!unfed) throw new RangeError('runs that keep when their loads get nothing are needed')
  const clocked = { plan, horizonMin, weather: weatherOf(plan.scenario, hoursOf(horizonMin)) }
  const known: Known = new Map()
  const without = (load: Load) => withoutPower(load, plan, unfed, horizonMin, known)
  const clocks: RiskClock[] = []
  for (const load of plan.loads)
    if (load.tier === 'critical' && load.on) clocks.push(...clocksOf(load, without(load), clocked))
  for (const need of plan.wiring?.risk?.needs ?? []) {
    // however little its load matters otherwise
    const load = plan.loads.find(({ id }) => id === need.loadId) ?? null
    clocks.push(needClock(need, load, load ? without(load) : NEVER_FED, clocked))
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

const NEVER_FED: Without = { powerEnds: null, unfed: [[[0, Infinity]]] }

function withoutPower(
  { id, steering }: Load,
  plan: Plan,
  unfed: NonNullable<ClockedRuns['unfed']>,
  horizonMin: number,
  known: Known,
): Without {
  const found = unfed.find(({ loadId }) => loadId === id)
  if (!found) return NEVER_FED
  const { supply, shed } = found
  let bare = known.get(supply)
  if (!bare) {
    const stretches = unfedIn(supply, null, [])
    const firstMin = Float64Array.from(stretches, (one) => (one.length > 0 ? one[0][0] : Infinity))
    known.set(supply, (bare = { powerEnds: spreadOf(firstMin), unfed: stretches }))
  }
  const pauses = pausesOf(steering, plan.scenario.startsAt, horizonMin)
  return shed || pauses.length > 0 ? { ...bare, unfed: unfedIn(supply, shed, pauses) } : bare
}

/** What is known of a supply that several loads share. */
type Known = Map<RunStretches, Without & { powerEnds: Spread }>

const spreadOf = (minutes: Float64Array): Spread => {
  const { p10, p50, p90 } = percentilesOf(minutes)
  return { early: p10, likely: p50, late: p90 }
}

/** When something is lost, by the courses it may take. */
function lossesOf(unfed: readonly Intervals[], courses: Three<Course>): Spread {
  const at = (course: Course) => {
    const lostMin = new Float64Array(unfed.length)
    for (let run = 0; run < unfed.length; run++) lostMin[run] = lossOf(unfed[run], course)
    return percentilesOf(lostMin)
  }
  const [early, likely, late] = courses
  return { early: at(early).p10, likely: at(likely).p50, late: at(late).p90 }
}

/** Courses of what bears so many minutes, the same in every hour or by the hour. */
const bears = (minutes: Three<number> | readonly Three<number>[], backTimes: number): Three<Course> => {
  const hours = typeof minutes[0] === 'number' ? [minutes as Three<number>] : (minutes as Three<number>[])
  const course = (i: 0 | 1 | 2) =>
    new BearsMinutes(
      Float64Array.from(hours, (three) => three[i]),
      backTimes,
    )
  return [course(0), course(1), course(2)]
}

const AT_ONCE: Three<Course> = [atOnce, atOnce, atOnce]

function needClock(
  need: Need,
  load: Load | null,
  { powerEnds, unfed }: Without,
  clocked: Clocked,
): RiskClock {
  const minutes = need.hours * 60
  const isBox = load?.behaviour.kind === 'cycling'
  const backTimes = isBox ? backTimesOf(load.behaviour as Cycling, clocked) : BACK_TIMES
  return {
    kind: need.kind,
    loadId: load?.id ?? null,
    name: need.name,
    powerEnds,
    lost: lossesOf(unfed, bears([minutes, minutes, minutes], backTimes)),
    basis: 'own',
    missing: null,
  }
}

function clocksOf(load: Load, { powerEnds, unfed }: Without, clocked: Clocked): RiskClock[] {
  const { plan, weather, horizonMin } = clocked
  const { scenario } = plan
  const { behaviour } = load
  const risk = plan.wiring?.risk
  const clock = (kind: RiskKind, courses: Three<Course> | null, basis: RiskClock['basis']): RiskClock => ({
    kind,
    loadId: load.id,
    name: load.name,
    powerEnds,
    lost: courses && lossesOf(unfed, courses),
    basis,
    missing: null,
  })
  if (load.medical) {
    // who does not wear it at noon does not miss it then
    const { startsAt } = scenario
    const missed =
      behaviour.kind === 'scheduled'
        ? whenNeeded(scheduledStretches(behaviour, startsAt, horizonMin))
        : atOnce
    return [clock('breathing-aid', [missed, missed, missed], 'own')]
  }
  const serves = servesFor(load)
  if (serves === 'cold food' && behaviour.kind === 'cycling') {
    const keeps = Array.from(aroundOf(behaviour, weather), (celsius) => refrigeratorKeeps(behaviour, celsius))
    return [clock('refrigerator', bears(keeps, backTimesOf(behaviour, clocked)), 'published')]
  }
  if (serves === 'frozen food' && behaviour.kind === 'cycling') {
    const keeps = Array.from(aroundOf(behaviour, weather), (celsius) => freezerKeeps(behaviour, celsius))
    return [clock('freezer', bears(keeps, backTimesOf(behaviour, clocked)), 'published')]
  }
  if (serves === 'warm house') {
    const { outdoors } = weather
    const dutyFraction = behaviour.kind === 'cycling' ? cyclingDuty(behaviour, mean(outdoors)).here : 1
    const coolsTo = (toC: number): Three<Course> => {
      const [short, likely, long] = timeConstantOf(risk)
      const { indoorC } = scenario
      const course = (timeConstantH: number) =>
        new CoolingHouse({ outdoorC: outdoors, indoorC, timeConstantH, dutyFraction }, toC)
      return [course(short), course(likely), course(long)]
    }
    const basis = risk?.timeConstantH === undefined ? 'guess' : 'own'
    return [
      clock('cold-room', coolsTo(COLD_ROOM_C), basis),
      ...(risk?.hasWaterPipes === false ? [] : [clock('frozen-pipes', coolsTo(PIPES_C), basis)]),
    ]
  }
  if (serves === 'pit' && behaviour.kind === 'pump') {
    const pit = risk?.pits?.find(({ loadId }) => loadId === load.id)
    const inflow = pit ? pitInflow(pit, behaviour, scenario.rain) : null
    if (!pit || inflow === null) return [{ ...clock('flooded-pit', null, 'guess'), missing: 'pit' }]
    return [
      clock(
        'flooded-pit',
        bears(pitFills(pit, inflow), PIT_BACK_TIMES),
        pit.inflowLH === undefined ? 'guess' : 'own',
      ),
    ]
  }
  if (serves === 'animals' && !hasNeed(plan, load))
    return [clock('aquarium', bears(AQUARIUM_MIN, BACK_TIMES), 'guess')]
  if (TELEPHONE.test(load.name) && !hasNeed(plan, load)) return [clock('phone', AT_ONCE, 'own')]
  return []
}

const hasNeed = (plan: Plan, { id }: Load) =>
  plan.wiring?.risk?.needs?.some(({ loadId }) => loadId === id) ?? false

/** °C around a box by the hour of the outage. */
function aroundOf({ follows }: Cycling, weather: Clocked['weather']): ArrayLike<number> {
  const where = follows?.surroundings ?? 'indoors'
  return typeof where === 'object' ? [where.aboutC.value] : weather[where]
}

/**
 * How much faster a box comes back at full output than it warms: it takes the share D of its time to hold, so that
 * (1 − D) of it is left for what it has to catch up.
 */
function backTimesOf(behaviour: Cycling, { weather }: Clocked): number {
  const { here } = cyclingDuty(behaviour, mean(aroundOf(behaviour, weather)))
  return Math.max(LEAST_BACK_TIMES, (1 - here) / Math.max(1e-3, here))
}

function mean(values: ArrayLike<number>): number {
  let sum = 0
  for (let i = 0; i < values.length; i++) sum += values[i]
  return sum / values.length
}
