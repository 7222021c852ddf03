import { formatMoment, isWithin, windowIntervals } from '../plan/clock'
import type { Plan } from '../plan/document'
import { NO_CHARGING } from '../plan/noRefill'
import { formatDuration, formatExactDuration, formatHours, formatNumber } from '../quantity/format'
import type { SimulationResult } from '../simulation/result'
import { refillsGate } from './gates'

/** A piece of the answer: plain, emphasised, or one that opens its working or a choice. */
export interface AnswerPart {
  text: string
  strong?: boolean
  tone?: 'short' | 'holds'
  /** the working that explains this figure */
  working?: 'lasts' | 'margin' | 'refills'
  /** what a reader can change right here */
  control?: 'scenario' | 'powerSystem' | 'tiers'
}

const TIER_WORDS = {
  hold: 'Hold loads',
  ration: 'Hold and Ration loads',
  spare: 'Hold, Ration and Spare loads',
}

/**
 * The answer in one or two sentences: with this power, these loads last this long, from this hour to that
 * hour of the clock, and it is or is not enough for the outage planned for.
 */
export function answerOf(plan: Plan, result: SimulationResult): AnswerPart[] {
  const { scenario, powerSystem } = plan
  const { outageMin, runtimeMin, reachesFraction } = result
  const opening: AnswerPart[] = [
    { text: 'In ' },
    { text: scenario.name, control: 'scenario' },
    { text: `, from ${formatMoment(scenario.startsAt, 0)}, the ` },
    { text: powerSystem.name, control: 'powerSystem' },
  ]
  const tiers: AnswerPart = { text: TIER_WORDS[scenario.carriedTiers], control: 'tiers' }
  if (result.loads.length === 0) {
    return [
      ...opening,
      { text: ' has nothing to carry: none of the ' },
      tiers,
      { text: ' is switched on and fits it.' },
    ]
  }
  const carries: AnswerPart[] = [
    ...opening,
    { text: ' carries the ' },
    tiers,
    ...exceptions(plan, result),
    { text: ' for ' },
  ]
  const planned = formatExactDuration(outageMin)
  if (runtimeMin.p50 < outageMin) {
    return [
      ...carries,
      { text: formatDuration(runtimeMin.p50), strong: true, working: 'lasts' },
      { text: ', likely ' },
      { text: bandText(result), working: 'lasts' },
      { text: '. It runs out about ' },
      { text: formatMoment(scenario.startsAt, runtimeMin.p50, 10), strong: true, working: 'lasts' },
      { text: `${occasion(plan, runtimeMin.p50)}. ` },
      {
        text: `${formatDuration(outageMin - runtimeMin.p50)} short`,
        strong: true,
        tone: 'short',
        working: 'margin',
      },
      { text: ' of the ' },
      { text: planned, working: 'margin' },
      { text: ' you planned for.' },
      ...refillParts(plan, result),
    ]
  }
  const until = formatMoment(scenario.startsAt, outageMin)
  const runsOut =
    runtimeMin.p50 === Infinity
      ? `It still has charge after ${formatHours(result.horizonMin)}.`
      : `It runs out about ${formatMoment(scenario.startsAt, runtimeMin.p50, 10)}${occasion(plan, runtimeMin.p50)}.`
  const enough = reachesFraction >= scenario.confidence
  return [
    ...carries,
    { text: enough ? `all ${planned}` : `the ${planned}`, strong: true, working: 'lasts' },
    { text: ` you planned for, to ${until}, ` },
    {
      text: `in ${runsText(reachesFraction)}`,
      strong: true,
      tone: enough ? 'holds' : 'short',
      working: 'margin',
    },
    { text: enough ? `. ${runsOut}` : `; you asked for ${runsText(scenario.confidence)}. ${runsOut}` },
    ...refillParts(plan, result),
  ]
}

/** What the refill is worth, in a sentence; nothing where none is planned. */
function refillParts(plan: Plan, result: SimulationResult): AnswerPart[] {
  const { coverage, verdict, refill } = refillsGate(result, plan.scenario.confidence)
  const names = refillNames(plan)
  if (!refill || names.length === 0) return []
  const who = names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)}` : names[0]
  if (verdict === 'holds' && result.reachesFraction < plan.scenario.confidence)
    return [
      { text: ` The ${who} ${names.length > 1 ? 'bring' : 'brings'} back ` },
      { text: 'enough over a day', strong: true, working: 'refills' },
      { text: ', but not in time.' },
    ]
  if (verdict === 'holds')
    return [
      { text: ` With the ${who} it ` },
      { text: 'goes on', strong: true, tone: 'holds', working: 'refills' },
      { text: ` ${goesOnWhile(plan)}.` },
    ]
  const hours = coverage * 24
  return [
    { text: ` The ${who} ${names.length > 1 ? 'bring' : 'brings'} back ` },
    {
      text: hours < 0.5 ? 'next to nothing' : `${formatNumber(hours, hours < 3 ? 1 : 0)} h of every 24`,
      strong: true,
      working: 'refills',
    },
    { text: '.' },
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
export function refillNames({ refill, scenario }: Plan): string[] {
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

/** "9 runs of 10", "all runs", "96 runs of 100". */
export function runsText(fraction: number): string {
  if (fraction >= 0.9995) return 'all runs'
  const percent = Math.min(99, Math.round(fraction * 100))
  return percent % 10 === 0
    ? `${percent / 10} ${percent === 10 ? 'run' : 'runs'} of 10`
    : `${percent} ${percent === 1 ? 'run' : 'runs'} of 100`
}

function exceptions(plan: Plan, result: SimulationResult): AnswerPart[] {
  const left = result.leftOut.filter(({ why }) => why === 'voltage')
  if (left.length === 0) return []
  const names = left.map(({ loadId }) => {
    const load = plan.loads.find(({ id }) => id === loadId)!
    return `${load.name} (${load.volts} V)`
  })
  return [
    {
      text: `, leaving out ${names.length > 2 ? `${names.length} that want another voltage` : names.join(' and ')},`,
    },
  ]
}

function occasion(plan: Plan, minute: number): string {
  const within = (windows: typeof plan.scenario.away) =>
    isWithin(windowIntervals(windows, plan.scenario.startsAt, Math.ceil(minute) + 1), minute)
  if (within(plan.scenario.away)) return ', when nobody is home'
  if (within(plan.scenario.asleep)) return ', while you are asleep'
  return ''
}
