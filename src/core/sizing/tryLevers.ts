import type { Plan } from '../plan/document'
import type { ClockedRuns } from '../risk/riskClocks'
import { horizonOf } from '../simulation/compile'
import { DEFAULT_SEED } from '../simulation/simulate'
import { Variants } from '../simulation/variants'
import { type RankedLever, byHours } from './byHours'
import { gainOf } from './gain'
import { findLevers, withChange } from './levers'

/** Runs after which there is a first word, and between two later ones. */
const RUNS_A_TIME = 60

/** Levers as they were tried: what each gains, and when loads get nothing with it. */
export interface TriedLevers extends ClockedRuns {
  levers: (RankedLever & Pick<ClockedRuns, 'unfed'>)[]
}

/**
 * Every lever tried, told again and again as more runs are made, at last of all the runs the sentence has, so that each gain
 * is what the sentence moves by. Every variant runs with the same draws, load by load.
 */
export function* tryLevers(plan: Plan, seed = DEFAULT_SEED, runs = Infinity): Generator<TriedLevers> {
  const levers = findLevers(plan)
  const variants = new Variants([plan, ...levers.map(({ change }) => withChange(plan, change))], seed, true)
  const horizonMin = horizonOf(plan.scenario.durationH)
  const most = Math.min(runs, variants.runs[0])
  for (let made = 0; made < most;) {
    const until = Math.min(most, made + RUNS_A_TIME)
    variants.make(made, until)
    made = until
    const [base, ...changed] = variants.ends.map((ends) => ends.subarray(0, Math.min(made, ends.length)))
    yield {
      horizonMin,
      unfed: variants.unfedOf(0),
      levers: levers.map((lever, i) => {
        const both = Math.min(base.length, changed[i].length)
        const gain = gainOf(
          base.subarray(0, both),
          changed[i].subarray(0, both),
          plan.scenario.confidence,
          horizonMin,
        )
        return { ...lever, gain, unfed: variants.unfedOf(i + 1) }
      }),
    }
  }
}

/** The levers by hours gained, as they stand after all their runs. */
export function rankLevers(plan: Plan, runs = Infinity, seed = DEFAULT_SEED): RankedLever[] {
  let last: TriedLevers['levers'] = []
  for (const { levers } of tryLevers(plan, seed, runs)) last = levers
  return byHours(last)
}
