import type { Plan } from '../../plan/document'
import { NO_REFILL } from '../../plan/noRefill'
import type { Load, Source } from '../../plan/schema'
import { type Told, told } from '../../quantity/told'
import { percentileInPlace } from '../../quantity/percentile'
import { leftOutWhy } from '../../simulation/compile'
import { DEFAULT_SEED } from '../../simulation/simulate'
import { restrung } from '../../refill/restrung'
import { recordLowOf } from '../../weather/recordCold'
import { connectionCauses } from '../refillCauses'
import { carryStrains, startStrains } from '../strains'
import { type SearchCandidate, type SearchConstraints, type SearchStock, outBeforehand } from './candidates'
import { type RealisedDemand, realiseDemand } from './realisedDemand'
import { refilledRuntimesOn } from './refilledRuntimes'
import { runtimesOn } from './runtimes'

export const SEARCH_RUNS = 200
/** Watts short by no more than this share leave a candidate worth running, to tell how near it comes. */
const NEARLY = 0.15

/** How a candidate came out. */
export interface Judged {
  candidate: SearchCandidate
  /** whether it carries and starts everything */
  carries: boolean
  /** runtime reached with the confidence asked for, worst scenario, minutes; the horizon at most */
  runtimeMin: number
  /** whether it outlasted the horizon */
  isBeyond: boolean
  /** by scenario, in the order asked */
  byScenario: { scenarioId: string; runtimeMin: number; neededMin: number }[]
  /** the first reason it does not hold; null when it does */
  why: Told | null
  /** how far the reason is from none: for telling near misses, 0…1 and more */
  missedBy: number
}

/** A search at work: demand realised once for each scenario, candidates judged one by one. */
export class Search {
  private readonly demands: RealisedDemand[]
  private readonly plans: readonly Plan[]

  /**
   * @param plans one for each scenario; all their carried loads are put on one source
   * @param hours to hold; null: as long as each outage
   * @param controllers what joins panels to banks, where the refill counts
   */
  constructor(
    plans: readonly Plan[],
    private readonly want: SearchConstraints,
    private readonly confidence: number,
    private readonly hours: number | null,
    runs = SEARCH_RUNS,
    seed = DEFAULT_SEED,
    private readonly controllers: NonNullable<SearchStock['controllers']> = [],
  ) {
    this.plans = plans.map((plan) => onOneSource(plan, want.countsRefill))
    this.demands = this.plans.map((plan) => realiseDemand(plan, runs, seed))
  }

  judge(candidate: SearchCandidate): Judged {
    const judged: Judged = {
      candidate,
      carries: false,
      runtimeMin: 0,
      isBeyond: false,
      byScenario: [],
      why: null,
      missedBy: 1,
    }
    const out = outBeforehand(candidate, this.want)
    if (out) return { ...judged, ...out }
    let refusal: ReturnType<Search['refusal']> = null
    const unfilled = this.want.countsRefill ? this.unfilled(candidate) : null
    if (unfilled) return { ...judged, why: unfilled }
    for (const plan of this.plans) {
      refusal ??= this.refusal(plan, candidate)
      if (refusal && refusal.missedBy > NEARLY) return { ...judged, ...refusal }
    }
    let worst = Infinity
    for (const demand of this.demands) {
      const { plan, horizonMin, runs } = demand
      const ends = this.want.countsRefill
        ? refilledRuntimesOn(demand, candidate.source, this.controllers)
        : runtimesOn(demand, candidate.source)
      const reached = percentileInPlace(ends, runs, 1 - this.confidence)
      const neededMin = (this.hours ?? plan.scenario.durationH) * 60
      judged.byScenario.push({
        scenarioId: plan.scenario.id,
        runtimeMin: Math.min(reached, horizonMin),
        neededMin,
      })
      worst = Math.min(worst, reached)
      if (reached < neededMin && (judged.why === null || 1 - reached / neededMin > judged.missedBy)) {
        // with what refills it the hours without are fewer than those after its first end, and not counted here
        const scenario = this.plans.length > 1 ? plan.scenario.name : null
        judged.why = this.want.countsRefill
          ? told('search.runsOut', { afterLongMin: reached, scenario })
          : told('search.short', { shortLongMin: neededMin - reached, scenario })
        judged.missedBy = 1 - reached / neededMin
      }
    }
    judged.isBeyond = worst === Infinity
    judged.runtimeMin = Math.min(worst, ...this.demands.map(({ horizonMin }) => horizonMin))
    judged.carries = refusal === null
    const missedHours = judged.why === null ? 0 : judged.missedBy
    judged.missedBy = missedHours + (refusal?.missedBy ?? 0)
    if (refusal)
      judged.why =
        judged.why === null ? refusal.why : told('search.both', { first: refusal.why, second: judged.why })
    return judged
  }

