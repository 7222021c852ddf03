import { interval80 } from '../quantity/quantity'
import { AT } from '../simulation/places'
import type { Moment } from './posterior'
import { type Unknown, tilted } from './unknowns'

/** Something the plan assumed and the readings speak against, as a fact. */
export interface Assumption {
  unknown: Unknown
  /** which figure of the load or source it is */
  what: AssumedFigure
  expected: [low: number, high: number]
  found: number
  foundRange: [low: number, high: number]
  /** how far it moved, in standard deviations of what was expected */
  shift: number
}

export type AssumedFigure =
  | 'running watts'
  | 'average watts'
  | 'already off for'
  | 'defrost'
  | 'surroundings'
  | 'session length'
  | 'charge energy'
  | 'water'
  | 'capacity'
  | 'reserve'
  | 'efficiency'
  | 'idle draw'
  | 'usable share'
  | 'other'

const OF_LOAD: Partial<Record<number, AssumedFigure>> = {
  [AT.running]: 'running watts',
  [AT.average]: 'average watts',
  [AT.offFor]: 'already off for',
  [AT.defrostW]: 'defrost',
  [AT.defrostMin]: 'defrost',
  [AT.defrostEvery]: 'defrost',
  [AT.known]: 'surroundings',
  [AT.set]: 'surroundings',
  [AT.surroundings]: 'surroundings',
  [AT.minutes]: 'session length',
  [AT.energy]: 'charge energy',
  [AT.volume]: 'water',
  [AT.rate]: 'water',
  [AT.inflow]: 'water',
}
const OF_SOURCE: AssumedFigure[] = ['capacity', 'reserve', 'efficiency', 'idle draw', 'usable share']

/** A quantity that moved less is not spoken of. */
const LEAST_SHIFT = 0.4

/** What the readings speak against, the most moved first. */
export function assumptionsAgainst(moments: readonly Moment[]): Assumption[] {
  return moments
    .filter(({ mean }) => Math.abs(mean) >= LEAST_SHIFT)
    .map(({ unknown, mean, sd }) => {
      const after = tilted(unknown.quantity, { mean, sd })
      return {
        unknown,
        what: (unknown.of === 'load' ? OF_LOAD[unknown.place] : OF_SOURCE[unknown.place]) ?? 'other',
        expected: interval80(unknown.quantity),
        found: after.value,
        foundRange: interval80(after),
        shift: mean,
      }
    })
    .filter(({ what }) => what !== 'other')
    .sort((a, b) => Math.abs(b.shift) - Math.abs(a.shift))
}
