import type { Plan } from '../plan/document'
import { percentileInPlace } from '../quantity/percentile'
import type { Load, Source } from '../plan/schema'
import type { SimulationResult } from '../simulation/result'
import { type Requirement, requirementOf } from './requirement'

export type Verdict = 'holds' | 'short' | 'unplanned'

/** A limit of a source against what its loads ask of it. */
export interface PowerGate {
  verdict: Verdict
  source: Source
  requirement: Requirement
  neededW: number
  limitW: number
  /** the load that decides: the largest of those running, or the one whose start tops it */
  binding: Load | null
  /** loads the source cannot feed, whatever its watts, because of their voltage */
  wrongVoltage: Load[]
}

export interface LastsGate {
  verdict: Verdict
  /** runtime reached with the scenario's confidence, minutes; Infinity beyond the horizon */
  runtimeMin: number
  outageMin: number
  confidence: number
  reachesFraction: number
}

export interface Gates {
  carries: PowerGate
  starts: PowerGate
  lasts: LastsGate
  refills: { verdict: Verdict }
}

/**
 * The four gates of a plan. With several sources the one with the least margin decides Carries and Starts;
 * sources used in turn must each carry all the loads of their chain.
 */
export function gatesOf(plan: Plan, result: SimulationResult): Gates {
  const groups = result.chains.flatMap((chain) => {
    const ids = chain.sources.map(({ sourceId }) => sourceId)
    const carried = plan.loads.filter(
      (load) => ids.includes(load.sourceId) && !result.leftOut.some(({ loadId }) => loadId === load.id),
    )
    const requirement = requirementOf(
      carried,
      plan.scenario.startsAt,
      result.outageMin,
      plan.household.surgeSchool,
    )
    return ids.map((id) => {
      const source = plan.powerSystem.sources.find((candidate) => candidate.id === id)!
      return { source, requirement, wrongVoltage: wrongVoltageLoads(plan, result, source) }
    })
  })
  const carries = groups.map(({ source, requirement, wrongVoltage }): PowerGate => {
    const limitW = source.continuousW.value
    const neededW = requirement.runningW
    const verdict = neededW > limitW || wrongVoltage.length > 0 ? 'short' : 'holds'
    return {
      verdict,
      source,
      requirement,
      neededW,
      limitW,
      binding: requirement.running[0] ?? null,
      wrongVoltage,
    }
  })
  const starts = groups.map(({ source, requirement }): PowerGate => {
    const limitW = source.surgeW.value
    const neededW = requirement.startW
    const verdict = neededW > limitW ? 'short' : 'holds'
    return { verdict, source, requirement, neededW, limitW, binding: requirement.starter, wrongVoltage: [] }
  })
  const { confidence } = plan.scenario
  const runtimeMin = runtimeAt(result, confidence)
  return {
    carries: tightest(carries),
    starts: tightest(starts),
    lasts: {
      verdict: runtimeMin >= result.outageMin ? 'holds' : 'short',
      runtimeMin,
      outageMin: result.outageMin,
      confidence,
      reachesFraction: result.reachesFraction,
    },
    refills: { verdict: 'unplanned' },
  }
}

/** The runtime that a share `confidence` of the runs reaches, minutes; Infinity beyond the horizon. */
export function runtimeAt(result: SimulationResult, confidence: number): number {
  return percentileInPlace(result.runtimesMin.slice(), result.runs, 1 - confidence)
}

function wrongVoltageLoads(plan: Plan, result: SimulationResult, source: Source): Load[] {
  const refused = new Set(result.leftOut.filter(({ why }) => why === 'voltage').map(({ loadId }) => loadId))
  return plan.loads.filter((load) => load.sourceId === source.id && refused.has(load.id))
}

function tightest(gates: PowerGate[]): PowerGate {
  const strain = (gate: PowerGate) =>
    (gate.wrongVoltage.length ? 1e9 : 0) + gate.neededW / Math.max(1, gate.limitW)
  return gates.reduce((worst, gate) => (strain(gate) > strain(worst) ? gate : worst))
}
