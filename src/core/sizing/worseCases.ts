import { servesFor } from '../load/servesFor'
import { type BoundPath, boundOf } from '../plan/bounds'
import type { Plan } from '../plan/document'
import { LIMITS } from '../plan/limits'
import type { Behaviour, Load, Scenario } from '../plan/schema'
import type { Source } from '../plan/power'
import { percentileInPlace } from '../quantity/percentile'
import { quantity } from '../quantity/quantity'
import { leftOutWhy } from '../simulation/compile'
import { DEFAULT_SEED } from '../simulation/simulate'
import { tooBusy } from '../simulation/switchingBudget'
import { Variants } from '../simulation/variants'
import { sourceOfBank } from '../storage/bank'

/** What may come worse than planned for. */
export const WORSE_KINDS = [
  'pump',
  'colder',
  'hotter',
  'old battery',
  'doors',
  'longer',
  'dull',
  'forgotten',
] as const
export type WorseKind = (typeof WORSE_KINDS)[number]

/** By how much: the figures the words say. */
export const WORSE = {
  pumpTimes: 2,
  byK: 10,
  /** capacity lost to age. Common practice, no source: the usual end of a battery's warranted life */
  agedFraction: 0.2,
  doorTimes: 2,
  longerH: 24,
  /** a thing of everyday use that nobody listed, W all day. Common practice, no source */
  forgottenW: 60,
} as const

/** A worse case of a plan, in the part of the plan that differs. */
export type WorseChange = { scenario: Scenario } | { sources: Source[] } | { loads: Load[] }

export interface WorseCase {
  kind: WorseKind
  change: WorseChange
}

/** A worse case worked out. */
export interface WorseOutcome {
  kind: WorseKind
  /** which part of the plan differs */
  part: 'scenario' | 'sources' | 'loads'
  /** hours the runtime is shorter than in the plan as it is, at the same share of runs; not below 0 */
  lostH: number
  /** the runtime ends past what is looked at: it loses nothing that could be seen */
  isPastHorizon: boolean
  /** minutes it then lasts at the confidence asked for; the horizon at most */
  lastsMin: number
  /** whether that is the whole outage */
  holds: boolean
}

/** The worse cases that touch a plan: none that changes nothing in it, none past what a plan may hold or can be computed. */
export function findWorseCases(plan: Plan): WorseCase[] {
  const { scenario, powerSystem, loads, refill } = plan
  const carried = loads.filter((load) => leftOutWhy(load, plan) === null)
  if (carried.length === 0) return []
  const cases: WorseCase[] = []
  const put = (kind: WorseKind, change: WorseChange) => {
    if (!tooBusy(withWorse(plan, change))) cases.push({ kind, change })
  }
  const withLoads = (kind: WorseKind, change: (behaviour: Behaviour, load: Load) => Behaviour) => {
    const changed = loads.map((load) => {
      if (!carried.includes(load)) return load
      const behaviour = change(load.behaviour, load)
      return behaviour === load.behaviour ? load : { ...load, behaviour }
    })
    if (changed.some((load, i) => load !== loads[i])) put(kind, { loads: changed })
  }
  const withScenario = (kind: WorseKind, part: Partial<Scenario>) =>
    put(kind, { scenario: { ...scenario, ...part } })
  withLoads('pump', busierPump)
  const follow = (mode: 'heating' | 'cooling') =>
    carried.some(
      ({ behaviour }) =>
        behaviour.kind === 'cycling' &&
        behaviour.follows?.mode === mode &&
        (mode === 'heating' || behaviour.follows.surroundings !== 'indoors'),
    )
  if (scenario.sky?.kind !== 'measured') {
    if (follow('heating')) withScenario('colder', shifted(scenario, -WORSE.byK))
    if (follow('cooling')) withScenario('hotter', shifted(scenario, WORSE.byK))
  }
  const sources = powerSystem.sources.map((source) => (source.isAway ? source : agedSource(source)))
  put('old battery', { sources })
  withLoads('doors', openedMore)
  const durationH = scenario.durationH + WORSE.longerH
  if (durationH <= boundOf('scenario.durationH').high) withScenario('longer', { durationH })
  if (refill.panels.length > 0 && !isDull(scenario))
    withScenario('dull', { sky: { kind: 'days', days: ['overcast'] } })
  if (loads.length < LIMITS.loads) put('forgotten', { loads: [...loads, forgotten(plan)] })
  return cases
}

/** The plan with a worse case in it; the plan handed in stays as it is. */
export const withWorse = (plan: Plan, change: WorseChange): Plan =>
  'sources' in change
    ? { ...plan, powerSystem: { ...plan.powerSystem, sources: change.sources } }
    : { ...plan, ...change }

/** Runs after which there is a first word, and between two later ones. */
const RUNS_A_TIME = 60

/**
 * What each worse case costs, over the same draws as the plan as it is; told again and again as more runs are made, in the order
 * of what is lost. Runtimes are compared at the most likely run, or, where that outlasts what is looked at, at the confidence asked
 * for, as the levers are.
 */
