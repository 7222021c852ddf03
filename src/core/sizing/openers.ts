import type { Plan } from '../plan/document'
import type { Load } from '../plan/schema'
import { formatNumber } from '../quantity/format'
import { leftOutWhy } from '../simulation/compile'
import { DEFAULT_SEED } from '../simulation/simulate'
import type { Gates } from './gates'
import { dcOnly } from './dcOnly'
import { type SearchStock, USUAL_CONSTRAINTS, candidatesOf } from './search/candidates'
import { Search, ranked } from './search/search'
import { carryStrains, startStrains } from './strains'

/** What would open a shut gate: the load to leave off, if one alone does, and the cheapest thing to buy. */
export interface Opener {
  gate: 'carries' | 'starts' | 'lasts'
  /** nothing to pay; null where no single load does it */
  free: string | null
  bought: string | null
}

const RUNS = 100
/**
 * The cheapest things that would open the gates that are shut.
 *
 * @param gates of the plan as it stands
 * @param stock what may be bought
 * @param confidence for how long it lasts
 */
export function openersOf(plan: Plan, gates: Gates, stock: SearchStock): Opener[] {
  const shut = (['carries', 'starts', 'lasts'] as const).filter((gate) => gates[gate].verdict === 'short')
  if (shut.length === 0) return []
  const want = { ...USUAL_CONSTRAINTS, countsRefill: gates.refills.verdict !== 'unplanned' }
  const { confidence } = plan.scenario
  const search = new Search([plan], want, confidence, null, RUNS, DEFAULT_SEED, stock.controllers)
  // cheapest first, until one holds: the rest need not be run
  const byPrice = candidatesOf(stock, want)
    .filter(({ price }) => price !== null)
    .sort((a, b) => a.price! - b.price!)
  const bought = new Map<Opener['gate'], string>()
  const words = (name: string, price: number) =>
    price === 0
      ? `${name}, which is there already`
      : `${name}, ${formatNumber(price)} ${plan.household.currency}`
  for (const candidate of byPrice) {
    const judged = search.judge(candidate)
    if (!judged.carries) continue
    for (const gate of ['carries', 'starts'] as const)
      if (!bought.has(gate)) bought.set(gate, words(candidate.name, candidate.price!))
    const [winner] = ranked([judged], 'cheapest')
    if (!winner) continue
    bought.set('lasts', words(candidate.name, candidate.price!))
    break
  }
  return shut.map((gate) => ({ gate, free: freeWay(plan, gates, gate), bought: bought.get(gate) ?? null }))
}

const namesOf = (loads: readonly Load[]) => loads.map(({ name }) => name).join(' and ')

/** The least important load, then the smallest, whose leaving off alone brings the watts under the limit. */
function freeWay(plan: Plan, gates: Gates, gate: Opener['gate']): string | null {
  if (gate === 'lasts') return null
  const { source, wrongVoltage } = gates[gate]
  if (wrongVoltage.length > 0) {
    const { forDc, others } = dcOnly(gates[gate])
    return [
      ...(forDc.length ? [`feed ${namesOf(forDc)} with 12 V direct current`] : []),
      ...(others.length ? [`leave ${namesOf(others)} off`] : []),
    ].join(' and ')
  }
  const loads = plan.loads.filter((load) => load.sourceId === source.id && leftOutWhy(load, plan) === null)
  const strains = gate === 'carries' ? carryStrains : startStrains
  const opens = (load: Load) => {
    const [worst] = strains(
      source,
      loads.filter((other) => other !== load),
      plan,
    )
    return worst.neededW <= worst.limitW
  }
  const rank = { refuse: 0, spare: 1, ration: 2, hold: 3 }
  const found = loads
    .filter((load) => !load.medical && opens(load))
    .sort((a, b) => rank[a.tier] - rank[b.tier] || a.behaviour.runningW.value - b.behaviour.runningW.value)[0]
  return found ? `do not run ${found.name} together with the rest` : null
}
