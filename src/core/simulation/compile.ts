import { cyclingPairs, pumpPairs } from './expectedPairs'
import { startingW } from '../load/start'
import { chargeStarts } from '../load/charging'
import { RAIN_INFLOW, inflowByHour } from '../load/pump'
import { movedSessions, pausesOf, scheduledStretches, sessionSlots, without } from '../load/stretches'
import { dcFactor } from '../load/dcFeed'
import { peakRunningW } from '../load/peak'
import type { Intervals } from '../plan/clock'
import type { Plan } from '../plan/document'
import { SURROUNDINGS, USUAL_INDOOR_C, type Surroundings, type Tier } from '../plan/limits'
import { NO_REFILL } from '../plan/noRefill'
import type { Load, Scenario, Session, Source } from '../plan/schema'
import { keyOf } from '../quantity/random'
import { surroundingsByHour } from '../weather/temperature'
import { type Chances, chancesOf } from './chances'
import { coldShareOf } from './coldShare'
import { type CompiledRefill, compileRefill } from './compileRefill'
import { driftLogSd } from './drift'
import { outOfRangeHours } from './outOfRange'
import { quantitiesOf } from './places'

/** Why a load takes no part in the runs. */
export type LeftOut = 'off' | 'refused' | 'tier' | 'voltage' | 'away'

/** A load ready to be run: its schedule laid out in minutes, its hours of weather and inflow at hand. */
export interface CompiledLoad {
  index: number
  load: Load
  /** key of its stream of chance */
  key: number
  /** scheduled: when it is on; constant: the whole horizon; pauses taken out */
  stretches: Intervals
  /** scheduled: its windows before any pause is taken out */
  windows: Intervals
  /** session */
  slots: { fromMin: number; toMin: number }[]
  /** charging: when each charge begins */
  chargesAt: number[]
  /** when it is kept off */
  pauses: Intervals
  /** cycling that follows the weather: °C by the hour; null otherwise */
  surroundC: Float64Array | null
  /** pump: inflow by the hour against the known; null otherwise */
  inflow: Float64Array | null
  /** pump that follows the rain, in rain: how it rains, and the inflow of dry weather against the known; null otherwise */
  storm: { rain: Exclude<Scenario['rain'], 'dry'>; dryFactor: number } | null
  /** K the set-point stands towards less work, against where the average was known; and how far it has yet to fall there */
  setBackK: number
  coastK: number
  /** everything known only so well, laid out for drawing */
  chances: Chances
  /** standard deviation of the logarithm of its wandering */
  driftLogSd: number
  /** the most it draws running, and at its start */
  peakW: number
  startingW: number
  /** its motor's start alone; 0 without one */
  startW: number
  /** fed with direct current, past the inverter */
  isDc: boolean
  /** W asked of the source for a watt of it: converter and lead of direct current; 1 for household current */
  dcFactor: number
  /** on-and-off pairs one run has, about; exact but for cycling loads */
  expectedPairs: number
}

/** Sources used in turn, first to last, and the loads that hang on any of them. */
export interface CompiledChain {
  sources: Source[]
  sourceKeys: number[]
  /** share of its capacity each gives at the temperature where it stands */
  coldShares: number[]
  /** hours too cold or too hot for each to give anything; null for none */
  outOfRange: (Uint8Array | null)[]
  /** what refills it; null for nothing */
  refill: CompiledRefill | null
  loads: CompiledLoad[]
  /** by source, by load: whether it gives the load's voltage. The first gives all of them */
  feeds: boolean[][]
}

export interface CompiledPlan {
  horizonMin: number
  outageMin: number
  chains: CompiledChain[]
  leftOut: { loadId: string; why: LeftOut }[]
}

const TIER_ORDER: readonly Tier[] = ['critical', 'flexible', 'optional']

/** Whether loads of a tier take part where everything as far as another is carried. */
export const isCarriedTier = (tier: Tier, carried: Tier) =>
  tier !== 'notOnBattery' && TIER_ORDER.indexOf(tier) <= TIER_ORDER.indexOf(carried)

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
  if (load.tier === 'notOnBattery') return 'refused'
  if (!load.on) return 'off'
  if (!isCarriedTier(load.tier, plan.scenario.carriedTiers)) return 'tier'
  const source = plan.powerSystem.sources.find(({ id }) => id === load.sourceId)
  if (!source) return null
  const first = sourcesInTurn(plan.powerSystem.sources, source).find(({ isAway }) => !isAway)
  if (!first) return 'away'
  return first.volts.includes(load.volts) ? null : 'voltage'
}