  /** Why what is planned to refill does not reach it; null where all of it does. */
  private unfilled({ source }: SearchCandidate): Told | null {
    for (const plan of this.plans) {
      const recordLow = recordLowOf(plan.refill, plan.scenario)
      const panels = plan.refill.panels.filter(({ on }) => on)
      const joined = panels.flatMap((array) => restrung(array, source, recordLow, this.controllers) ?? [])
      if (joined.length < panels.length)
        return source.bank || source.outfit?.input.solar
          ? told('search.panelsDoNotSuit')
          : told('search.noPanelInput')
      const [cause] = connectionCauses(
        { ...plan, refill: { ...plan.refill, panels: joined } },
        source,
      ).filter(({ isNothing }) => isNothing)
      if (cause) return told('search.unfilled', { cause: cause.why })
    }
    return null
  }

  /** Whether it carries and starts everything, whatever its watt-hours. */
  private refusal(plan: Plan, { source }: SearchCandidate): Pick<Judged, 'why' | 'missedBy'> | null {
    const loads = carriedLoads(plan)
    const wrong = loads.find(({ volts }) => !source.volts.includes(volts))
    if (wrong)
      return { why: told('search.wrongVolts', { name: wrong.name, volts: wrong.volts }), missedBy: 1 }
    const [carry] = carryStrains(source, loads, plan)
    if (carry.neededW > carry.limitW)
      return {
        why: told('search.carries', {
          limit: carry.limitW,
          needed: carry.neededW,
          unit: carry.unit,
          part: carry.part.replaceAll(' ', '') || null,
        }),
        missedBy: carry.neededW / Math.max(1, carry.limitW) - 1,
      }
    const [start] = startStrains(source, loads, plan)
    if (start.neededW > start.limitW)
      return {
        why: told('search.starts', {
          limitW: start.limitW,
          neededW: start.neededW,
          name: start.binding?.name ?? null,
        }),
        missedBy: start.neededW / Math.max(1, start.limitW) - 1,
      }
    return null
  }
}

const carriedLoads = (plan: Plan): Load[] => plan.loads.filter((load) => leftOutWhy(load, plan) === null)

/**
 * A plan with every load on one source that gives every voltage: what is to be found for it.
 *
 * @param countsRefill with what refills it; sized for one charge unless so
 */
export function onOneSource(plan: Plan, countsRefill = false): Plan {
  const [first] = plan.powerSystem.sources
  const any = { ...first, id: 'main', volts: [12, 120, 230, 240] as Source['volts'], afterSourceId: null }
  return {
    ...plan,
    loads: plan.loads.map((load) => ({ ...load, sourceId: 'main' })),
    powerSystem: { ...plan.powerSystem, sources: [{ ...any, isAway: false }] },
    ...(countsRefill ? {} : { refill: NO_REFILL, scenario: { ...plan.scenario, charging: undefined } }),
  }
}

export const GOALS = ['cheapest', 'lightest', 'fewest parts'] as const
export type Goal = (typeof GOALS)[number]

const COST: Record<Goal, (judged: Judged) => number> = {
  cheapest: ({ candidate }) => candidate.price ?? Infinity,
  lightest: ({ candidate }) => candidate.totalKg ?? Infinity,
  'fewest parts': ({ candidate }) => candidate.pieces,
}

/** Those that hold, the best for the goal first; among equals the cheaper, then the longer-lasting. */
export function ranked(all: readonly Judged[], goal: Goal): Judged[] {
  return all
    .filter(({ why }) => why === null)
    .sort(
      (a, b) =>
        COST[goal](a) - COST[goal](b) || COST.cheapest(a) - COST.cheapest(b) || b.runtimeMin - a.runtimeMin,
    )
}

/** Those that no other beats in price and hours at once, cheapest first; those that carry nothing left out. */
export function frontOf(all: readonly Judged[]): Judged[] {
  const run = all.filter(({ candidate, carries }) => candidate.price !== null && carries)
  const byPrice = [...run].sort(
    (a, b) => a.candidate.price! - b.candidate.price! || b.runtimeMin - a.runtimeMin,
  )
  const front: Judged[] = []
  let longest = 0
  for (const judged of byPrice) {
    if (judged.runtimeMin <= longest) continue
    front.push(judged)
    longest = judged.runtimeMin
  }
  return front
}

/** Those that fail by least, nearest first: what would have to give. */
export function nearMisses(all: readonly Judged[], count: number): Judged[] {
  return all
    .filter(({ why }) => why !== null)
    .sort(
      (a, b) => a.missedBy - b.missedBy || (a.candidate.price ?? Infinity) - (b.candidate.price ?? Infinity),
    )
    .slice(0, count)
}
