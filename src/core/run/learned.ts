import type { Plan } from '../plan/document'
import type { Quantity } from '../quantity/quantity'
import { quantitiesOf } from '../simulation/places'
import type { Moment } from './posterior'
import { type Unknown, canBeTilted, tilted, withTilts } from './unknowns'

/** What a run taught of one quantity. */
export interface Learned {
  unknown: Unknown
  before: Quantity
  after: Quantity
  /** how far its middle moved, in standard deviations of what was expected; and what is left of its spread */
  shift: number
  narrowing: number
}

/** A quantity of which the readings say less is left as it is. */
const LEAST_SHIFT = 0.3
const MOST_LEFT = 0.85
/** Nothing is known better from a run than so: what one day had of its own stays in it. */
const LEAST_TIMES = 1.05
/** A spread is not narrowed to less than this part of itself by one run. */
const LEAST_LEFT = 0.3

/**
 * What the readings of a run taught of the plan's loads and sources, most moved first.
 *
 * @param origin names the run, and is kept with each value
 */
export function learnedOf(moments: readonly Moment[], plan: Plan, origin: string): Learned[] {
  return moments
    .filter(
      ({ unknown, mean, sd }) =>
        (Math.abs(mean) >= LEAST_SHIFT || sd <= MOST_LEFT) && canBeTilted(plan, unknown),
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
          source: origin,
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
export const withLearned = (plan: Plan, learned: readonly Learned[]): Plan =>
  learned.reduce(
    (whole, { unknown, after, shift, narrowing }) =>
      stamped(withTilts(whole, [{ unknown, mean: shift, sd: narrowing }]), unknown, after),
    plan,
  )

/** Marks a tilted quantity with its evidence and origin. */
function stamped(plan: Plan, { of, id, place }: Unknown, after: Quantity): Plan {
  const stamp = (quantity: Quantity) => {
    quantity.evidence = after.evidence
    quantity.source = after.source
    quantity.spread = after.spread
  }
  const copy = structuredClone(plan)
  if (of === 'load') {
    const load = copy.loads.find((one) => one.id === id)
    const found = load && quantitiesOf(load.behaviour).find(([at]) => at === place)
    if (found) stamp(found[1])
  } else {
    const source = copy.powerSystem.sources.find((one) => one.id === id)
    const names = [
      'capacityWh',
      'reserveFraction',
      'efficiencyFraction',
      'noLoadW',
      'usableFraction',
    ] as const
    if (source) stamp(source[names[place]])
  }
  return copy
}
