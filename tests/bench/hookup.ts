import { WIRING_TABLES } from '@/catalog/wires'
import { hazardsOf } from '@/core/hazard/hazards'
import type { Plan } from '@/core/plan/document'
import { diagramOf } from '@/core/wiring/diagram'
import { layOut } from '@/core/wiring/diagramLayout'
import { evaluate } from '@/core/sizing/evaluate'
import { simulate } from '@/core/simulation/simulate'
import { constant, loadOf, mixedLoads, planWith } from '../support/samplePlan'
import { compare, round } from './compare'

/** 200 loads, 120 of them on ten cords. */
function crowded(): Plan {
  const loads = [
    ...mixedLoads(40),
    ...Array.from({ length: 160 }, (_, i) => loadOf(constant(2), { id: `l${i}`, name: `Load ${i}` })),
  ]
  return {
    ...planWith(loads),
    wiring: {
      cords: Array.from({ length: 10 }, (_, i) => ({
        id: `c${i}`,
        name: `Cord ${i}`,
        areaMm2: 2.08,
        lengthM: 10,
      })),
      loads: loads.slice(0, 120).map(({ id }, i) => ({ loadId: id, cordId: `c${i % 10}` })),
    },
  }
}

/** The drawing of 200 loads and their findings, ms on this machine, beside 400 runs of the same plan. */
export function benchHookup(): Record<string, string | number> {
  const plan = crowded()
  const judged = evaluate(plan, { runs: 20 })
  const [drawMs, findMs, runMs] = compare(
    [
      () => void layOut(diagramOf(plan, WIRING_TABLES), 860),
      () => void hazardsOf(plan, judged, WIRING_TABLES),
      () => void simulate(plan),
    ],
    5,
  )
  return {
    'hookup: 200 loads drawn up, ms': round(drawMs),
    'hookup: their findings, ms': round(findMs),
    'hookup: findings / 400 runs': round(findMs / runMs),
  }
}
