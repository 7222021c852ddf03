import type { Fault } from '../plan/fault'
import type { Household } from '../plan/household'
import { planOf } from '../plan/planOf'
import type { Plan } from '../plan/document'
import type { Load, Scenario } from '../plan/schema'
import { type Told, told } from '../quantity/told'
import { horizonOf, hoursOf, leftOutWhy } from './compile'
import { inflowByHour } from '../load/pump'
import { cyclingPairs, pumpPairs } from './expectedPairs'

/**
 * Times that all loads of a plan together may switch in one run. Two hundred refrigerators in a fortnight come to 190,000;
 * the fewest runs of a plan at this limit take a second or two.
 */
export const MOST_SWITCHINGS = 300_000

/** A plan that switches too often: which load does most of it, and what would be right. */
export interface TooBusy {
  load: Load
  loadIndex: number
  switchings: number
  allSwitchings: number
  /** a cycle of the load that would be long enough, minutes, where that alone would do */
  enoughMin: number | null
}

/** Times a load switches in a plan's horizon, most runs; of loads that go by the clock, whose windows are few, none. */
function switchingsOf({ behaviour }: Load, scenario: Scenario): number {
  const horizonMin = horizonOf(scenario.durationH)
  if (behaviour.kind === 'cycling') return 2 * cyclingPairs(behaviour, horizonMin)
  if (behaviour.kind !== 'pump') return 0
  return (
    2 * pumpPairs(behaviour, Math.max(...inflowByHour(behaviour, scenario, hoursOf(horizonMin))), horizonMin)
  )
}

/** Whether a plan keeps to the budget of switchings; null when it does. */
export function tooBusy(plan: Plan): TooBusy | null {
  const each = plan.loads.map((load) =>
    leftOutWhy(load, plan) === null ? switchingsOf(load, plan.scenario) : 0,
  )
  const allSwitchings = each.reduce((sum, one) => sum + one, 0)
  if (allSwitchings <= MOST_SWITCHINGS) return null
  const switchings = Math.max(...each)
  const loadIndex = each.indexOf(switchings)
  const load = plan.loads[loadIndex]
  const left = MOST_SWITCHINGS - (allSwitchings - switchings)
  const cycleMin = load.behaviour.kind === 'cycling' ? load.behaviour.periodMin.value : null
  return {
    load,
    loadIndex,
    switchings,
    allSwitchings,
    enoughMin: cycleMin !== null && left > 0 ? Math.ceil((cycleMin * switchings) / left) : null,
  }
}

const busyFact = (busy: TooBusy, scenario: Scenario): Told =>
  told('document.switchesTooOften', {
    load: busy.load.name,
    switchings: busy.switchings,
    exactMin: horizonOf(scenario.durationH),
    scenario: scenario.name,
    all: busy.allSwitchings,
    most: MOST_SWITCHINGS,
    enough: busy.enoughMin,
  })

/** The first outage of a household in which its loads switch more often than is computed. */
export function busyFault(household: Household): Fault | null {
  for (const scenario of household.scenarios) {
    const plan = planOf(household, scenario.id)
    const busy = tooBusy(plan)
    if (busy) return { path: `loads[${busy.loadIndex}].behaviour`, message: busyFact(busy, scenario) }
  }
  return null
}

/** What is too much in a plan that switches more often than is computed; null where it does not. */
export function tooBusyFact(plan: Plan): Told | null {
  const busy = tooBusy(plan)
  return busy && busyFact(busy, plan.scenario)
}
