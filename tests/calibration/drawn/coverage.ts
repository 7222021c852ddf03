import { readPlan } from '@/core/plan/document'
import { runAll } from '@/core/simulation/simulate'
import { type DrawnHousehold, drawnHouseholds } from './household'
import { planOfKnown } from './planOfKnown'

/** Where the end of a drawn household falls in the band its plan predicts. */
export interface DrawnOutcome {
  id: string
  kind: DrawnHousehold['kind']
  /** h; the truth Infinity past 72 h */
  p10: number
  p50: number
  p90: number
  lastedH: number
  /** before the band, in it, after it */
  fell: 'earlier' | 'inside' | 'later'
}

const LOOKED_H = 72
export const DRAWN_RUNS = 400

/** Runs a drawn household's plan, made anew, and holds its end against what happened. Beyond 72 h all ends are alike. */
function outcomeOf(household: DrawnHousehold, runs = DRAWN_RUNS): DrawnOutcome {
  const reading = readPlan(planOfKnown(household))
  if (!reading.ok) throw new Error(`${household.id}: ${JSON.stringify(reading.faults)}`)
  const { chains } = runAll(reading.plan, { runs, seed: 1, horizonMin: LOOKED_H * 60, onlyRuntimes: true })
  const ends = chains[0].endMin.slice().sort()
  const at = (share: number) => ends[Math.min(runs - 1, Math.floor(share * runs))] / 60
  const [p10, p50, p90] = [at(0.1), at(0.5), at(0.9)]
  const lastedH = household.lastedH ?? Infinity
  const fell = lastedH < p10 ? 'earlier' : lastedH > p90 ? 'later' : 'inside'
  return { id: household.id, kind: household.kind, p10, p50, p90, lastedH, fell }
}

export const drawnOutcomes = (runs = DRAWN_RUNS): DrawnOutcome[] =>
  drawnHouseholds().map((household) => outcomeOf(household, runs))

/** Shares inside, earlier and later of some outcomes, and how many. */
export function sharesOf(outcomes: readonly DrawnOutcome[]) {
  const share = (fell: DrawnOutcome['fell']) =>
    outcomes.filter((one) => one.fell === fell).length / outcomes.length
  return {
    count: outcomes.length,
    inside: share('inside'),
    earlier: share('earlier'),
    later: share('later'),
    /** outcomes above the middle prediction */
    aboveMiddle: outcomes.filter(({ lastedH, p50 }) => lastedH > p50).length / outcomes.length,
  }
}
