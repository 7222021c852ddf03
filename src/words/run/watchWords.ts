import { servesFor } from '@/core/load/servesFor'
import type { Plan } from '@/core/plan/document'
import { leftOutWhy } from '@/core/simulation/compile'
import { listed } from '../listed'
import { watchWords as watchWordsWords } from '../en/runs'
import { wordsOf } from '../translate'

const say = wordsOf(watchWordsWords)

/** What is on the battery, and what to write down while it is. */
export function watchWords(plan: Plan, sourceId: string): string {
  const carried = plan.loads.filter((load) => leftOutWhy(load, plan) === null)
  const source = plan.powerSystem.sources.find(({ id }) => id === sourceId)
  const chain = sourcesBefore(plan, sourceId)
  const own = carried.filter((load) => chain.has(load.sourceId)).map(({ name }) => name)
  const cold = carried.filter((load) => [say('coldFood'), say('frozenFood')].includes(servesFor(load)))
  const watched = [
    say('theChargeAboutEveryHalfHour'),
    say('theWattsWhenSomethingLargeStarts'),
    ...(source?.bank ? [say('theVoltsUnderLoad')] : []),
    ...(cold.length > 0 ? [say('theTemperatureInTheColdNow')] : []),
  ]
  const on = own.length > 0 ? say('onIt', { own: listed(own) }) : say('nothingOfThePlanIsOn')
  return say('writeDown', { on, watched: listed(watched) })
}

/** A source and those whose loads it takes over when they are empty. */
function sourcesBefore({ powerSystem: { sources } }: Plan, sourceId: string): Set<string> {
  const found = new Set([sourceId])
  for (let id: string | null | undefined = sourceId; id;) {
    id = sources.find((source) => source.id === id)?.afterSourceId
    if (!id || found.has(id)) break
    found.add(id)
  }
  return found
}
