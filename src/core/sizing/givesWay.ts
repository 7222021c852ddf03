import type { DayWindow } from '../plan/clock'
import type { Plan } from '../plan/document'
import type { LoadRule } from '../plan/loadRule'
import type { Load, Steering } from '../plan/schema'

/** One thing by which a load gives way in a scenario: a rule of its own, or hours in which it is off every day. */
export interface GivesWay {
  /** which of them, among all of the plan */
  id: string
  load: Load
  by: LoadRule | { kind: 'off daily'; window: DayWindow }
  /** the steering without it */
  without: Steering
}

/** Everything by which the carried loads give way in a plan. */
export function givesWay(plan: Plan): GivesWay[] {
  return plan.loads
    .filter((load) => load.on && load.steering)
    .flatMap((load) => {
      const { rules = [], offDaily = [] } = load.steering!
      return [
        ...rules.map((rule, i) => ({
          id: `${load.id} rule ${i}`,
          load,
          by: rule,
          without: { ...load.steering, rules: rules.filter((_, k) => k !== i) },
        })),
        ...offDaily.map((window, i) => ({
          id: `${load.id} off ${i}`,
          load,
          by: { kind: 'off daily' as const, window },
          without: { ...load.steering, offDaily: offDaily.filter((_, k) => k !== i) },
        })),
      ]
    })
}
