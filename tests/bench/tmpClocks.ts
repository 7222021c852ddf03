import { demoHousehold } from '@/catalog/demoHousehold'
import { planOf } from '@/core/plan/planOf'
import { evaluate } from '@/core/sizing/evaluate'
import { simulate } from '@/core/simulation/simulate'
import { riskClocks } from '@/core/risk/riskClocks'
import { tryLevers } from '@/core/sizing/tryLevers'
import { withLosses } from '@/core/sizing/leverLosses'
const plan = planOf(demoHousehold())
const t = (f: () => void, n = 15) => { for (let i = 0; i < 5; i++) f(); const a = performance.now(); for (let i = 0; i < n; i++) f(); return (performance.now() - a) / n }
const result = simulate(plan)
console.log('evaluate', t(() => void evaluate(plan)), 'simulate', t(() => void simulate(plan)), 'clocks', t(() => void riskClocks(plan, result)))
const a = performance.now()
let n = 0, w = 0
for (const tried of tryLevers(plan)) { const b = performance.now(); withLosses(plan, tried); w += performance.now() - b; n++ }
console.log('levers', performance.now() - a, n, 'losses', w)
console.log(riskClocks(plan, result).map((c) => [c.kind, c.powerEnds?.likely, c.lost?.early, c.lost?.likely]))
for (const id of plan.loads.map((l) => l.id)) { const one = { ...plan, loads: plan.loads.filter((l) => l.id === id), wiring: { ...plan.wiring } }; console.log(id, t(() => void riskClocks(one, result), 10)) }
console.log(result.unfed!.map((u) => u.supply.edges.length / 2 / 400))
