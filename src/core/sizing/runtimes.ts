import type { Plan } from '../plan/document'
import { runAll } from '../simulation/simulate'

/** Runtime of every run, minutes, the horizon at most; first end among the chains. */
export function runtimesOf(plan: Plan, runs: number, seed: number): Float64Array {
  const { chains, compiled } = runAll(plan, { runs, seed, onlyRuntimes: true })
  const ends = new Float64Array(runs).fill(compiled.horizonMin)
  for (const { chain, emptyMin } of chains) {
    if (chain.loads.length === 0) continue
    const last = emptyMin[emptyMin.length - 1]
    for (let run = 0; run < runs; run++) ends[run] = Math.min(ends[run], last[run])
  }
  return ends
}
