import { isWithin, windowIntervals } from '../plan/clock'
import type { Plan } from '../plan/document'
import { NO_CHARGING } from '../plan/noRefill'
import { isCarriedTier } from '../simulation/compile'
import type { Humps } from '../simulation/humps'
import type { Percentiles, SimulationResult } from '../simulation/result'
import { type Break, breaksOf } from './breaks'
import { type Gates, type LastsGate, refillsGate } from './gates'
import type { Told } from '../quantity/told'
import type { RiskClock } from '../risk/riskClock'
import { type PlanEnd, endOf } from './endOf'
import { type LastPlanned, coldGuessC, lastPlanned, refillCauses } from './refillCauses'

/** What can refill a plan. */
export type Refiller = 'sun' | 'generator' | 'car' | 'grid'
/** What it hangs on that a plan goes on. */
export type HangsOn = 'weather' | 'fuel' | 'grid'

/** How long it lasts and whether that is enough. */
export interface Outcome {
  /** the most likely run lasts the outage */
  isReached: boolean
  /** what ends it first; null where nothing does within what is looked at */
  end: PlanEnd | null
  /** runtimes in two groups far apart; null where one range says it */
  humps: Humps | null
  runtimeMin: Percentiles
  horizonMin: number
  outageMin: number
  reachesFraction: number
  /** the same less the runs in which too much runs at once on the way, and what most often does */
  undisturbedFraction: number
  overload: { loadName: string; limit: 'continuous' | 'surge' } | null
  /** with the confidence asked for */
  lasts: LastsGate
  /** the supply comes back after it ran out */
  comesBack: boolean
  /** what people do at the hour it runs out */
  occasion: 'away' | 'asleep' | null
}

/** What the refill is worth. */
export interface RefillFacts {
  by: Refiller[]
  verdict: 'not in time' | 'ends with the plan' | 'goes on' | 'part'
  /** h a day that are brought back, with the confidence asked for */
  hoursADay: number
  last: LastPlanned | null
  hangsOn: HangsOn[]
  /** why it brings less, in words of its own; null where nothing stands in its way */
  cause: Told | null
  /** °C nobody said it would stay above, on which the panels' part rests; null where it rests on nothing */
  guessC: number | null
}

/** Everything the sentence says, before any word of it. */
export interface AnswerFacts {
  /** what keeps the plan from doing what its hours say, the gravest first */
  breaks: Break[]
  scenario: string
  powerSystem: string
  tiers: Plan['scenario']['carriedTiers']
  confidence: number
  /** why nothing is carried; null where something is */
  carriesNothing: 'not fed' | 'none on' | 'none listed' | null
  outcome: Outcome
  refill: RefillFacts | null
}

/** What is to be told of a plan: what breaks it, how long it lasts, what comes back. */
export function answerOf(
  plan: Plan,
  result: SimulationResult,
  { carries, starts, lasts }: Gates,
  clocks: readonly RiskClock[],
): AnswerFacts {
  const { scenario, powerSystem } = plan
  const breaks = breaksOf(plan, result, { carries, starts }, clocks)
  const isUnfed = breaks.some(({ kind }) => kind === 'voltage' || kind === 'away')
  const { runtimeMin, horizonMin, outageMin, reachesFraction, undisturbedFraction } = result
  const isListed = plan.loads.some(({ tier }) => isCarriedTier(tier, scenario.carriedTiers))
  return {
    breaks,
    scenario: scenario.name,
    powerSystem: powerSystem.name,
    tiers: scenario.carriedTiers,
    confidence: scenario.confidence,
    carriesNothing:
      result.loads.length > 0 ? null : isUnfed ? 'not fed' : isListed ? 'none on' : 'none listed',
    outcome: {
      isReached: runtimeMin.p50 >= outageMin,
      end: endOf(plan, result),
      humps: result.humps,
      runtimeMin,
      horizonMin,
      outageMin,
      reachesFraction,
      undisturbedFraction,
      overload: overloadOf(plan, result),
      lasts,
      comesBack: lasts.shortMin < lasts.outageMin - lasts.runtimeMin - 1,
      occasion: occasionOf(plan, runtimeMin.p50),
    },
    refill: result.loads.length > 0 ? refillOf(plan, result) : null,
  }
}

/** What the refill is worth; null where none is planned. */
function refillOf(plan: Plan, result: SimulationResult): RefillFacts | null {
  const { confidence } = plan.scenario
  const { coverage, verdict, refill } = refillsGate(result, confidence)
  const by = refillersOf(plan)
  const causes = refillCauses(plan)
  if (by.length === 0 || (!refill && causes.length === 0)) return null
  // another source that ends is none of the refill's doing
  const refilled = result.chains.find((chain) => chain.refill !== null) ?? result
  return {
    by,
    verdict:
      verdict !== 'holds'
        ? 'part'
        : refilled.reachesFraction < confidence
          ? 'not in time'
          : refilled.runtimeMin.p50 < Infinity
            ? 'ends with the plan'
            : 'goes on',
    hoursADay: coverage * 24,
    last: lastPlanned(plan),
    hangsOn: hangsOn(plan),
    cause: causes[0]?.why ?? null,
    guessC: coldGuessC(plan),
  }
}

/** What it hangs on that a plan goes on. */
export function hangsOn(plan: Plan): HangsOn[] {
  const by = refillersOf(plan)
  const burns = by.includes('generator') || (by.includes('car') && (plan.refill.car?.idleLPerH ?? 0) > 0)
  return [
    ...(by.includes('sun') ? (['weather'] as const) : []),
    ...(burns ? (['fuel'] as const) : []),
    ...(by.includes('grid') ? (['grid'] as const) : []),
  ]
}

/** What refills in this scenario. */
function refillersOf({ refill, scenario }: Plan): Refiller[] {
  const { generator, car, grid } = scenario.charging ?? NO_CHARGING
  return [
    ...(refill.panels.some(({ on }) => on) ? (['sun'] as const) : []),
    ...(refill.generator?.on && generator.length ? (['generator'] as const) : []),
    ...(refill.car?.on && car.length ? (['car'] as const) : []),
    ...(grid.length ? (['grid'] as const) : []),
  ]
}

/** The load that most often takes a source past a limit before its end; null where none does. */
function overloadOf(plan: Plan, { chains }: SimulationResult): Outcome['overload'] {
  const found = chains.flatMap(({ overloads }) => overloads).sort((a, b) => b.fraction - a.fraction)[0]
  const load = found && plan.loads.find(({ id }) => id === found.loadId)
  return load ? { loadName: load.name, limit: found.limit } : null
}

function occasionOf({ scenario }: Plan, minute: number): Outcome['occasion'] {
  if (!Number.isFinite(minute)) return null
  const within = (windows: typeof scenario.away) =>
    isWithin(windowIntervals(windows, scenario.startsAt, Math.ceil(minute) + 1), minute)
  return within(scenario.away) ? 'away' : within(scenario.asleep) ? 'asleep' : null
}
