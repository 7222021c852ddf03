import { quantity } from '@/core/quantity/quantity'
import { simulateSlowly } from '@/core/simulation/oracle'
import { simulate } from '@/core/simulation/simulate'
import { HORIZON_MIN, bareSweep, compare, round } from './compare'
import { exactSource, mixedLoads, planWith } from '../support/samplePlan'

/**
 * How the fast program stands against a bare sweep (one multiply-add for every minute of every run) and
 * against the oracle, as ratios of medians taken in turn in one process. The battery outlasts the horizon,
 * so no run stops early.
 */

const bigStore = () =>
  exactSource({
    capacityWh: quantity(200_000, 'Wh', 'measured', { times: 1.04 }),
    continuousW: quantity(20_000, 'W', 'label', { times: 1 }),
    surgeW: quantity(40_000, 'W', 'label', { times: 1 }),
  })
const planOfLoads = (loads: number) => planWith(mixedLoads(loads), [bigStore()], 72)

let sink = 0

export function benchSimulation(): Record<string, string | number> {
  const demand = Float64Array.from({ length: HORIZON_MIN }, (_, i) => (i % 7) + 0.3)
  const bare = () => (sink += bareSweep(1000, HORIZON_MIN, demand))
  const plan = planOfLoads(12)
  const fast =
    (runs: number, p = plan, horizonMin = HORIZON_MIN) =>
    () => {
      sink += simulate(p, { runs, horizonMin }).runtimeMin.p50
    }
  compare([bare, fast(300)], 5)
  const [sweepMs, fastMs] = compare([bare, fast(1000)], 15)
  const [slowMs, fastAsSlowMs] = compare(
    [() => (sink += simulateSlowly(plan, 100, 1, HORIZON_MIN).length), fast(100)],
    3,
  )
  const [once, twiceRuns, twiceHours, twiceLoads] = compare(
    [fast(500), fast(1000), fast(500, plan, 2 * HORIZON_MIN), fast(500, planOfLoads(24))],
    9,
  )
  if (Number.isNaN(sink)) throw new Error('the runs came to nothing')
  return {
    'bare sweep, 1000 runs × 72 h, ms': round(sweepMs),
    'simulate, 1000 runs × 72 h × 12 loads, ms': round(fastMs),
    'simulate ÷ bare sweep (at most 10)': round(fastMs / sweepMs),
    'oracle ÷ simulate per run (at least 15)': round(slowMs / fastAsSlowMs),
    'twice the runs': round(twiceRuns / once),
    'twice the hours': round(twiceHours / once),
    'twice the loads': round(twiceLoads / once),
  }
}