/** The sources used in turn of which one is a part, first to last. */
function sourcesInTurn(sources: readonly Source[], one: Source): Source[] {
  let first = one
  for (let hops = 0; first.afterSourceId !== null && hops < sources.length; hops++)
    first = sources.find(({ id }) => id === first.afterSourceId) ?? first
  const chain = [first]
  for (let next = follower(sources, first); next; next = follower(sources, next)) chain.push(next)
  return chain
}

/** Lays a plan out for running. @param horizonMin how far to look; defaults to `horizonOf` */
export function compile(plan: Plan, horizonMin = horizonOf(plan.scenario.durationH)): CompiledPlan {
  const leftOut: CompiledPlan['leftOut'] = []
  const carried: CompiledLoad[] = []
  const weather = weatherOf({ ...plan.scenario, indoorC: roomC(plan) }, hoursOf(horizonMin))
  plan.loads.forEach((load) => {
    const why = leftOutWhy(load, plan)
    if (why) leftOut.push({ loadId: load.id, why })
    else {
      const compiled = compileLoad(load, carried.length, plan.scenario, horizonMin, weather)
      const wiring = load.volts === 12 && plan.wiring?.loads?.find(({ loadId }) => loadId === load.id)
      if (wiring) compiled.dcFactor = dcFactor(load, wiring)
      carried.push(compiled)
    }
  })
  const { sources } = plan.powerSystem
  const largest = refilledSource(sources)
  const refillOf = (chain: readonly Source[], ids: ReadonlySet<string>) => {
    const hasRules = carried.some(({ load }) => ids.has(load.sourceId) && load.steering?.rules?.length)
    if (!chain.includes(largest) && !hasRules) return null
    const around = chain.map(({ where }) => weather[where ?? 'indoors'])
    const own = chain.includes(largest)
      ? plan
      : { ...plan, refill: NO_REFILL, scenario: { ...plan.scenario, charging: undefined } }
    return compileRefill(own, chain, horizonMin, weather.outdoors, around, hasRules)
  }
  const chains = sources
    .filter(({ afterSourceId }) => afterSourceId === null)
    .map((first) => {
      const all = sourcesInTurn(sources, first)
      const chain = all.filter(({ isAway }) => !isAway)
      const ids = new Set(all.map(({ id }) => id))
      return {
        sources: chain,
        sourceKeys: chain.map(({ id }) => keyOf(`source ${id}`)),
        coldShares: chain.map((source) => coldShareOf(source, weather, plan.scenario.durationH)),
        outOfRange: chain.map((source) => outOfRangeHours(source, weather)),
        refill: refillOf(chain, ids),
        loads: carried.filter(({ load }) => ids.has(load.sourceId)),
        feeds: chain.map(({ volts }) =>
          carried.filter(({ load }) => ids.has(load.sourceId)).map(({ load }) => volts.includes(load.volts)),
        ),
      }
    })
    .filter((chain) => chain.sources.length > 0)
  return { horizonMin, outageMin: plan.scenario.durationH * 60, chains, leftOut }
}

/** °C of the rooms: the thermostat of the house, lowered by as much as its heating is set back. */
function roomC({ scenario, loads }: Plan): number {
  const setBacks = loads
    .filter(({ on, behaviour }) => on && heatsHouse(behaviour))
    .map(({ steering }) => steering?.setBackK ?? 0)
  return scenario.indoorC - Math.max(0, ...setBacks)
}

/** Nobody sets heating warmer: rooms above that are warm by the summer. Common practice, no source. */
const WARMEST_SET_C = 23

/** The source that everything that refills is connected to: the largest that is here. */
export function refilledSource(sources: readonly Source[]): Source {
  const here = sources.filter(({ isAway }) => !isAway)
  return here.reduce((a, b) => (b.capacityWh.value > a.capacityWh.value ? b : a), here[0])
}

