import type { Plan } from '../plan/document'
import type { Source } from '../plan/power'
import type { Load } from '../plan/schema'
import type { Cord } from '../plan/wiring'
import { refilledSource } from '../simulation/compile'
import { type BatteryCircuit, batteryCircuits } from './batteryCircuit'
import { type CordUse, type LoadConnection, connectionsOf } from './connections'
import { type Draw, drawTogether } from './draw'
import { type Feed, feedsOf } from './feeds'
import { OUTLET_ORDER, type Outlet, type OutletKind, outletOf, outletsOf } from './outlets'
import { MOST_LEAD_DROP, leadOf } from './lead'
import type { Wire, WiringTables } from './wire'

/** A way from a source to loads: into its outlet, by a cord, by fixed wires, by a lead. */
export interface Branch {
  id: string
  how: LoadConnection['how']
  /** of its first load */
  outlet: OutletKind
  cord: Cord | null
  wire: Wire | null
  lengthM: number | null
  /** the thinnest cord that will do, where none is there */
  least: Wire | null
  draw: Draw
  /** share of the volts lost, running and at the start; null where the wire is not known */
  drop: { running: number; start: number } | null
  isOver: boolean
  loads: Load[]
}

/** A source with what brings it energy and what hangs on it. */
export interface Hub {
  source: Source
  feeds: Feed[]
  circuit: BatteryCircuit | null
  /** in the order of its outlets */
  branches: Branch[]
  /** by leg and volts; none where everything is on one */
  outlets: Outlet[]
}

/** What plugs into what. */
export interface Diagram {
  hubs: Hub[]
  /** loads that are on in this outage and hang on nothing */
  unfed: Load[]
}

/** The one-line diagram of a plan, as things and wires; where they are drawn is laid out apart. */
export function diagramOf(plan: Plan, tables: WiringTables): Diagram {
  const connections = connectionsOf(plan, tables)
  const circuits = batteryCircuits(plan, tables)
  const charged = refilledSource(plan.powerSystem.sources)
  const feeds = feedsOf(plan, tables)
  const fedIds = new Set(connections.loads.map(({ load }) => load.id))
  return {
    hubs: plan.powerSystem.sources
      .filter(({ isAway }) => !isAway)
      .map((source) => {
        const own = connections.loads.filter(({ load }) => load.sourceId === source.id)
        return {
          source,
          feeds: source.id === charged.id ? feeds : [],
          circuit: circuits.find((one) => one.source.id === source.id) ?? null,
          branches: branchesOf(source, own, connections.cords, connections.toFind, tables),
          outlets: outletsOf(
            source,
            own.map(({ load }) => load),
          ),
        }
      }),
    unfed: plan.loads.filter(({ id, on, tier }) => on && tier !== 'notOnBattery' && !fedIds.has(id)),
  }
}

function branchesOf(
  source: Source,
  loads: readonly LoadConnection[],
  cords: readonly CordUse[],
  toFind: readonly { load: Load; least: Wire | null; lengthM: number }[],
  { wires }: WiringTables,
): Branch[] {
  const ownBranch = ({ load, draw, how, cords: chain, wiring }: LoadConnection): Branch => {
    const missing = toFind.find((one) => one.load.id === load.id)
    const lead = leadOf(load, wiring, wires)
    return {
      id: load.id,
      how,
      outlet: outletOf(load, source),
      cord: null,
      wire: lead?.wire ?? null,
      lengthM: missing?.lengthM ?? wiring?.lead?.lengthM ?? null,
      least: missing?.least ?? null,
      draw,
      drop: lead && { running: lead.dropFraction, start: lead.dropFraction },
      isOver: lead !== null && lead.dropFraction > MOST_LEAD_DROP,
      loads: chain.length === 0 ? [load] : [],
    }
  }
  const branches: Branch[] = []
  const drawn = new Set<string>()
  for (const connection of loads) {
    const last = connection.cords[connection.cords.length - 1]
    if (!last) {
      branches.push(ownBranch(connection))
      continue
    }
    if (drawn.has(last.id)) continue
    drawn.add(last.id)
    const use = cords.find(({ cord }) => cord.id === last.id)!
    const atEnd = loads.filter(({ cords: chain }) => chain[chain.length - 1]?.id === last.id)
    branches.push({
      id: last.id,
      how: 'cord',
      outlet: outletOf(atEnd[0].load, source),
      cord: last,
      wire: use.wire,
      lengthM: last.lengthM,
      least: use.least,
      draw: drawTogether(atEnd.map(({ draw }) => draw))!,
      drop: use.verdict && { running: use.verdict.runningDrop, start: use.verdict.startDrop },
      isOver: use.verdict !== null && (use.verdict.isOverloaded || use.verdict.dropsTooMuch),
      loads: atEnd.map(({ load }) => load),
    })
  }
  const rank = ({ outlet }: Branch) => OUTLET_ORDER.indexOf(outlet)
  return branches.sort((a, b) => rank(a) - rank(b))
}
