import { servesFor } from '@/core/load/servesFor'
import type { Plan } from '@/core/plan/document'
import { leftOutWhy } from '@/core/simulation/compile'
import { listed } from './listed'

/** What is on the battery, and what to write down while it is. */
export function watchWords(plan: Plan, sourceId: string): string {
  const carried = plan.loads.filter((load) => leftOutWhy(load, plan) === null)
  const source = plan.powerSystem.sources.find(({ id }) => id === sourceId)
  const chain = sourcesBefore(plan, sourceId)
  const own = carried.filter((load) => chain.has(load.sourceId)).map(({ name }) => name)
  const cold = carried.filter((load) => ['cold food', 'frozen food'].includes(servesFor(load)))
  const watched = [
    'the charge about every half hour, more often near the end',
    'the watts when something large starts or stops',
    ...(source?.bank ? ['the volts under load'] : []),
    ...(cold.length > 0 ? ['the temperature in the cold now and then'] : []),
  ]
  const on = own.length > 0 ? `On it: ${listed(own)}. ` : 'Nothing of the plan is on it. '
  return `${on}Write down ${listed(watched)}.`
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
