import type { Plan } from '../plan/document'
import { percentilesInPlace } from '../quantity/percentile'
import type { CompiledPlan } from './compile'
import { eventsOf, mostOf, overloadsOf, percentilesOf } from './events'
import { humpsOf } from './humps'
import { refillResultOf } from './refillResult'
import type { Band, ChainResult, LoadResult, SimulationResult } from './result'
import type { ChainRuns } from './chainRuns'
import { POINT_MIN } from './sweep'

/** All runs of a plan. */
export interface AllRuns {
  runs: number
  seed: number
  compiled: CompiledPlan
  chains: ChainRuns[]
}

/** The runs of a plan in few figures: runtimes and states of charge as percentiles, energies as means. */
export function summarise(plan: Plan, all: AllRuns): SimulationResult {
  const { runs, seed, compiled, chains } = all
  const ends = chains.map(({ endMin }) => endMin)
  const { outageMin } = compiled
  const isBare = chains.every(({ chain }) => chain.loads.length === 0)
  const isUnfed = isBare && isWanted(compiled)
  // a source that feeds nothing ends nobody's supply; where nothing at all can be fed it ended before it began
  const runtimes = new Float64Array(runs).fill(isUnfed ? 0 : Infinity)
  const shortMin = new Float64Array(runs).fill(isUnfed ? outageMin : 0)
  chains.forEach(({ chain, refill }, i) => {
    if (isUnfed || (chain.loads.length === 0 && !isBare)) return
    for (let run = 0; run < runs; run++) {
      runtimes[run] = Math.min(runtimes[run], ends[i][run])
      shortMin[run] = Math.max(
        shortMin[run],
        refill ? refill.unfedMin[run] : Math.max(0, outageMin - ends[i][run]),
      )
    }
  })
  const perChain = chains.map((chainRuns, i): ChainResult => {
    const { chain, fractions, emptyMin, energy } = chainRuns
    const outletWh = mean(
      chainRuns.suppliedWh.reduce((sum, wh) => sum + wh, 0),
      runs,
    )
    const takenWh = mean(energy.takenWh, runs)
    const noLoadWh = mean(energy.noLoadWh, runs)
    return {
      sources: chain.sources.map((source, s) => ({
        sourceId: source.id,
        emptyMin: percentilesOf(emptyMin[s]),
        cause: mostOf(chainRuns.causes[s]),
        band: bandOf(fractions[s], runs),
      })),
      runtimeMin: percentilesOf(ends[i]),
      suppliedMin: mean(
        chainRuns.refill
          ? chainRuns.refill.unfedMin.reduce((sum, minutes) => sum + compiled.outageMin - minutes, 0)
          : ends[i].reduce((sum, end) => sum + Math.min(end, compiled.outageMin), 0),
        runs,
      ),
      reachesFraction: mean(
        countWhere(ends[i], (end) => end >= compiled.outageMin),
        runs,
      ),
      endsFirstFraction: mean(
        countWhere(ends[i], (end, run) => end < Infinity && end === runtimes[run]),
        runs,
      ),
      energy: { takenWh, outletWh, noLoadWh, conversionWh: takenWh - outletWh - noLoadWh },
      overloads: overloadsOf(chainRuns),
      refill:
        chain.refill?.isPlanned && chainRuns.refill
          ? refillResultOf(chainRuns.refill, chain.refill.belowWindowW, runs)
          : null,
    }
  })
  const loads = chains.flatMap(({ chain, askedWh, suppliedWh, shedMin }) =>
    chain.loads.map(({ load }, slot): LoadResult => ({
      loadId: load.id,
      askedWh: mean(askedWh[slot], runs),
      suppliedWh: mean(suppliedWh[slot], runs),
      shedMin: mean(shedMin[slot], runs),
    })),
  )
  const order = new Map(plan.loads.map(({ id }, i) => [id, i]))
  loads.sort((a, b) => order.get(a.loadId)! - order.get(b.loadId)!)
  const ascending = runtimes.slice().sort()
  return {
    runs,
    seed,
    horizonMin: compiled.horizonMin,
    outageMin: compiled.outageMin,
    runtimeMin: percentilesOf(runtimes),
    reachesFraction: mean(
      countWhere(runtimes, (end) => end >= compiled.outageMin),
      runs,
    ),
    undisturbedFraction: mean(
      countWhere(
        runtimes,
        (end, run) => end >= compiled.outageMin && chains.every(({ overloads }) => overloads[run] === null),
      ),
      runs,
    ),
    humps: humpsOf(ascending, compiled.horizonMin),
    runtimesMin: ascending,
    shortMin: shortMin.sort(),
    chains: perChain,
    loads,
    leftOut: compiled.leftOut,
    events: eventsOf(chains, runs),
    unfed: chains.some(({ unfed }) => unfed === null) ? null : chains.flatMap(({ unfed }) => unfed!.result()),
  }
}

/** Whether there are loads that no source here can feed. */
const isWanted = ({ leftOut }: CompiledPlan) => leftOut.some(({ why }) => why === 'voltage' || why === 'away')

const mean = (sum: number, runs: number) => sum / runs

function countWhere(values: Float64Array, holds: (value: number, i: number) => boolean): number {
  let count = 0
  for (let i = 0; i < values.length; i++) if (holds(values[i], i)) count++
  return count
}

/** The band of a store from the state of charge of all its runs. */
function bandOf(fractions: Float32Array, runs: number): Band {
  const points = fractions.length / runs
  const band: Band = {
    stepMin: POINT_MIN,
    p10: new Float32Array(points),
    p50: new Float32Array(points),
    p90: new Float32Array(points),
  }
  const sample = new Float32Array(runs)
  for (let p = 0; p < points; p++) {
    sample.set(fractions.subarray(p * runs, (p + 1) * runs))
    const [p10, p50, p90] = percentilesInPlace(sample, runs, [0.1, 0.5, 0.9])
    band.p10[p] = p10
    band.p50[p] = p50
    band.p90[p] = p90
  }
  return band
}
