import { servesFor } from '../load/servesFor'
import type { Plan } from '../plan/document'
import type { Load } from '../plan/schema'
import type { Cord, LoadWiring } from '../plan/wiring'
import type { Connection } from '../plan/wiringLimits'
import { leftOutWhy } from '../simulation/compile'
import { type CordPiece, type CordVerdict, STRIP_A, judgeCord, leastCord } from './cord'
import { type Draw, drawOf, drawTogether } from './draw'
import { type Wire, type WiringTables, wireAtMost } from './wire'

/** A cord whose length nobody said: 25 ft, as many are sold. */
export const GUESSED_LENGTH_M = 7.6

/** How a load reaches its source. */
export interface LoadConnection {
  load: Load
  draw: Draw
  how: Connection | 'lead'
  /** said by the household, or taken from what the load is */
  isSaid: boolean
  wiring: LoadWiring | null
  /** from the source on; none where it goes straight in, or where no cord is named */
  cords: Cord[]
}

/** A cord of the household with what runs through it. */
export interface CordUse {
  cord: Cord
  /** from the source to this one */
  chain: Cord[]
  /** loads at its end, and those of cords that are plugged into it */
  loads: Load[]
  draw: Draw
  /** null while a size is not known */
  verdict: CordVerdict | null
  /** the thinnest that will do in its place; null where none will */
  least: Wire | null
  wire: Wire | null
}

/** A load that hangs on a cord nobody named yet. */
export interface CordToFind {
  load: Load
  draw: Draw
  least: Wire | null
  lengthM: number
}

export interface Connections {
  loads: LoadConnection[]
  cords: CordUse[]
  toFind: CordToFind[]
}

/** Whether a load is fixed to the house's wires unless something else is said: heating, and what wants 240 V. */
export const isUsuallyFixed = (load: Load): boolean => load.volts === 240 || servesFor(load) === 'warm house'

/** The loads a plan feeds: on in this outage, carried, and of a voltage its sources have. */
const fedLoads = (plan: Plan): Load[] => plan.loads.filter((load) => leftOutWhy(load, plan) === null)

/** How every load a plan feeds is connected, and how each cord fares. */
export function connectionsOf(plan: Plan, tables: WiringTables): Connections {
  const { wires } = tables
  const system = plan.household.units.wire
  const stripA = plan.household.mains === '230 V' ? STRIP_A.other : STRIP_A.us
  const cordById = new Map((plan.wiring?.cords ?? []).map((cord) => [cord.id, cord]))
  const wiringById = new Map((plan.wiring?.loads ?? []).map((one) => [one.loadId, one]))
  const chainTo = (cordId: string | undefined): Cord[] => {
    const chain: Cord[] = []
    for (let id = cordId; id !== undefined && chain.length <= cordById.size;) {
      const cord = cordById.get(id)
      if (!cord) break
      chain.unshift(cord)
      id = cord.fromCordId
    }
    return chain
  }
  const loads = fedLoads(plan).map((load): LoadConnection => {
    const wiring = wiringById.get(load.id) ?? null
    const usual = isUsuallyFixed(load) ? 'hard-wired' : 'cord'
    const how = load.volts === 12 ? 'lead' : (wiring?.connection ?? (wiring?.cordId ? 'cord' : usual))
    return {
      load,
      draw: drawOf(load),
      how,
      isSaid: wiring?.connection !== undefined || wiring?.cordId !== undefined,
      wiring,
      cords: how === 'cord' ? chainTo(wiring?.cordId) : [],
    }
  })
  const through = (cordId: string) => loads.filter(({ cords }) => cords.some(({ id }) => id === cordId))
  const draws = new Map(
    [...cordById.keys()].map((id) => [id, drawTogether(through(id).map(({ draw }) => draw))]),
  )
  const cords = [...cordById.values()].map((cord): CordUse => {
    const chain = chainTo(cord.id)
    const draw = draws.get(cord.id) ?? NO_DRAW
    const known = chain.every(({ areaMm2 }) => areaMm2 !== null)
    const pieces = chain.map((piece): CordPiece => ({
      ...piece,
      wire: wireAtMost(wires, piece.areaMm2 ?? 1),
      draw: draws.get(piece.id) ?? NO_DRAW,
    }))
    return {
      cord,
      chain,
      loads: through(cord.id).map(({ load }) => load),
      draw,
      verdict: known && draw.runningA > 0 ? judgeCord(pieces, draw.volts, stripA) : null,
      least: draw.runningA > 0 ? leastCord(tables, system, draw, lengthOf(chain)) : null,
      wire: cord.areaMm2 === null ? null : wireAtMost(wires, cord.areaMm2),
    }
  })
  const toFind = loads
    .filter(({ how, cords: chain }) => how === 'cord' && chain.length === 0)
    .map(({ load, draw }) => ({
      load,
      draw,
      lengthM: GUESSED_LENGTH_M,
      least: leastCord(tables, system, draw, GUESSED_LENGTH_M),
    }))
  return { loads, cords, toFind }
}

const NO_DRAW: Draw = {
  volts: 120,
  runningW: 0,
  runningA: 0,
  startA: 0,
  runningPowerFactor: 1,
  startPowerFactor: 1,
}

/** A chain of cords is as one of their lengths together. */
export const lengthOf = (chain: readonly Cord[]): number =>
  chain.reduce((sum, { lengthM }) => sum + lengthM, 0)
