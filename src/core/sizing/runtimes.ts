import type { Plan } from '../plan/document'
import { runAll } from '../simulation/simulate'

/**
 * Runtime of every run, minutes, the horizon at most; first end among the chains.
 *
 * @param runs as many as the answer has unless given
 */
export function runtimesOf(plan: Plan, runs: number | undefined, seed: number): Float64Array {
  const { chains, compiled, runs: made } = runAll(plan, { runs, seed, onlyRuntimes: true })
  const ends = new Float64Array(made).fill(compiled.horizonMin)
  for (const { chain, endMin } of chains) {
    if (chain.loads.length === 0) continue
    for (let run = 0; run < made; run++) ends[run] = Math.min(ends[run], endMin[run])
  }
  return ends
}
