import type { Plan } from '../plan/document'

/**
 * The plan a run begins with: the same household on the real clock. What was planned by the hour of a made-up outage (pauses, hours of
 * generator, car and grid) is not taken for done; it is entered as it happens.
 *
 * @param startsLocal the clock on the wall, "YYYY-MM-DDTHH:MM"
 */
export function planOfRun(plan: Plan, startsLocal: string): Plan {
  return {
    ...plan,
    scenario: { ...plan.scenario, startsAt: startsLocal, charging: undefined },
    loads: plan.loads.map((load) =>
      load.steering?.pauses ? { ...load, steering: { ...load.steering, pauses: undefined } } : load,
    ),
  }
}
