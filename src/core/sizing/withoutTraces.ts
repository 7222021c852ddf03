import type { SimulationResult } from '../simulation/result'
import type { Evaluation } from './evaluate'
import type { Gates } from './gates'

const none = () => new Float64Array(0)

/**
 * An evaluation without what grows with hours and runs: every figure and every word stays, curves and the list of runs go.
 * Small enough to stand in a page; who draws curves asks for the whole first (`hasTraces`).
 */
export function withoutTraces({ result, gates, ...rest }: Evaluation): Evaluation {
  const chains = result.chains.map((chain) => ({
    ...chain,
    sources: chain.sources.map(({ band, ...source }) => ({ ...source, band: bare(band) })),
    refill: chain.refill && bareRefill(chain.refill),
  }))
  return {
    ...rest,
    hasTraces: false,
    result: { ...result, unfed: null, shortMin: none(), runtimesMin: none(), chains },
    gates: bareGates(gates),
  }
}

type Chain = SimulationResult['chains'][number]

const bare = ({ stepMin }: Chain['sources'][number]['band']) => ({
  stepMin,
  p10: new Float32Array(0),
  p50: new Float32Array(0),
  p90: new Float32Array(0),
})

const bareRefill = (refill: NonNullable<Chain['refill']>): NonNullable<Chain['refill']> => ({
  ...refill,
  curves: { askedW: none(), sunW: none(), clippedW: none(), inW: none(), fedShare: none() },
  coverage: none(),
  belowWindowW: none(),
})

function bareGates(gates: Gates): Gates {
  const { carries, starts, refills } = gates
  const requirement = { ...starts.requirement, running: [], starting: [] }
  return {
    ...gates,
    carries: { ...carries, requirement: { ...carries.requirement, running: [], starting: [] } },
    starts: { ...starts, requirement },
    refills: { ...refills, refill: refills.refill && bareRefill(refills.refill) },
  }
}
