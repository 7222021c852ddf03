import { LIMITS } from '@/core/plan/limits'
import type { WorseChange } from '@/core/sizing/worseCases'
import {
  type Edit,
  addLoad,
  addPowerSystem,
  addScenario,
  changeLoad,
  freshId,
  freshName,
} from '@/ui/household/edits'
import { keepWorse as keepWorseWords } from '@/words/en/pages/runtime'
import { wordsOf } from '@/words/translate'

const say = wordsOf(keepWorseWords)

/** Names end early enough for a number behind them. */
const NAME_LENGTH = LIMITS.nameLength - 3

/**
 * Keeps a worse case: another outage, another option, or loads as they then are.
 *
 * @param words what it is, such as "10 °C colder"
 * @param change of the household's selected plan as it stands
 */
export const keepWorse =
  (words: string, change: WorseChange): Edit =>
  (household) => {
    const { scenarios, powerSystems, loads, chosen } = household
    if ('scenario' in change) {
      const wanted = `${change.scenario.name}, ${words[0].toLowerCase()}${words.slice(1)}`
      const name = freshName(wanted.slice(0, NAME_LENGTH), scenarios)
      const scenario = { ...change.scenario, id: freshId(name, scenarios), name }
      return addScenario(scenario, chosen.scenarioId)(household)
    }
    if ('sources' in change) {
      const system = powerSystems.find(({ id }) => id === chosen.powerSystemId)!
      const name = freshName(say('aged', { system: system.name }).slice(0, NAME_LENGTH), powerSystems)
      const id = freshId(name, powerSystems)
      return addPowerSystem({ ...system, id, name, sources: change.sources })(household)
    }
    const known = new Map(loads.map((load) => [load.id, load]))
    return change.loads.reduce((next, { sourceId, on, tier, steering, ...load }) => {
      void [sourceId, steering]
      const before = known.get(load.id)
      if (!before) {
        const name = freshName(say('somethingForgotten'), next.loads)
        return addLoad({ ...load, name, standings: { [chosen.scenarioId]: { on, tier } } })(next)
      }
      return before.behaviour === load.behaviour
        ? next
        : changeLoad(load.id, { behaviour: load.behaviour })(next)
    }, household)
  }
