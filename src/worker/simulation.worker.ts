import { expose } from 'comlink'
import { evaluate } from '@/core/sizing/evaluate'
import { leverRanks, type rankLevers } from '@/core/sizing/levers'
import { longLook } from '@/core/sizing/longLook'
import { cellsOf } from '@/core/sizing/matrix'
import { measureNext } from '@/core/sizing/measureNext'
import { openersOf } from '@/core/sizing/openers'
import { ruleGains } from '@/core/sizing/ruleGains'
import type { SimulationJobs } from './simulationJobs'

const jobs: SimulationJobs = {
  evaluate,
  rankLevers: (plan, report) => {
    let last: ReturnType<typeof rankLevers> = []
    for (const ranked of leverRanks(plan)) report((last = ranked))
    return last
  },
  cells: (plans) => cellsOf(plans),
  measureNext: (plan) => measureNext(plan),
  ruleGains: (plan) => ruleGains(plan),
  longLook: (plan) => longLook(plan),
  openers: (plan, stock) => openersOf(plan, evaluate(plan, { runs: 100 }).gates, stock),
}

expose(jobs)
