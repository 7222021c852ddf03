import { sessionSlots } from '../load/stretches'
import { startingW } from '../load/start'
import { type Intervals, windowIntervals } from '../plan/clock'
import type { Plan } from '../plan/document'
import type { Load, Source } from '../plan/schema'
import type { Tier } from '../plan/limits'
import type { Quantity } from '../quantity/quantity'
import { keyOf } from '../quantity/random'

/** Why a load takes no part in the runs. */
export type LeftOut = 'off' | 'refused' | 'tier' | 'voltage'

/** A load ready to be run: its schedule laid out in minutes, its quantities at hand. */
export interface CompiledLoad {
  index: number
  load: Load
  /** key of its stream of chance */
  key: number
  kind: Load['behaviour']['kind']
  runningW: Quantity
  /** cycling */
  averageW: Quantity | null
  periodMin: Quantity | null
  /** scheduled: when it is on; constant: the whole horizon */
  stretches: Intervals
  /** session */
  minutesEach: Quantity | null
  slots: { fromMin: number; toMin: number }[]
  startingW: number
  /** on-and-off pairs one run has, about; exact but for cycling loads */
  expectedPairs: number
}

/** Sources used in turn, first to last, and the loads that hang on any of them. */
export interface CompiledChain {
  sources: Source[]
  sourceKeys: number[]
  loads: CompiledLoad[]
}

export interface CompiledPlan {
  horizonMin: number
  outageMin: number
  chains: CompiledChain[]
  leftOut: { loadId: string; why: LeftOut }[]
}

const TIER_ORDER: readonly Tier[] = ['hold', 'ration', 'spare']

/** A drawn cycle is never shorter than this share of its middle value, so that a run's switchings are bounded. */
export const SHORTEST_PERIOD_SHARE = 0.25
/** Each on and off time of a cycle varies evenly by up to this share. Common practice, no source. */
export const CYCLE_JITTER = 0.3

/** Minutes looked at beyond the planned outage, so that a margin shows as hours and not as "enough". */
const BEYOND_MIN = 24 * 60
const SHORTEST_HORIZON_MIN = 48 * 60

/** How far a plan is looked at: a day past the outage, two days at least, in minutes. */
export function horizonOf(durationH: number): number {
  return Math.max(SHORTEST_HORIZON_MIN, Math.ceil(durationH * 60) + BEYOND_MIN)
}

/** Whether a load takes part in a plan's runs, and if not, why. */
export function leftOutWhy(load: Load, plan: Plan): LeftOut | null {
  if (load.tier === 'refuse') return 'refused'
  if (!load.on) return 'off'
  if (TIER_ORDER.indexOf(load.tier) > TIER_ORDER.indexOf(plan.scenario.carriedTiers)) return 'tier'
  const source = plan.powerSystem.sources.find(({ id }) => id === load.sourceId)
  return source && !source.volts.includes(load.volts) ? 'voltage' : null
}

/** Lays a plan out for running. @param horizonMin how far to look; defaults to `horizonOf` */
export function compile(plan: Plan, horizonMin = horizonOf(plan.scenario.durationH)): CompiledPlan {
  const leftOut: CompiledPlan['leftOut'] = []
  const carried: CompiledLoad[] = []
  plan.loads.forEach((load) => {
    const why = leftOutWhy(load, plan)
    if (why) leftOut.push({ loadId: load.id, why })
    else carried.push(compileLoad(load, carried.length, plan.scenario.startsAt, horizonMin))
  })
  const { sources } = plan.powerSystem
  const chains = sources
    .filter(({ afterSourceId }) => afterSourceId === null)
    .map((first) => {
      const chain = [first]
      for (let next = follower(sources, first); next; next = follower(sources, next)) chain.push(next)
      const ids = new Set(chain.map(({ id }) => id))
      return {
        sources: chain,
        sourceKeys: chain.map(({ id }) => keyOf(`source ${id}`)),
        loads: carried.filter(({ load }) => ids.has(load.sourceId)),
      }
    })
  return { horizonMin, outageMin: plan.scenario.durationH * 60, chains, leftOut }
}

const follower = (sources: readonly Source[], of: Source) =>
  sources.find(({ afterSourceId }) => afterSourceId === of.id)

function compileLoad(load: Load, index: number, startsAt: string, horizonMin: number): CompiledLoad {
  const { behaviour } = load
  const compiled: CompiledLoad = {
    index,
    load,
    key: keyOf(`load ${load.id}`),
    kind: behaviour.kind,
    runningW: behaviour.runningW,
    averageW: null,
    periodMin: null,
    stretches: [],
    minutesEach: null,
    slots: [],
    startingW: startingW(load),
    expectedPairs: 1,
  }
  switch (behaviour.kind) {
    case 'constant':
      compiled.stretches = [[0, horizonMin]]
      break
    case 'scheduled':
      compiled.stretches = windowIntervals(behaviour.windows, startsAt, horizonMin)
      compiled.expectedPairs = compiled.stretches.length
      break
    case 'session':
      compiled.minutesEach = behaviour.minutesEach
      compiled.slots = sessionSlots(behaviour, startsAt, horizonMin)
      compiled.expectedPairs = compiled.slots.length
      break
    case 'cycling':
      compiled.averageW = behaviour.averageW
      compiled.periodMin = behaviour.periodMin
      compiled.expectedPairs = Math.ceil(horizonMin / behaviour.periodMin.value) + 1
      break
  }
  return compiled
}