export function* worseOutcomes(plan: Plan, seed = DEFAULT_SEED, most = Infinity): Generator<WorseOutcome[]> {
  const cases = findWorseCases(plan)
  const { confidence, durationH } = plan.scenario
  // a longer outage looks farther ahead: it is run beside the rest
  const alike = cases.filter(({ kind }) => kind !== 'longer')
  const variants = new Variants([plan, ...alike.map(({ change }) => withWorse(plan, change))], seed)
  const longer = cases.find(({ kind }) => kind === 'longer')
  const farther = longer && new Variants([withWorse(plan, longer.change)], seed)
  const runs = Math.min(most, variants.runs[0])
  for (let made = 0; made < runs;) {
    const until = Math.min(runs, made + RUNS_A_TIME)
    variants.make(made, until)
    farther?.make(made, Math.min(until, farther.runs[0]))
    made = until
    const [base, ...changed] = variants.ends.map((ends) => ends.subarray(0, Math.min(made, ends.length)))
    const horizonMin = variants.horizonMin
    const at = (ends: Float64Array, share: number) => percentileInPlace(ends.slice(), ends.length, share)
    const share = at(base, 0.5) >= horizonMin ? 1 - confidence : 0.5
    const outcomes = alike.map((one, i): WorseOutcome => {
      const after = at(changed[i], share)
      return {
        ...outcomeOf(one),
        lostH: Math.max(0, at(base, share) - after) / 60,
        isPastHorizon: after >= horizonMin,
        ...lasting(at(changed[i], 1 - confidence), durationH),
      }
    })
    if (longer && farther) {
      const ends = farther.ends[0].subarray(0, Math.min(made, farther.ends[0].length))
      outcomes.push({
        ...outcomeOf(longer),
        lostH: 0,
        isPastHorizon: false,
        ...lasting(at(ends, 1 - confidence), durationH + WORSE.longerH),
      })
    }
    yield outcomes.sort((a, b) => b.lostH - a.lostH || a.lastsMin - b.lastsMin)
  }
}

const outcomeOf = ({ kind, change }: WorseCase) => ({
  kind,
  part:
    'scenario' in change
      ? ('scenario' as const)
      : 'sources' in change
        ? ('sources' as const)
        : ('loads' as const),
})

const lasting = (lastsMin: number, durationH: number) => ({
  lastsMin,
  holds: lastsMin >= durationH * 60,
})

function busierPump(behaviour: Behaviour): Behaviour {
  if (behaviour.kind !== 'pump') return behaviour
  const { cycle } = behaviour
  if (cycle.by === 'volume') {
    const inflowLH = {
      ...cycle.inflowLH,
      value: within('load.pumpInflowLH', cycle.inflowLH.value * WORSE.pumpTimes),
    }
    return { ...behaviour, cycle: { ...cycle, inflowLH } }
  }
  // it cannot start again before it has stopped
  const everyMin = within(
    'load.pumpEveryMin',
    Math.max(cycle.onMin.value, cycle.everyMin.value / WORSE.pumpTimes),
  )
  return { ...behaviour, cycle: { ...cycle, everyMin: { ...cycle.everyMin, value: everyMin } } }
}

function openedMore(behaviour: Behaviour, load: Load): Behaviour {
  if (behaviour.kind !== 'cycling' || behaviour.follows?.mode !== 'cooling') return behaviour
  const serves = servesFor(load)
  if (serves !== 'cold food' && serves !== 'frozen food') return behaviour
  const { knownADay, nowADay } = behaviour.doors ?? bothOf(USUAL_DOORS_A_DAY[serves])
  return { ...behaviour, doors: { knownADay, nowADay: within('load.doorsADay', nowADay * WORSE.doorTimes) } }
}

/** Openings a day where nobody counted. From memory. */
const USUAL_DOORS_A_DAY = { 'cold food': 20, 'frozen food': 2 }

const bothOf = (aDay: number) => ({ knownADay: aDay, nowADay: aDay })

const isDull = ({ sky }: Scenario) =>
  sky?.kind === 'days' && sky.days.every((day) => day === 'overcast' || day === 'dark')

const shifted = ({ outdoor }: Scenario, byK: number): Partial<Scenario> => ({
  outdoor: {
    lowC: within('scenario.outdoorC', outdoor.lowC + byK),
    highC: within('scenario.outdoorC', outdoor.highC + byK),
  },
})

/** A figure within what a plan may hold. */
function within(path: BoundPath, value: number): number {
  const { low, high } = boundOf(path)
  return Math.max(low, Math.min(high, value))
}

/** A source that has lost a share of its capacity to age, beside what it had lost already. */
export function agedSource(source: Source): Source {
  const { bank } = source
  if (!bank) {
    const value = within('source.capacityWh', source.capacityWh.value * (1 - WORSE.agedFraction))
    return { ...source, capacityWh: { ...source.capacityWh, value } }
  }
  const agedFraction = within(
    'battery.agedFraction',
    1 - (1 - bank.battery.agedFraction) * (1 - WORSE.agedFraction),
  )
  return sourceOfBank(source, { ...bank, battery: { ...bank.battery, agedFraction } })
}

/** Something nobody listed, and nobody has named. */
function forgotten({ loads, powerSystem: { sources } }: Plan): Load {
  const source = sources.find(({ isAway }) => !isAway) ?? sources[0]
  const ids = new Set(loads.map(({ id }) => id))
  let id = 'forgotten'
  while (ids.has(id)) id += '-1'
  return {
    id,
    name: id,
    volts: source.volts.includes(230) ? 230 : source.volts.includes(120) ? 120 : source.volts[0],
    leg: 'A',
    start: null,
    behaviour: { kind: 'constant', runningW: quantity(WORSE.forgottenW, 'W', 'typical') },
    medical: false,
    note: '',
    on: true,
    tier: 'critical',
    sourceId: source.id,
  }
}
