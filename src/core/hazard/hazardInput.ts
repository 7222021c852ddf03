import type { Plan } from '../plan/document'
import type { Source } from '../plan/power'
import { bedAndAway } from './hours'
import type { RiskClock } from '../risk/riskClock'
import { hoursOf, refilledSource, weatherOf } from '../simulation/compile'
import type { SimulationResult } from '../simulation/result'
import { type BatteryCircuit, batteryCircuits } from '../wiring/batteryCircuit'
import { type Connections, connectionsOf } from '../wiring/connections'
import type { WiringTables } from '../wiring/wire'

/** A plan's runs, and what of it is lost when. */
export interface Judged {
  result: SimulationResult
  clocks: RiskClock[]
}

/** What every hazard looks at: the plan, its runs, and what follows from them, worked out once. */
export interface HazardInput {
  plan: Plan
  result: SimulationResult
  tables: WiringTables
  connections: Connections
  circuits: BatteryCircuit[]
  clocks: RiskClock[]
  /** sources that are here and have loads, or are charged */
  sources: Source[]
  /** what is charged by sun, generator, car or wall */
  charged: Source
  /** °C around each place by the hour of the outage */
  weather: ReturnType<typeof weatherOf>
  asleep: [number, number][]
  away: [number, number][]
}

export function hazardInput(plan: Plan, { result, clocks }: Judged, tables: WiringTables): HazardInput {
  return {
    plan,
    result,
    tables,
    connections: connectionsOf(plan, tables),
    circuits: batteryCircuits(plan, tables),
    clocks,
    sources: plan.powerSystem.sources.filter(({ isAway }) => !isAway),
    charged: refilledSource(plan.powerSystem.sources),
    weather: weatherOf(plan.scenario, hoursOf(plan.scenario.durationH * 60)),
    ...bedAndAway(plan.scenario),
  }
}

/** A hazard: looks at a plan, and says nothing where it does not arise. */
export type Hazard = (input: HazardInput) => import('./finding').Finding[]
