import { formatWindow } from '@/words/clock'
import type { Plan } from '@/core/plan/document'
import { formatPercent, formatWatts } from '@/words/format'
import type { GivesWay } from '@/core/sizing/givesWay'
import { rules } from '../en/rules'
import { wordsOf } from '../translate'

const say = wordsOf(rules)

/** What a load gives way to. @example "dropped below 40 %, back above 60 %" */
export function ruleWords(rule: GivesWay['by'], plan: Plan): string {
  switch (rule.kind) {
    case 'off daily':
      return say('offDaily', { window: formatWindow(rule.window, plan.household.units.clock) })
    case 'with supply':
      return say('withSupply', { aboveW: formatWatts(rule.aboveW) })
    case 'by charge':
      return say('byCharge', { below: formatPercent(rule.dropBelow), above: formatPercent(rule.backAbove) })
    case 'not with': {
      const other = plan.loads.find(({ id }) => id === rule.loadId)
      return other ? say('notWith', { name: other.name }) : say('notWithGone')
    }
  }
}
