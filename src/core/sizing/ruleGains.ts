import type { Plan } from '../plan/document'
import { leftOutWhy } from '../simulation/compile'
import { DEFAULT_SEED } from '../simulation/simulate'
import { givesWay } from './ruleWords'
import { runtimesOf } from './runtimes'

export interface RuleGain {
  loadId: string
  words: string
  /** hours the supply lasts longer with it, mean over the same runs */
  gainH: number
}

const RUNS = 60

/** The hours each of them buys: the runtime with it less the runtime without, over the same draws. */
export function ruleGains(plan: Plan, runs = RUNS, seed = DEFAULT_SEED): RuleGain[] {
  const found = givesWay(plan).filter(({ load }) => leftOutWhy(load, plan) === null)
  if (found.length === 0) return []
  const withAll = runtimesOf(plan, runs, seed)
  return found.map(({ load, words, without }) => {
    const other = {
      ...plan,
      loads: plan.loads.map((one) => (one === load ? { ...load, steering: without } : one)),
    }
    const ends = runtimesOf(other, runs, seed)
    let gained = 0
    for (let run = 0; run < runs; run++) gained += withAll[run] - ends[run]
    return { loadId: load.id, words, gainH: gained / runs / 60 }
  })
}
