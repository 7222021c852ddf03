import { momentOf } from '../plan/momentOf'
import { isWithin, windowIntervals } from '../plan/clock'
import type { Plan } from '../plan/document'
import { NO_CHARGING } from '../plan/noRefill'
import {
  formatDuration,
  formatExactDuration,
  formatHours,
  formatNumber,
  formatPercent,
} from '../quantity/format'
import type { SimulationResult } from '../simulation/result'
import { breakWords } from './breakWords'
import { breaksOf } from './breaks'
import { type Gates, type LastsGate, refillsGate } from './gates'
import { coldGuessWords, lastPlannedWords, refillCauses } from './refillCauses'

/** A piece of the answer: plain, emphasised, or one that opens its working or a choice. */
export interface AnswerPart {
  text: string
  strong?: boolean
  tone?: 'short' | 'holds'
  /** the working that explains this figure */
  working?: 'lasts' | 'margin' | 'refills' | 'carries' | 'starts'
  /** what a reader can change right here */
  control?: 'scenario' | 'powerSystem' | 'tiers'
}

const TIER_WORDS = {
  critical: 'critical loads',
  flexible: 'critical and flexible loads',
  optional: 'loads',
}

/** Breaks told in the sentence; the rest are counted. */
const MOST_BREAKS = 3

/**
 * The answer in a few sentences. What breaks the plan comes first; then with this power, these loads last this
 * long, from this hour to that hour of the clock, and it is or is not enough for the outage planned for, as a
 * condition where something trips.
 */
export function answerOf(plan: Plan, result: SimulationResult, gates: Gates): AnswerPart[] {
  const { scenario, powerSystem } = plan
  const breaks = breaksOf(plan, result, gates)
  const first = breaks.slice(0, MOST_BREAKS).flatMap(breakWords)
  const more = breaks.length - MOST_BREAKS
  if (more > 0)
    first.push({
      text: `${more === 1 ? 'One more thing does' : `${more} more things do`} not hold. `,
      strong: true,
      tone: 'short',
    })
  const trips = breaks.some(({ kind }) => kind === 'running' || kind === 'start')
  const tiers: AnswerPart = { text: TIER_WORDS[scenario.carriedTiers], control: 'tiers' }
  const opening: AnswerPart[] = [
    ...first,
    { text: trips ? 'Otherwise, in ' : breaks.length > 0 ? 'For the rest: in ' : 'In ' },
    { text: scenario.name, control: 'scenario' },
    { text: `, from ${momentOf(plan, 0)}, the ` },
    { text: powerSystem.name, control: 'powerSystem' },
  ]
  if (result.loads.length === 0) {
    if (breaks.some(({ kind }) => kind === 'voltage' || kind === 'away'))
      return [...opening, { text: ' feeds none of the ' }, tiers, { text: '.' }]
    return [
      ...opening,
      { text: ' has nothing to carry: none of the ' },
      tiers,
      { text: ' is switched on and fits it.' },
    ]
  }
  const carries: AnswerPart[] = [
    ...opening,
    { text: trips ? ' would carry the ' : ' carries the ' },
    tiers,
    { text: ' for ' },
  ]
  return result.runtimeMin.p50 < result.outageMin
    ? [...carries, ...shortParts(plan, result, gates.lasts), ...refillParts(plan, result, true)]
    : [
        ...carries,
        ...reachedParts(plan, result, gates.lasts, trips),
        ...refillParts(plan, result, gates.lasts.verdict === 'short'),
      ]
}

/** The most likely run ends before the outage does. */
function shortParts(plan: Plan, result: SimulationResult, lasts: LastsGate): AnswerPart[] {
  const { scenario } = plan
  const { runtimeMin } = result
  const comesBack = lasts.shortMin < lasts.outageMin - lasts.runtimeMin - 1
  return [
    { text: formatDuration(runtimeMin.p50), strong: true, working: 'lasts' },
    { text: ', likely ' },
    { text: bandText(result), working: 'lasts' },
    { text: `. It ${comesBack ? 'first ' : ''}runs out about ` },
    { text: momentOf(plan, runtimeMin.p50, 10), strong: true, working: 'lasts' },
    { text: `${occasion(plan, runtimeMin.p50)}. ` },
    ...marginParts(lasts),
  ]
}

/** By how much it is short, with the confidence asked for, as the gate has it. */
function marginParts({ shortMin, outageMin, confidence }: LastsGate): AnswerPart[] {
  return [
    { text: `With ${formatPercent(confidence)} confidence it is ` },
    { text: `${formatDuration(shortMin)} short`, strong: true, tone: 'short', working: 'margin' },
    { text: ' of the ' },
    { text: formatExactDuration(outageMin), working: 'margin' },
    { text: ' you planned for' },
  ]
}

/** The most likely run lasts the outage. */
function reachedParts(plan: Plan, result: SimulationResult, lasts: LastsGate, trips: boolean): AnswerPart[] {
  const { scenario } = plan
  const { outageMin, runtimeMin, reachesFraction } = result
  const planned = formatExactDuration(outageMin)
  const until = momentOf(plan, outageMin)
  const runsOut =
    runtimeMin.p50 === Infinity
      ? `It still has charge after ${formatHours(result.horizonMin)}.`
      : `It runs out about ${momentOf(plan, runtimeMin.p50, 10)}${occasion(plan, runtimeMin.p50)}.`
  const enough = lasts.verdict === 'holds'
  return [
    { text: enough ? `all ${planned}` : `the ${planned}`, strong: true, working: 'lasts' },
    { text: ` you planned for, to ${until}, ` },
    {
      text: `in ${runsText(reachesFraction)}`,
      strong: true,
      ...(trips ? {} : { tone: enough ? 'holds' : 'short' }),
      working: 'margin',
    },
    { text: enough ? `. ${runsOut}` : `; you asked for ${runsText(scenario.confidence)}. ${runsOut} ` },
    ...(enough ? [] : marginParts(lasts)),
  ]
}

