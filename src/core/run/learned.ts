import { agedLoad, agedSource } from '../plan/agedParts'
import type { Plan } from '../plan/document'
import type { Quantity } from '../quantity/quantity'
import type { Household } from '../plan/household'
import type { Load, PowerSystem } from '../plan/schema'
import { AT } from '../simulation/places'
import type { RunHead } from './runDocument'
import type { Moment } from './posterior'
import { SOURCE_PLACES, type Unknown, canBeTilted, quantityAt, tilted, withQuantity } from './unknowns'

/** What a run taught of one quantity. */
export interface Learned {
  unknown: Unknown
  before: Quantity
  after: Quantity
  /** how far its middle moved, in standard deviations of what was expected; and what is left of its spread */
  shift: number
  narrowing: number
}

/** The run a value is learned from: its name, kept with the value, and its day, from which the value ages. */
export interface Origin {
  run: string
  /** "YYYY-MM-DD" */
  day: string
}

export const originOf = ({ id, startsLocal }: Pick<RunHead, 'id' | 'startsLocal'>): Origin => {
  const day = startsLocal.slice(0, 10)
  return { run: `run ${day} ${id}`.slice(0, 200), day }
}

/** A quantity of which the readings say less is left as it is. */
const LEAST_SHIFT = 0.5
const MOST_LEFT = 0.8
/** Nothing is known better from a run than so: what one day had of its own stays in it. */
const LEAST_TIMES = 1.05
/** A spread is not narrowed to less than this part of itself by one run. */
const LEAST_LEFT = 0.3

/**
 * What the readings of a run taught of the plan's loads and sources, most moved first.
 */
export function learnedOf(moments: readonly Moment[], plan: Plan, origin: Origin): Learned[] {
  return moments
    .filter(
      ({ unknown, mean, sd }) =>
        (Math.abs(mean) >= LEAST_SHIFT || sd <= MOST_LEFT) &&
        // how long a box had been off is of that day alone
        !(unknown.of === 'load' && unknown.place === AT.offFor) &&
        canBeTilted(plan, unknown),
    )
    .map(({ unknown, mean, sd }) => {
      const narrowing = Math.max(LEAST_LEFT, Math.min(1, sd))
      const after = tilted(unknown.quantity, { mean, sd: narrowing })
      return {
        unknown,
        before: unknown.quantity,
        after: {
          ...after,
          spread: atLeast(after, unknown.quantity),
          evidence: 'tested' as const,
          source: origin.run,
          testedOn: origin.day,
        },
        shift: mean,
        narrowing,
      }
    })
    .sort((a, b) => Math.abs(b.shift) - Math.abs(a.shift))
}

/** A spread no narrower than one run can teach, and never wider than it was. */
function atLeast({ spread }: Quantity, { spread: before }: Quantity): Quantity['spread'] {
  if (!('times' in spread) || !('times' in before)) return spread
  return { times: Math.max(spread.times, Math.min(LEAST_TIMES, before.times)) }
}

/** The plan with what was learned in it. */
export const withLearned = (plan: Plan, learned: readonly Learned[]): Plan => ({
  ...plan,
  loads: plan.loads.map((load) => learnedLoad(load, learned)),
  powerSystem: learnedSystem(plan.powerSystem, learned),
})

/** What becomes of a household when what a run taught is taken over, and what was left because it had been changed meanwhile. */
export interface KeptLearned {
  household: Household
  kept: Learned[]
  left: Learned[]
}

/**
 * Takes what a run taught over into a household. A figure that somebody changed since the run began stays as it is.
 *
 * @param system the power system the run was made with
 */
export function keepLearned(household: Household, system: string, learned: readonly Learned[]): KeptLearned {
  const isAsThen = ({ unknown, before, after }: Learned) => {
    // the plan of the run had what was tested before as old as it was by then
    const day = after.testedOn!
    const load = household.loads.find(({ id }) => id === unknown.id)
    const source = household.powerSystems
      .find(({ id }) => id === system)
      ?.sources.find(({ id }) => id === unknown.id)
    if (unknown.of === 'source')
      return !!source && agedSource(source, day)[SOURCE_PLACES[unknown.place]].value === before.value
    if (!load) return false
    return quantityAt(agedLoad(load, day).behaviour, unknown.place)?.value === before.value
  }
  const kept = learned.filter(isAsThen)
  return {
    household: {
      ...household,
      loads: household.loads.map((load) => learnedLoad(load, kept)),
      powerSystems: household.powerSystems.map((one) => (one.id === system ? learnedSystem(one, kept) : one)),
    },
    kept,
    left: learned.filter((one) => !kept.includes(one)),
  }
}

/** A load with what was learned of it. */
function learnedLoad<L extends { id: string; behaviour: Load['behaviour'] }>(
  load: L,
  learned: readonly Learned[],
): L {
  return learned
    .filter(({ unknown }) => unknown.of === 'load' && unknown.id === load.id)
    .reduce(
      (one, { unknown, after }) => ({
        ...one,
        behaviour: withQuantity(one.behaviour, unknown.place, after),
      }),
      load,
    )
}

const learnedSystem = (system: PowerSystem, learned: readonly Learned[]): PowerSystem => ({
  ...system,
  sources: system.sources.map((source) =>
    learned
      .filter(({ unknown }) => unknown.of === 'source' && unknown.id === source.id)
      .reduce((one, { unknown, after }) => ({ ...one, [SOURCE_PLACES[unknown.place]]: after }), source),
  ),
})
