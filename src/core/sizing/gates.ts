import type { Plan } from '../plan/document'
import { percentileInPlace } from '../quantity/percentile'
import type { Load, Source } from '../plan/schema'
import type { RefillResult, SimulationResult } from '../simulation/result'
import { type Strain, carryStrains, startStrains } from './strains'

/** 'nothing': there is nothing to hold; 'unplanned': nothing refills it. */
export type Verdict = 'holds' | 'short' | 'unplanned' | 'nothing'

/** The limit of a source that its loads strain most. */
export interface PowerGate extends Strain {
  verdict: Verdict
  source: Source
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
  /** minutes of the outage without supply, with the scenario's confidence: how much it is short */
  shortMin: number
}

export interface RefillsGate {
  verdict: Verdict
  /** share of what is needed that comes in, with the scenario's confidence; 1 and more goes on for ever */
  coverage: number
  /** Wh a day, with the scenario's confidence as `coverage` is */
  broughtPerDayWh: number
  neededPerDayWh: number
  refill: RefillResult | null
}

export interface Gates {
  carries: PowerGate
  starts: PowerGate
  lasts: LastsGate
  refills: RefillsGate
}

/**
 * The four gates of a plan. With several sources the one with the least margin decides Carries and Starts;
 * sources used in turn must each carry all the loads of their chain.
 */
export function gatesOf(plan: Plan, result: SimulationResult): Gates {
  const { confidence } = plan.scenario
  const runtimeMin = runtimeAt(result, confidence)
  return {
    ...powerGatesOf(plan, result),
    lasts: {
      verdict: runtimeMin < result.outageMin ? 'short' : result.loads.length === 0 ? 'nothing' : 'holds',
      runtimeMin,
      outageMin: result.outageMin,
      confidence,
      reachesFraction: result.reachesFraction,
      shortMin: percentileInPlace(result.shortMin.slice(), result.runs, confidence),
    },
    refills: refillsGate(result, confidence),
  }
}

/** What the two gates of power hang on: which sources are used in turn, and what is left out. */
type Fed = { chains: { sources: { sourceId: string }[] }[]; leftOut: SimulationResult['leftOut'] }

/** Carries and Starts, which need no runs. */
export function powerGatesOf(plan: Plan, result: Fed): Pick<Gates, 'carries' | 'starts'> {
  const groups = result.chains.flatMap((chain) => {
    const ids = chain.sources.map(({ sourceId }) => sourceId)
    const carried = plan.loads.filter(
      (load) => ids.includes(load.sourceId) && !result.leftOut.some(({ loadId }) => loadId === load.id),
    )
    return ids.map((id) => {
      const source = plan.powerSystem.sources.find((candidate) => candidate.id === id)!
      return { source, carried, wrongVoltage: wrongVoltageLoads(plan, result, source) }
    })
  })
  const carries = groups.map(({ source, carried, wrongVoltage }): PowerGate => {
    const [strain] = carryStrains(source, carried, plan)
    const verdict =
      isOver(strain) || wrongVoltage.length > 0 ? 'short' : carried.length === 0 ? 'nothing' : 'holds'
    return { ...strain, verdict, source, wrongVoltage }
  })
  const starts = groups.map(({ source, carried }): PowerGate => {
    const [strain] = startStrains(source, carried, plan)
    const verdict = isOver(strain) ? 'short' : carried.length === 0 ? 'nothing' : 'holds'
    return { ...strain, verdict, source, wrongVoltage: [] }
  })
  return { carries: tightest(carries), starts: tightest(starts) }
}

/** What comes in a day against what goes out, with the confidence asked for; not planned without any refill. */
export function refillsGate(result: SimulationResult, confidence: number): RefillsGate {
  const refill = result.chains.find((chain) => chain.refill)?.refill ?? null
  if (!refill) return { verdict: 'unplanned', coverage: 0, broughtPerDayWh: 0, neededPerDayWh: 0, refill }
  const coverage = percentileInPlace(refill.coverage.slice(), refill.coverage.length, 1 - confidence)
  return {
    verdict: result.loads.length === 0 ? 'nothing' : coverage >= 1 ? 'holds' : 'short',
    coverage,
    broughtPerDayWh:
      refill.neededPerDayWh > 0 && coverage < Infinity
        ? coverage * refill.neededPerDayWh
        : refill.broughtPerDayWh.p10,
    neededPerDayWh: refill.neededPerDayWh,
    refill,
  }
}

const isOver = ({ neededW, limitW }: Strain) => neededW > limitW

/** The runtime that a share `confidence` of the runs reaches, minutes; Infinity beyond the horizon. */
export function runtimeAt(result: SimulationResult, confidence: number): number {
  return percentileInPlace(result.runtimesMin.slice(), result.runs, 1 - confidence)
}

function wrongVoltageLoads(plan: Plan, result: Fed, source: Source): Load[] {
  const refused = new Set(result.leftOut.filter(({ why }) => why === 'voltage').map(({ loadId }) => loadId))
  const carriedElsewhere = (load: Load) =>
    result.chains.some(
      ({ sources }) =>
        sources.findIndex(({ sourceId }) => sourceId === source.id) > 0 &&
        sources.some(({ sourceId }) => sourceId === load.sourceId) &&
        !source.volts.includes(load.volts) &&
        !result.leftOut.some(({ loadId }) => loadId === load.id),
    )
  return plan.loads.filter(
    (load) => (load.sourceId === source.id && refused.has(load.id)) || carriedElsewhere(load),
  )
}

function tightest(gates: PowerGate[]): PowerGate {
  if (gates.length === 0) throw new RangeError('every source of this power system is away')
  const strain = (gate: PowerGate) =>
    (gate.wrongVoltage.length ? 1e9 : 0) + gate.neededW / Math.max(1, gate.limitW)
  return gates.reduce((worst, gate) => (strain(gate) > strain(worst) ? gate : worst))
}