const follower = (sources: readonly Source[], of: Source) =>
  sources.find(({ afterSourceId }) => afterSourceId === of.id)

/** Whether a load keeps the house warm: what is outside decides how much it has to do. */
const heatsHouse = (behaviour: Load['behaviour']) =>
  behaviour.kind === 'cycling' &&
  behaviour.follows?.mode === 'heating' &&
  behaviour.follows.surroundings === 'outdoors'

/** Hours that cover a horizon. */
export const hoursOf = (horizonMin: number) => Math.ceil(horizonMin / 60) + 1

type Weather = Record<Surroundings, Float64Array>

export const weatherOf = (scenario: Scenario, hours: number): Weather =>
  Object.fromEntries(
    SURROUNDINGS.map((where) => [where, surroundingsByHour(scenario, where, hours)]),
  ) as Weather

/** Lays one load out. @param index its place among the carried */
export function compileLoad(
  load: Load,
  index: number,
  scenario: Scenario,
  horizonMin: number,
  weather = weatherOf(scenario, hoursOf(horizonMin)),
): CompiledLoad {
  const { behaviour, steering } = load
  const { startsAt } = scenario
  const pauses = pausesOf(steering, startsAt, horizonMin)
  const compiled: CompiledLoad = {
    index,
    load,
    key: keyOf(`load ${load.id}`),
    stretches: [],
    windows: [],
    slots: [],
    chargesAt: [],
    pauses,
    surroundC: null,
    inflow: null,
    storm: null,
    setBackK: 0,
    coastK: 0,
    chances: chancesOf(quantitiesOf(behaviour)),
    driftLogSd: driftLogSd(behaviour),
    peakW: peakRunningW(behaviour),
    startingW: startingW(load),
    startW: load.start?.watts.value ?? 0,
    isDc: load.volts === 12,
    dcFactor: 1,
    expectedPairs: 1,
  }
  switch (behaviour.kind) {
    case 'constant':
      compiled.stretches = without([[0, horizonMin]], pauses)
      compiled.expectedPairs = compiled.stretches.length
      break
    case 'scheduled':
      compiled.windows = scheduledStretches(behaviour, startsAt, horizonMin)
      compiled.stretches = without(compiled.windows, pauses)
      compiled.expectedPairs = compiled.stretches.length
      break
    case 'session': {
      compiled.slots = sessionSlots(movedSessions(behaviour, steering) as Session, startsAt, horizonMin)
      compiled.expectedPairs = compiled.slots.length
      break
    }
    case 'charging':
      compiled.chargesAt = chargeStarts(behaviour.when, startsAt, horizonMin)
      compiled.expectedPairs = 2 * compiled.chargesAt.length + 1
      break
    case 'cycling':
      compiled.coastK = steering?.setBackK ?? 0
      // heating is known for rooms of the usual temperature; it works less for colder ones
      compiled.setBackK =
        (steering?.setBackK ?? 0) +
        (heatsHouse(behaviour) ? USUAL_INDOOR_C - Math.min(scenario.indoorC, WARMEST_SET_C) : 0)
      compiled.surroundC = surroundOf(behaviour.follows, weather)
      compiled.expectedPairs = cyclingPairs(behaviour, horizonMin)
      break
    case 'pump': {
      compiled.inflow = inflowByHour(behaviour, scenario, hoursOf(horizonMin))
      if (behaviour.inflowFollows === 'rain' && scenario.rain !== 'dry')
        compiled.storm = {
          rain: scenario.rain,
          dryFactor: RAIN_INFLOW.dry / RAIN_INFLOW[behaviour.knownIn ?? 'dry'],
        }
      compiled.expectedPairs = pumpPairs(behaviour, Math.max(...compiled.inflow), horizonMin)
      break
    }
  }
  return compiled
}

type Follows = Extract<Load['behaviour'], { kind: 'cycling' }>['follows']

function surroundOf(follows: Follows, weather: Weather): Float64Array | null {
  if (!follows) return null
  const { surroundings } = follows
  return typeof surroundings === 'string'
    ? weather[surroundings]
    : new Float64Array(weather.indoors.length).fill(surroundings.aboutC.value)
}