/**
 * What the refill is worth, in a sentence; nothing where none is planned.
 *
 * @param isOpen the sentence before it, which names the confidence, has yet to be ended
 */
function refillParts(plan: Plan, result: SimulationResult, isOpen: boolean): AnswerPart[] {
  const end: AnswerPart[] = isOpen ? [{ text: '.' }] : []
  const { confidence } = plan.scenario
  const { coverage, verdict, refill } = refillsGate(result, confidence)
  const names = refillNames(plan)
  const causes = refillCauses(plan)
  if (names.length === 0 || (!refill && causes.length === 0)) return end
  const who = names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)}` : names[0]
  const brings = `${who} ${names.length > 1 ? 'bring' : 'brings'} back `
  const guess = coldGuessWords(plan)
  const notes: AnswerPart[] = [
    ...causes.slice(0, 1).map(({ words }): AnswerPart => ({ text: ` ${words}.`, tone: 'short' })),
    ...(guess ? [{ text: ` ${guess}.`, tone: 'short' as const }] : []),
  ]
  if (verdict === 'holds' && result.reachesFraction < confidence)
    return [
      ...end,
      { text: ` The ${brings}` },
      { text: 'enough over a day', strong: true, working: 'refills' },
      { text: ', but not in time.' },
      ...notes,
    ]
  if (verdict === 'holds' && result.runtimeMin.p50 < Infinity)
    return [
      ...end,
      { text: ` Within the outage the ${brings}` },
      { text: 'enough', strong: true, working: 'refills' },
      { text: `; the plan ends there: ${lastPlannedWords(plan) ?? 'the last day’s weather brings less'}.` },
      ...notes,
    ]
  if (verdict === 'holds')
    return [
      ...end,
      { text: ` With the ${who} it ` },
      { text: 'goes on', strong: true, tone: 'holds', working: 'refills' },
      { text: ` ${goesOnWhile(plan)}.` },
      ...notes,
    ]
  const hours = coverage * 24
  return [
    { text: isOpen ? `, and the ${brings}` : ` The ${brings}` },
    {
      text: hours < 0.5 ? 'next to nothing' : `${formatNumber(hours, hours < 3 ? 1 : 0)} h of every 24`,
      strong: true,
      working: 'refills',
    },
    { text: isOpen || hours < 0.5 ? '.' : `, with ${formatPercent(confidence)} confidence.` },
    ...notes,
  ]
}

/** What it hangs on that a plan goes on. @example "while this weather lasts and there is fuel" */
export function goesOnWhile(plan: Plan): string {
  const names = refillNames(plan)
  const burns =
    names.includes('generator') || (names.includes('car') && (plan.refill.car?.idleLPerH ?? 0) > 0)
  const needed = [
    ...(names.includes('sun') ? ['this weather lasts'] : []),
    ...(burns ? ['there is fuel'] : []),
    ...(names.includes('grid') ? ['the grid comes back so'] : []),
  ]
  return needed.length ? `while ${needed.join(' and ')}` : 'as planned'
}

/** What refills in this scenario, in words. */
function refillNames({ refill, scenario }: Plan): string[] {
  const { generator, car, grid } = scenario.charging ?? NO_CHARGING
  return [
    ...(refill.panels.some(({ on }) => on) ? ['sun'] : []),
    ...(refill.generator?.on && generator.length ? ['generator'] : []),
    ...(refill.car?.on && car.length ? ['car'] : []),
    ...(grid.length ? ['grid'] : []),
  ]
}

/** The answer as plain text. */
export function answerText(parts: readonly AnswerPart[]): string {
  return parts.map(({ text }) => text).join('')
}

/** "17 to 27 h", "17 to more than 66 h", "more than 66 h". */
export function bandText({ runtimeMin, horizonMin }: SimulationResult): string {
  const most = `more than ${formatHours(horizonMin)}`
  if (runtimeMin.p10 === Infinity) return most
  const low = formatHours(runtimeMin.p10)
  if (runtimeMin.p90 === Infinity) return `${low} to ${most}`
  const high = formatHours(runtimeMin.p90)
  return low === high ? `about ${low}` : `${low.replace(' h', '')} to ${high}`
}

/** "9 runs of 10", "all runs", "96 runs of 100", "no run". */
export function runsText(fraction: number): string {
  if (fraction <= 0) return 'no run'
  if (fraction >= 0.9995) return 'all runs'
  const percent = Math.max(1, Math.min(99, Math.round(fraction * 100)))
  return percent % 10 === 0
    ? `${percent / 10} ${percent === 10 ? 'run' : 'runs'} of 10`
    : `${percent} ${percent === 1 ? 'run' : 'runs'} of 100`
}

function occasion(plan: Plan, minute: number): string {
  const within = (windows: typeof plan.scenario.away) =>
    isWithin(windowIntervals(windows, plan.scenario.startsAt, Math.ceil(minute) + 1), minute)
  if (within(plan.scenario.away)) return ', when nobody is home'
  if (within(plan.scenario.asleep)) return ', while you are asleep'
  return ''
}
