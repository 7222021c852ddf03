import type { Plan } from '../plan/document'
import type { Load, Source } from '../plan/schema'
import { normalQuantile } from '../quantity/normal'
import { type Quantity, Z_80, drawn } from '../quantity/quantity'
import { keyOf, streamOf, uniformAt } from '../quantity/random'
import { AT, quantitiesOf } from '../simulation/places'

/** Something about a load or a source that is known only so well, and that readings may speak about. */
export interface Unknown {
  /** of a load or a source */
  of: 'load' | 'source'
  id: string
  /** where it stands in its stream of chance */
  place: number
  quantity: Quantity
}

/** Places of a source's unknown values in its stream, as `drawSource` takes them. */
export const SOURCE_PLACES = [
  'capacityWh',
  'reserveFraction',
  'efficiencyFraction',
  'noLoadW',
  'usableFraction',
] as const

const isOpen = ({ spread }: Quantity) => ('times' in spread ? spread.times > 1 : spread.plusMinus > 0)

/** Everything a plan leaves open of the loads and sources that take part. */
export function unknownsOf(
  plan: Plan,
  loadIds: ReadonlySet<string>,
  sourceIds: ReadonlySet<string>,
): Unknown[] {
  return [
    ...plan.loads
      .filter(({ id }) => loadIds.has(id))
      .flatMap(({ id, behaviour }) =>
        quantitiesOf(behaviour).map(([place, quantity]): Unknown => ({ of: 'load', id, place, quantity })),
      ),
    ...plan.powerSystem.sources
      .filter(({ id }) => sourceIds.has(id))
      .flatMap((source) =>
        SOURCE_PLACES.flatMap((name, place): Unknown[] =>
          counts(source, name) ? [{ of: 'source', id: source.id, place, quantity: source[name] }] : [],
        ),
      ),
  ].filter(({ quantity }) => isOpen(quantity))
}

/** Under the flat rule the inverter's own figures say nothing, under the other the flat share. */
const counts = ({ lossRule }: Source, name: (typeof SOURCE_PLACES)[number]) =>
  lossRule === 'flat' ? name !== 'efficiencyFraction' && name !== 'noLoadW' : name !== 'usableFraction'

/** The standard normal deviate of an unknown in one run. */
export function deviateOf({ of, id, place }: Unknown, seed: number, run: number): number {
  return normalQuantile(uniformAt(streamOf(seed, keyOf(`${of} ${id}`), run), place))
}

/** Where runs are drawn from: each unknown's deviate is normal around `mean` with `sd`. */
export interface Tilt {
  unknown: Unknown
  mean: number
  sd: number
}

/** A quantity whose deviates are those of a tilt: its middle moved, its spread narrowed. */
export function tilted(quantity: Quantity, { mean, sd }: Pick<Tilt, 'mean' | 'sd'>): Quantity {
  const { spread } = quantity
  return 'times' in spread
    ? { ...quantity, value: drawn(quantity, mean), spread: { times: spread.times ** sd } }
    : {
        ...quantity,
        value: quantity.value + (spread.plusMinus * mean) / Z_80,
        spread: { plusMinus: spread.plusMinus * sd },
      }
}

/** Whether an unknown stands in the plan document, so that runs can be drawn around another value of it. */
export function canBeTilted(plan: Plan, { of, id, place }: Unknown): boolean {
  if (of === 'source') return plan.powerSystem.sources.some((source) => source.id === id)
  const load = plan.loads.find((one) => one.id === id)
  if (!load) return false
  if (place === AT.offFor) return load.behaviour.kind === 'cycling' && load.behaviour.box !== undefined
  const own = quantityAt(load.behaviour, place)
  return own !== null && holds(load.behaviour, own)
}

/** The quantity of a behaviour that stands at a place; null without one. */
export const quantityAt = (behaviour: Load['behaviour'], place: number): Quantity | null =>
  quantitiesOf(behaviour).find(([at]) => at === place)?.[1] ?? null

/** The plan with the quantities of some tilts moved and narrowed. */
export function withTilts(plan: Plan, tilts: readonly Tilt[]): Plan {
  if (tilts.length === 0) return plan
  const of = (kind: Unknown['of'], id: string) =>
    tilts.filter(({ unknown }) => unknown.of === kind && unknown.id === id)
  return {
    ...plan,
    loads: plan.loads.map((load) => of('load', load.id).reduce(tiltLoad, load)),
    powerSystem: {
      ...plan.powerSystem,
      sources: plan.powerSystem.sources.map((source) => of('source', source.id).reduce(tiltSource, source)),
    },
  }
}

function tiltLoad(load: Load, { unknown, mean, sd }: Tilt): Load {
  const { behaviour } = load
  if (unknown.place === AT.offFor && behaviour.kind === 'cycling' && behaviour.box) {
    const { box } = behaviour
    const moved = tilted(unknown.quantity, { mean, sd })
    const times = 'times' in moved.spread ? Math.max(1, moved.spread.times) : 1
    return { ...load, behaviour: { ...behaviour, box: { ...box, offForH: moved.value, offForTimes: times } } }
  }
  return {
    ...load,
    behaviour: withQuantity(behaviour, unknown.place, tilted(unknown.quantity, { mean, sd })),
  }
}

/** A behaviour with another quantity at a place; as it was where none stands there. */
export function withQuantity(
  behaviour: Load['behaviour'],
  place: number,
  quantity: Quantity,
): Load['behaviour'] {
  const own = quantityAt(behaviour, place)
  return own ? replaced(behaviour, own, quantity) : behaviour
}

function tiltSource(source: Source, { unknown, mean, sd }: Tilt): Source {
  const name = SOURCE_PLACES[unknown.place]
  return { ...source, [name]: tilted(unknown.quantity, { mean, sd }) }
}

/** A tree with one of its objects exchanged, wherever that very object stands. */
function replaced<T>(tree: T, from: object, to: object): T {
  if ((tree as unknown) === from) return to as T
  if (Array.isArray(tree)) return tree.map((item: unknown) => replaced(item, from, to)) as T
  if (tree === null || typeof tree !== 'object') return tree
  return Object.fromEntries(Object.entries(tree).map(([key, value]) => [key, replaced(value, from, to)])) as T
}

const holds = (tree: unknown, what: object): boolean =>
  tree === what ||
  (tree !== null && typeof tree === 'object' && Object.values(tree).some((value) => holds(value, what)))
