import type { Plan } from '../plan/document'
import { percentileInPlace } from '../quantity/percentile'
import { compile } from '../simulation/compile'
import { DEFAULT_SEED } from '../simulation/simulate'
import { Variants } from '../simulation/variants'
import { powerGatesOf } from './gates'

/** How one power system comes out in one outage. */
export interface MatrixCell {
  holds: boolean
  /** reached with the scenario's confidence, minutes; Infinity beyond the horizon */
  runtimeMin: number
  /** carries and starts everything */
  carries: boolean
}

/**
 * Every power system of a household in one outage: the very figures evaluating each alone would give, the loads' runs
 * written once for all of them.
 *
 * @param plans of one scenario, one for each power system
 */
export function cellsOf(plans: readonly Plan[], seed = DEFAULT_SEED): MatrixCell[] {
  const variants = new Variants(plans, seed)
  variants.make(0, variants.most)
  return plans.map((plan, v): MatrixCell => {
    const compiled = compile(plan)
    const { carries, starts } = powerGatesOf(plan, {
      leftOut: compiled.leftOut,
      chains: compiled.chains.map(({ sources }) => ({
        sources: sources.map(({ id }) => ({ sourceId: id })),
      })),
    })
    const isCarried = carries.verdict !== 'short' && starts.verdict !== 'short'
    const fed = compiled.chains.some(({ loads }) => loads.length > 0)
    const reached = percentileInPlace(
      variants.ends[v].slice(),
      variants.runs[v],
      1 - plan.scenario.confidence,
    )
    const runtimeMin =
      !fed && carries.verdict === 'short' ? 0 : reached >= compiled.horizonMin ? Infinity : reached
    return {
      carries: isCarried,
      holds: isCarried && fed && runtimeMin >= plan.scenario.durationH * 60,
      runtimeMin,
    }
  })
}
