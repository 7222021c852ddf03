import type { Plan } from '../plan/document'
import { peakRunningW } from '../load/peak'
import type { Load } from '../plan/schema'
import { type Told, told } from '../quantity/told'
import { expectedW } from '../simulation/expected'
import { leftOutWhy } from '../simulation/compile'
import { DEFAULT_SEED } from '../simulation/simulate'
import type { Gates } from './gates'
import { dcOnly } from './dcOnly'
import { bearsOffH } from './offCost'
import { type SearchCandidate, type SearchStock, candidatesOf, usualConstraints } from './search/candidates'
import { Search, ranked } from './search/search'
import { carryStrains, startStrains } from './strains'

/** What would open a shut gate: the load to leave off, if one alone does, and the cheapest thing to buy. */
export interface Opener {
  gate: 'carries' | 'starts' | 'lasts'
  /** nothing to pay; null where no single load does it */
  free: Told | null
  /** two loads that taking turns would bring under the limit: the first waits while the second runs */
  turns: Turns | null
  bought: Told | null
}

/** Two loads that take turns, and the hours a day they need one after the other. */
export interface Turns {
  waits: Load
  first: Load
  hoursADay: number
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
  const want = usualConstraints(plan, gates.refills.verdict !== 'unplanned')
  const { confidence } = plan.scenario
  const search = new Search([plan], want, confidence, null, RUNS, DEFAULT_SEED, stock.controllers)
  // cheapest first, until one holds: the rest need not be run
  const byPrice = candidatesOf(stock, want)
    .filter(({ price }) => price !== null)
    .sort((a, b) => a.price! - b.price!)
  const bought = new Map<Opener['gate'], Told>()
  const what = ({ name, expansions, price }: SearchCandidate) =>
    told('opener.bought', { name, expansions, price: price!, currency: plan.household.currency })
  for (const candidate of byPrice) {
    const judged = search.judge(candidate)
    if (!judged.carries) continue
    for (const gate of ['carries', 'starts'] as const)
      if (!bought.has(gate)) bought.set(gate, what(candidate))
    const [winner] = ranked([judged], 'cheapest')
    if (!winner) continue
    bought.set('lasts', what(candidate))
    break
  }
  return shut.map((gate) => ({
    gate,
    free: freeWay(plan, gates, gate),
    turns: gate === 'lasts' ? null : turnsFor(plan, gates, gate),
    bought: bought.get(gate) ?? null,
  }))
}

const rank = { notOnBattery: 0, optional: 1, flexible: 2, critical: 3 }

/** Pairs looked at, the least important first: enough for any house, and no more work than a glance. */
const MOST_PAIRS = 300

/**
 * Two loads that alone bring the watts under the limit when one waits while the other runs, and need no more than the day
 * for it; the least important waits. Never a medical device, nor what floods, freezes or suffocates meanwhile.
 */
function turnsFor(plan: Plan, gates: Gates, gate: 'carries' | 'starts'): Turns | null {
  const { source, wrongVoltage } = gates[gate]
  if (wrongVoltage.length > 0) return null
  const loads = plan.loads.filter((load) => load.sourceId === source.id && leftOutWhy(load, plan) === null)
  const strains = gate === 'carries' ? carryStrains : startStrains
  const runsH = new Map(loads.map((load) => [load, runningHoursADay(load, plan)]))
  const willing = loads
    .filter((load) => bearsOffH(load, plan) > 0 && load.volts !== 12)
    .sort((a, b) => rank[a.tier] - rank[b.tier] || runsH.get(a)! - runsH.get(b)!)
  let pairs = 0
  for (const waits of willing)
    for (const first of loads) {
      if (first === waits || first.volts === 12 || ++pairs > MOST_PAIRS) continue
      const hoursADay = runsH.get(waits)! + runsH.get(first)!
      if (hoursADay > 24) continue
      const rules = [...(waits.steering?.rules ?? []), { kind: 'not with' as const, loadId: first.id }]
      const [worst] = strains(
        source,
        loads.map((load) => (load === waits ? { ...waits, steering: { ...waits.steering, rules } } : load)),
        plan,
      )
      if (worst.neededW <= worst.limitW) return { waits, first, hoursADay }
    }
  return null
}

/** Hours a day a load runs, at its middle values. */
function runningHoursADay(load: Load, plan: Plan): number {
  const { behaviour } = load
  const watts = peakRunningW(behaviour)
  return watts > 0 ? Math.min(24, (24 * expectedW(load, plan.scenario)) / watts) : 0
}

/** The least important load, then the smallest, whose leaving off alone brings the watts under the limit. */
function freeWay(plan: Plan, gates: Gates, gate: Opener['gate']): Told | null {
  if (gate === 'lasts') return null
  const { source, wrongVoltage } = gates[gate]
  if (wrongVoltage.length > 0) {
    const { forDc, others } = dcOnly(gates[gate])
    const namesOf = (loads: readonly Load[]) => (loads.length > 0 ? loads.map(({ name }) => name) : null)
    return told('opener.otherFeed', { forDc: namesOf(forDc), others: namesOf(others) })
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
  const found = loads
    .filter((load) => !load.medical && opens(load))
    .sort((a, b) => rank[a.tier] - rank[b.tier] || a.behaviour.runningW.value - b.behaviour.runningW.value)[0]
  return found ? told('opener.notTogether', { name: found.name }) : null
}
