import { middlePath } from '../conversion/loss'
import type { Plan } from '../plan/document'
import type { Source } from '../plan/power'
import { hoursOf, weatherOf } from '../simulation/compile'
import type { ChainResult, SimulationResult } from '../simulation/result'

/** Why a source gives no more. */
export type EndWhy = 'empty' | 'cut-off' | 'sleep' | 'cold' | 'heat' | 'uncharged'

/** What ends a plan's supply first. */
export interface PlanEnd {
  why: EndWhy
  source: string
  /** names of other sources that feed their loads longer; none where it is the only one */
  goesOn: string[]
}

/** Later than this others are told of: less is the same end. */
const LATER_MIN = 10
/** A supply that lasts less never began, minutes. */
export const LEAST_RUNTIME_MIN = 1

/** What ends the supply first, most likely; null where nothing does within what is looked at. */
export function endOf(plan: Plan, { chains, loads }: SimulationResult): PlanEnd | null {
  const feeding = chains.filter(({ sources }) => loads.some((load) => feeds(plan, sources, load.loadId)))
  if (feeding.length === 0) return null
  const first = feeding.reduce((a, b) => (b.runtimeMin.p50 < a.runtimeMin.p50 ? b : a))
  const atMin = first.runtimeMin.p50
  if (!Number.isFinite(atMin)) return null
  const ended = first.sources.find(({ emptyMin }) => emptyMin.p50 === atMin) ?? first.sources.at(-1)!
  const sourceOf = (id: string) => plan.powerSystem.sources.find((one) => one.id === id)!
  const source = sourceOf(ended.sourceId)
  return {
    why: whyOf(plan, source, ended.cause, atMin),
    source: source.name,
    goesOn: feeding
      .filter((one) => one.runtimeMin.p50 > atMin + LATER_MIN)
      .flatMap(({ sources }) => sources.map(({ sourceId }) => sourceOf(sourceId).name)),
  }
}

const feeds = (plan: Plan, sources: ChainResult['sources'], loadId: string) => {
  const load = plan.loads.find(({ id }) => id === loadId)
  return sources.some(({ sourceId }) => sourceId === load?.sourceId)
}

function whyOf(
  plan: Plan,
  source: Source,
  cause: ChainResult['sources'][number]['cause'],
  atMin: number,
): EndWhy {
  if (cause === 'sleep' || cause === 'cut-off') return cause
  if (cause === 'temperature') {
    const around = weatherOf(plan.scenario, hoursOf(atMin))[source.where ?? 'indoors']
    const { dischargeC } = source.outfit!
    return around[Math.floor(atMin / 60)] > dischargeC.highC ? 'heat' : 'cold'
  }
  const { floorWh, capacityWh } = middlePath(source)
  const isUncharged = source.chargedFraction * capacityWh <= floorWh
  return isUncharged && atMin < LEAST_RUNTIME_MIN ? 'uncharged' : 'empty'
}
