import type { Plan } from '../plan/document'
import { batteryCircuits } from './batteryCircuit'
import { circuitParts } from './circuitParts'
import { connectionsOf, lengthOf } from './connections'
import { CAR_CABLE_M, GENERATOR_CORD_M, feedsOf } from './feeds'
import type { Wire, WiringTables } from './wire'

/** What has to be bought or found before a plan can be connected. */
export type PartKind =
  | 'cord'
  | 'battery-cable'
  | 'car-cable'
  | 'lugs'
  | 'battery-fuse'
  | 'disconnect'
  | 'busbars'
  | 'inlet'
  | 'transfer-switch'
  | 'monoxide-alarm'
  | 'smoke-alarm'
  | 'cart'

export interface Part {
  kind: PartKind
  /** kind and size: its price is kept under it */
  id: string
  size: string | null
  /** of one piece */
  lengthM: number | null
  amps: number | null
  count: number
  /** what it is for, by name */
  names: string[]
  /** counted in what a bank of parts costs */
  sourceId: string | null
  /** of one, in the household's currency; null where it was not said */
  price: number | null
}

/** What the price of a part is kept under: its kind and size. */
export const partId = ({ kind, size, lengthM, amps }: Pick<Part, 'kind' | 'size' | 'lengthM' | 'amps'>) =>
  [kind, size, lengthM && `${Math.round(lengthM * 10) / 10} m`, amps && `${amps} A`].filter(Boolean).join(' ')

/** Alarms that are usually asked for: one on each of two floors. Common practice, no source. */
const ALARMS = 2
/** The most one person lifts in the best posture. Source: revised NIOSH lifting equation, load constant. */
export const MOST_LIFTED_KG = 23

/**
 * The parts a plan still asks for: cords that are not bought, what a bank needs between battery and inverter, what an
 * electrician fits, alarms.
 */
export function partsOf(plan: Plan, tables: WiringTables): Part[] {
  const prices = new Map((plan.wiring?.prices ?? []).map(({ part, price }) => [part, price]))
  const parts: Part[] = []
  const add = (kind: PartKind, names: string[], more: Partial<Omit<Part, 'kind' | 'id' | 'price'>> = {}) => {
    const { size = null, lengthM = null, amps = null, count = 1, sourceId = null } = more
    const id = partId({ kind, size, lengthM, amps })
    const same = parts.find((part) => part.id === id && part.sourceId === sourceId)
    if (same) {
      same.count += count
      same.names.push(...names.filter((name) => !same.names.includes(name)))
      return
    }
    parts.push({ kind, id, size, lengthM, amps, count, names, sourceId, price: prices.get(id) ?? null })
  }
  const cord = (least: Wire | null, lengthM: number, name: string) => {
    if (least) add('cord', [name], { size: least.name, lengthM })
  }

  const { cords, toFind, loads } = connectionsOf(plan, tables)
  for (const { load, least, lengthM } of toFind) cord(least, lengthM, load.name)
  for (const { cord: one, least, chain, verdict, loads: at } of cords) {
    const isMissing = one.areaMm2 === null && at.length > 0
    const isWrong = verdict !== null && (verdict.isOverloaded || verdict.dropsTooMuch)
    if (isMissing || isWrong) cord(least, lengthOf(chain), one.name)
  }
  const house = plan.wiring?.house
  const fixed = loads.filter(({ how }) => how === 'hard-wired').map(({ load }) => load.name)
  if (fixed.length > 0 && (house?.transfer ?? 'none') === 'none') {
    add('inlet', fixed)
    add('transfer-switch', fixed)
  }
  for (const circuit of batteryCircuits(plan, tables)) {
    const { id: sourceId, name } = circuit.source
    for (const { kind, size, lengthM, amps, count } of circuitParts(circuit))
      add(kind, [name], { size, lengthM, amps, count, sourceId })
  }
  const { refill } = plan
  for (const feed of feedsOf(plan, tables)) {
    if (!feed.isOn || feed.wire || !feed.least) continue
    if (feed.kind === 'generator') cord(feed.least, feed.lengthM ?? GENERATOR_CORD_M, feed.name)
    if (feed.kind === 'car')
      add('car-cable', [feed.name], {
        size: feed.least.name,
        lengthM: feed.lengthM ?? CAR_CABLE_M,
        amps: feed.fuseA,
      })
  }
  const burns = refill.generator?.on || (refill.car?.on && refill.car.way !== 'electric')
  if (burns && (house?.monoxideAlarms ?? 0) < ALARMS)
    add('monoxide-alarm', [], { count: ALARMS - (house?.monoxideAlarms ?? 0) })
  if ((house?.smokeAlarms ?? 0) < 1) add('smoke-alarm', [])
  const heavy = plan.powerSystem.sources.filter(({ weightKg }) => (weightKg ?? 0) > MOST_LIFTED_KG)
  if (heavy.length > 0)
    add(
      'cart',
      heavy.map(({ name }) => name),
    )
  return parts
}

/** What the parts cost together as far as prices are known, and how many have none. */
export function partsSum(parts: readonly Part[]): { price: number; unpriced: number } {
  return parts.reduce(
    (sum, { price, count }) =>
      price === null ? { ...sum, unpriced: sum.unpriced + 1 } : { ...sum, price: sum.price + price * count },
    { price: 0, unpriced: 0 },
  )
}
