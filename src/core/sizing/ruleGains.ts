import type { Plan } from '../plan/document'
import { horizonOf, leftOutWhy } from '../simulation/compile'
import { DEFAULT_SEED } from '../simulation/simulate'
import { type Gain, gainOf } from './gain'
import { givesWay } from './givesWay'
import { runtimesOf } from './runtimes'

export interface RuleGain {
  /** of what it gives way by */
  id: string
  gain: Gain
}

/** What each of them gains: by how much the sentence’s figure moves with it, over the very runs of the sentence. */
export function ruleGains(plan: Plan, runs?: number, seed = DEFAULT_SEED): RuleGain[] {
  const found = givesWay(plan).filter(({ load }) => leftOutWhy(load, plan) === null)
  if (found.length === 0) return []
  const withAll = runtimesOf(plan, runs, seed)
  return found.map(({ id, load, without }) => {
    const other = {
      ...plan,
      loads: plan.loads.map((one) => (one === load ? { ...load, steering: without } : one)),
    }
    const ends = runtimesOf(other, withAll.length, seed)
    return {
      id,
      gain: gainOf(ends, withAll, plan.scenario.confidence, horizonOf(plan.scenario.durationH)),
    }
  })
}
