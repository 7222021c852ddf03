import type { Plan } from '../plan/document'
import type { Household } from '../plan/household'
import { planOf } from '../plan/planOf'

/**
 * The plan a run begins with: the chosen one of a household, on the real clock and with what was tested as old as it is then. What
 * was planned by the hour of a made-up outage (pauses, hours of generator, car and grid) is not taken for done; it is entered as it
 * happens.
 *
 * @param startsLocal the clock on the wall, "YYYY-MM-DDTHH:MM"
 */
export function planOfRun(household: Household, startsLocal: string): Plan {
  const plan = planOf(household, undefined, undefined, startsLocal.slice(0, 10))
  return {
    ...plan,
    scenario: { ...plan.scenario, startsAt: startsLocal, charging: undefined },
    loads: plan.loads.map((load) =>
      load.steering?.pauses ? { ...load, steering: { ...load.steering, pauses: undefined } } : load,
    ),
  }
}
