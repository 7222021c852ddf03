import { demoHousehold } from '@/catalog/demoHousehold'
import { equipmentClass, sourceOf } from '@/catalog/equipment'
import { arrayOf, generatorOf } from '@/catalog/refill'
import { searchStock } from '@/catalog/searchStock'
import type { Plan } from '@/core/plan/document'
import type { LoadRule } from '@/core/plan/loadRule'
import type { Source } from '@/core/plan/power'
import { planOf } from '@/core/plan/planOf'
import { quantity } from '@/core/quantity/quantity'
import { USUAL_CONSTRAINTS, candidatesOf } from '@/core/sizing/search/candidates'
import { Search } from '@/core/sizing/search/search'
import { simulate } from '@/core/simulation/simulate'
import { mixedLoads, planWith } from '../support/samplePlan'
import { HORIZON_MIN, bareSweep, compare, round } from './compare'

const RUNS = 1000
const SEARCHED = 120

/** A station that sun and generator refill, twelve loads, 72 h; rules on so many of the loads. */
function refilledPlan(rules: LoadRule[], ruled = 0): Plan {
  const loads = mixedLoads(12).map((load, i) => (i < ruled ? { ...load, steering: { rules } } : load))
  const station = sourceOf(equipmentClass('station-3600'), 'main')
  // as in the other bench nothing comes near its watts
  const withRoom: Source = {
    ...station,
    volts: [12, 120, 230, 240],
    continuousW: quantity(20_000, 'W', 'label', { times: 1 }),
    surgeW: quantity(40_000, 'W', 'label', { times: 1 }),
  }
  const plan = planWith(loads, [withRoom], 72)
  return {
    ...plan,
    scenario: {
      ...plan.scenario,
      startsAt: '2027-06-04T18:00',
      sky: { kind: 'days', days: ['mixed'] },
      charging: {
        generator: [0, 1, 2].map((day) => ({ fromMin: day * 1440, toMin: day * 1440 + 150 })),
        car: [],
        grid: [],
      },
    },
    refill: {
      recordLowC: -20,
      panels: [arrayOf('panel-220', 'roof', { series: 2, parallel: 2 })],
      generator: { ...generatorOf(2000), quiet: [] },
      car: null,
    },
  }
}

/** What refill costs beside the bare sweep, what rules cost on top, and the search that counts the refill. */
export function benchRefill(): Record<string, string | number> {
  const demand = Float64Array.from({ length: HORIZON_MIN }, (_, i) => (i % 7) + 0.3)
  let sink = 0
  const run = (plan: Plan) => () => {
    sink += simulate(plan, { runs: RUNS, horizonMin: HORIZON_MIN }).runtimeMin.p10
  }
  const bare = () => (sink += bareSweep(RUNS, HORIZON_MIN, demand))
  const plain = run(refilledPlan([]))
  const byCharge = run(refilledPlan([{ kind: 'by charge', dropBelow: 0.4, backAbove: 0.6 }], 2))
  const bySupply = run(refilledPlan([{ kind: 'with supply', aboveW: 200 }], 2))
  compare([bare, plain, byCharge, bySupply], 2)
  const [bareMs, plainMs, chargeMs, supplyMs] = compare([bare, plain, byCharge, bySupply], 9)

  const household = demoHousehold()
  const plan = planOf(household, household.chosen.scenarioId, household.chosen.powerSystemId)
  const stock = searchStock(120)
  const all = candidatesOf(stock, USUAL_CONSTRAINTS)
  const some = Array.from({ length: SEARCHED }, (_, i) => all[(i * 7) % all.length])
  const search = (countsRefill: boolean) => () => {
    const found = new Search(
      [plan],
      { ...USUAL_CONSTRAINTS, countsRefill },
      0.8,
      null,
      200,
      1,
      stock.controllers,
    )
    for (const candidate of some) sink += found.judge(candidate).runtimeMin
  }
  const [oneChargeMs, countedMs] = compare([search(false), search(true)], 3)
  if (Number.isNaN(sink)) throw new Error('the runs came to nothing')
  return {
    'refilled, 1000 runs × 72 h × 12 loads, ms': round(plainMs),
    'refilled ÷ bare sweep (at most 12)': round(plainMs / bareMs),
    'with rules by charge on 2 loads ÷ bare sweep': round(chargeMs / bareMs),
    'with rules by supply on 2 loads ÷ bare sweep': round(supplyMs / bareMs),
    'search counting the refill ÷ on one charge': round(countedMs / oneChargeMs),
  }
}
