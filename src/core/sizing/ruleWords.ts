import { formatWindow } from '../plan/clock'
import type { Plan } from '../plan/document'
import type { LoadRule } from '../plan/loadRule'
import type { Load, Steering } from '../plan/schema'
import { formatPercent, formatWatts } from '../quantity/format'

/** One thing by which a load gives way in a scenario: a rule of its own, or hours in which it is off every day. */
export interface GivesWay {
  load: Load
  words: string
  /** the steering without it */
  without: Steering
}

/** What a rule says. @example "dropped below 40 %, back above 60 %" */
export function ruleWords(rule: LoadRule, plan: Plan): string {
  switch (rule.kind) {
    case 'with supply':
      return `only while more than ${formatWatts(rule.aboveW)} come in`
    case 'by charge':
      return `dropped below ${formatPercent(rule.dropBelow)}, back above ${formatPercent(rule.backAbove)}`
    case 'not with': {
      const other = plan.loads.find(({ id }) => id === rule.loadId)
      return other ? `never while ${other.name} runs` : 'never with a load that is gone'
    }
  }
}

/** Everything by which the carried loads give way in a plan. */
export function givesWay(plan: Plan): GivesWay[] {
  return plan.loads
    .filter((load) => load.on && load.steering)
    .flatMap((load) => {
      const { rules = [], offDaily = [] } = load.steering!
      return [
        ...rules.map((rule, i) => ({
          load,
          words: ruleWords(rule, plan),
          without: { ...load.steering, rules: rules.filter((_, k) => k !== i) },
        })),
        ...offDaily.map(({ from, to }, i) => ({
          load,
          words: `off daily ${formatWindow({ from, to }, plan.household.units.clock)}`,
          without: { ...load.steering, offDaily: offDaily.filter((_, k) => k !== i) },
        })),
      ]
    })
}
