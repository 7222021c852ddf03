import { percentilesInPlace } from '../quantity/percentile'
import type { OverloadResult, Percentiles, PlanEvent } from './result'
import type { ChainRuns } from './chainRuns'
import type { EndCause } from './sweepDetailed'

/** The 10, 50 and 90 % percentiles of a sample, which is left as it is. */
export function percentilesOf(sample: Float64Array): Percentiles {
  const [p10, p50, p90] = percentilesInPlace(sample.slice(), sample.length, [0.1, 0.5, 0.9])
  return { p10, p50, p90 }
}

/** How often each limit of a chain is passed, and by which load, the most frequent first. */
export function overloadsOf({ chain, overloads }: ChainRuns): OverloadResult[] {
  const found = new Map<string, { limit: 'continuous' | 'surge'; loadId: string; minutes: number[] }>()
  for (const overload of overloads) {
    if (!overload) continue
    const loadId = chain.loads[overload.slot].load.id
    const key = `${overload.limit} ${loadId}`
    const entry = found.get(key) ?? { limit: overload.limit, loadId, minutes: [] }
    entry.minutes.push(overload.minute)
    found.set(key, entry)
  }
  return [...found.values()]
    .map(({ limit, loadId, minutes }) => ({
      limit,
      loadId,
      fraction: minutes.length / overloads.length,
      medianMin: percentilesOf(Float64Array.from(minutes)).p50,
    }))
    .sort((a, b) => b.fraction - a.fraction)
}

/** What happens when: sources running empty, the next in turn taking over, limits passed. */
export function eventsOf(chains: readonly ChainRuns[], runs: number): PlanEvent[] {
  const events: PlanEvent[] = []
  for (const chainRuns of chains) {
    const { chain, emptyMin, causes } = chainRuns
    chain.sources.forEach((source, s) => {
      const finite = emptyMin[s].filter((minute) => minute < Infinity)
      if (finite.length === 0) return
      const happens = { fraction: finite.length / runs, atMin: percentilesOf(emptyMin[s]) }
      const next = chain.sources[s + 1]
      events.push({
        kind: 'empty',
        sourceId: source.id,
        loadId: null,
        limit: null,
        cause: mostOf(causes[s])!,
        ...happens,
      })
      if (next) events.push({ kind: 'takes-over', sourceId: next.id, loadId: null, limit: null, ...happens })
    })
    for (const { limit, loadId, fraction } of overloadsOf(chainRuns)) {
      const minutes = chainRuns.overloads.flatMap((overload) =>
        overload && overload.limit === limit && chain.loads[overload.slot].load.id === loadId
          ? [overload.minute]
          : [],
      )
      const atMin = percentilesOf(Float64Array.from(minutes))
      const { sourceId } = chain.loads.find(({ load }) => load.id === loadId)!.load
      events.push({ kind: 'overload', sourceId, loadId, limit, fraction, atMin })
    }
  }
  return [...events, ...chains.flatMap(defrostEvents)].sort((a, b) => a.atMin.p50 - b.atMin.p50)
}

/** The most frequent of the causes; null where none occurred. */
export function mostOf(causes: Record<EndCause, number>): EndCause | null {
  const most = (Object.keys(causes) as EndCause[]).reduce((a, b) => (causes[b] > causes[a] ? b : a))
  return causes[most] > 0 ? most : null
}

/** When loads first defrost before their battery ends, and how often a defrost is what ends it. */
function defrostEvents({ chain, defrosts, emptyMin }: ChainRuns): PlanEvent[] {
  const end = emptyMin[emptyMin.length - 1]
  return defrosts.flatMap(({ slot, runs }) => {
    const { load } = chain.loads[slot]
    const one = (kind: PlanEvent['kind'], minutes: number[]): PlanEvent[] =>
      minutes.length === 0
        ? []
        : [
            {
              kind,
              sourceId: load.sourceId,
              loadId: load.id,
              limit: null,
              fraction: minutes.length / runs.length,
              atMin: percentilesOf(Float64Array.from(minutes)),
            },
          ]
    return [
      ...one(
        'defrost',
        runs.flatMap(({ firstMin }, run) => (firstMin < end[run] && firstMin < Infinity ? [firstMin] : [])),
      ),
      ...one(
        'ends-in-defrost',
        runs.flatMap(({ endsIt }, run) => (endsIt ? [end[run]] : [])),
      ),
    ]
  })
}
