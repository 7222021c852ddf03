import { EQUIPMENT, sourceOf } from '@/catalog/equipment'
import type { Plan } from '@/core/plan/document'
import { byHours } from '@/core/sizing/byHours'
import { tryLevers } from '@/core/sizing/tryLevers'
import { cellsOf } from '@/core/sizing/matrix'
import { mixedLoads, planWith } from '../support/samplePlan'

const LOADS = 40
const SYSTEMS = 12
const OUTAGES = 10

/** A large house: 40 loads, 12 power systems, 10 outages: its levers, and the table of all systems in all outages. */
export function benchManyPlans(): Record<string, string | number> {
  const sources = EQUIPMENT.filter(({ source }) => source.volts.includes(120))
    .slice(0, SYSTEMS)
    .map((one) => sourceOf(one, 'main'))
  const loads = mixedLoads(LOADS).map((load, i) => ({
    ...load,
    tier: (['critical', 'flexible', 'optional'] as const)[i % 3],
  }))
  const plan = planWith(loads, [sources[6]], 48)
  const from = performance.now()
  let first = 0
  let count = 0
  for (const tried of tryLevers(plan)) {
    first ||= performance.now() - from
    count = byHours(tried.levers).length
  }
  const levers = performance.now() - from
  let firstRow = 0
  const began = performance.now()
  for (let outage = 0; outage < OUTAGES; outage++) {
    const scenario = { ...plan.scenario, id: `s${outage}`, outdoor: { lowC: outage - 5, highC: outage + 5 } }
    cellsOf(
      sources.map((source): Plan => ({
        ...plan,
        scenario,
        powerSystem: { ...plan.powerSystem, sources: [source] },
      })),
    )
    firstRow ||= performance.now() - began
  }
  return {
    [`levers of ${LOADS} loads (${count} told), first, ms`]: Math.round(first),
    [`levers of ${LOADS} loads, all runs, ms`]: Math.round(levers),
    [`${SYSTEMS} systems in one outage, ${LOADS} loads, ms`]: Math.round(firstRow),
    [`${SYSTEMS} systems × ${OUTAGES} outages, one core, ms`]: Math.round(performance.now() - began),
  }
}
