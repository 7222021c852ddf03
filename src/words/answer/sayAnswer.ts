import { type EndWhy, LEAST_RUNTIME_MIN } from '@/core/sizing/endOf'
import { momentOf } from '@/words/momentOf'
import type { Plan } from '@/core/plan/document'
import { formatDuration, formatExactDuration, formatHours, formatNumber, formatPercent } from '@/words/format'
import { bandText } from '../workings/runsAndBands'
import type { AnswerFacts, Outcome, RefillFacts } from '@/core/sizing/answer'
import type { Evaluation as Judged } from '@/core/sizing/evaluate'
import { answer } from '../en/answer'
import { NONE } from '../factWords'
import { listed } from '../listed'
import { sayTold } from '../sayTold'
import { sayMarkedFrom } from '../translate'
import { workingsOf } from '../workings/answerWorkings'
import type { AnswerPart } from './answerParts'
import { breakSaying } from './breakSaying'
import type { Evaluation } from './evaluation'
import { coldGuessText } from './coldGuessText'
import { goesOnWhile } from './goesOnWhile'

/** What each tag of the messages is. */
const TAGS: Readonly<Record<string, Omit<AnswerPart, 'text'>>> = {
  pickScenario: { control: 'scenario' },
  pickSystem: { control: 'powerSystem' },
  pickTiers: { control: 'tiers' },
  lasts: { strong: true, working: 'lasts' },
  likely: { working: 'lasts' },
  margin: { strong: true, working: 'margin' },
  planned: { working: 'margin' },
  isEnough: { strong: true, tone: 'holds', working: 'margin' },
  isShort: { strong: true, tone: 'short', working: 'margin' },
  refills: { strong: true, working: 'refills' },
  goesOn: { strong: true, tone: 'holds', working: 'refills' },
  warn: { tone: 'short' },
  fault: { strong: true, tone: 'short' },
  carries: { strong: true, tone: 'short', working: 'carries' },
  starts: { strong: true, tone: 'short', working: 'starts' },
}
const TAG_NAMES = Object.keys(TAGS)

/** Signs no text has, round a tag's number and its text. */
const [BEGIN, MIDDLE, END] = ['\u0001', '\u0002', '\u0003']
const MARKED = new RegExp(`${BEGIN}(\\d+)${MIDDLE}([^${END}]*)${END}`)
const SIGNS = new RegExp(`[${BEGIN}${MIDDLE}${END}]`, 'g')

const say = sayMarkedFrom(
  answer,
  TAG_NAMES,
  (tag, text) => `${BEGIN}${TAG_NAMES.indexOf(tag)}${MIDDLE}${text}${END}`,
)

/** A text with marks as parts. */
function partsOf(marked: string): AnswerPart[] {
  const parts: AnswerPart[] = []
  marked.split(MARKED).forEach((text, i, all) => {
    if (i % 3 === 0 && text) parts.push({ text })
    if (i % 3 === 2) parts.push({ text, ...TAGS[TAG_NAMES[Number(all[i - 1])]] })
  })
  return parts
}

/** Breaks told in the sentence; the rest are counted. */
const MOST_BREAKS = 3

const yes = (is: boolean) => (is ? 'yes' : 'no')
const plain = (name: string) => name.replace(SIGNS, '')

/**
 * The answer in a few sentences. What breaks the plan comes first; then with this power, these loads last this
 * long, from this hour to that hour of the clock, and it is or is not enough for the outage planned for, as a
 * condition where something trips.
 */
export function sayAnswer(plan: Pick<Plan, 'scenario' | 'household'>, facts: AnswerFacts): AnswerPart[] {
  const { breaks, outcome, carriesNothing } = facts
  const first = breaks.slice(0, MOST_BREAKS).map((broken) => {
    const { key, values } = breakSaying(broken, plan)
    return say(
      `break.${key}`,
      Object.fromEntries(
        Object.entries(values).map(([name, value]) => [
          name,
          typeof value === 'string' ? plain(value) : value,
        ]),
      ),
    )
  })
  const more = breaks.length - MOST_BREAKS
  if (more > 0) first.push(say('more', { n: more }))
  const trips = breaks.some(({ kind }) => kind === 'running' || kind === 'start')
  const opening = say('opening', {
    // what a medical device lacks is a part of what follows, not something beside it
    after: trips ? 'trips' : breaks.some(({ kind }) => kind !== 'medical') ? 'breaks' : NONE,
    scenario: plain(facts.scenario),
    from: momentOf(plan, 0),
    system: plain(facts.powerSystem),
  })
  const common = { opening, tiers: say(`tiers.${facts.tiers}`, {}), trips: yes(trips) }
  const rest = carriesNothing
    ? [say(NOTHING[carriesNothing], common)]
    : [
        ...outcomeSaying(plan, facts, common),
        ...refillSaying(plan, facts, !outcome.isReached || outcome.lasts.verdict === 'short'),
      ]
  return partsOf([...first, ...rest].join(''))
}

const NOTHING = { 'not fed': 'notFed', 'none on': 'noneOn', 'none listed': 'noneListed' } as const

function outcomeSaying(
  plan: Pick<Plan, 'scenario' | 'household'>,
  { outcome, confidence }: AnswerFacts,
  common: Record<string, string>,
): string[] {
  const { isReached, end, runtimeMin, outageMin, lasts } = outcome
  if (!isReached)
    return [
      end && runtimeMin.p50 < LEAST_RUNTIME_MIN
        ? say('notAtAll', {
            ...common,
            why: say(`notAtAllWhy.${WHY[end.why]}`, { source: plain(end.source) }),
          })
        : say('short', {
            ...common,
            runtime: formatDuration(runtimeMin.p50),
            band: bandText(outcome),
            end: endSaying(plan, outcome),
          }),
      marginSaying(outcome),
    ]
  const trips = common.trips === yes(true)
  const chance = trips ? outcome.reachesFraction : outcome.undisturbedFraction
  const isLong = lasts.verdict === 'holds'
  const enough = isLong && (trips || chance >= confidence)
  return [
    say('reached', {
      ...common,
      enough: yes(enough),
      outage: formatExactDuration(outageMin),
      until: momentOf(plan, outageMin),
      times: chanceSaying(chance),
      asked: formatPercent(confidence),
      end: endSaying(plan, outcome) + (trips ? '' : overloadSaying(outcome)),
      isOpen: yes(!isLong),
    }),
    ...(isLong ? [] : [marginSaying(outcome)]),
  ]
}

const WHY: Record<EndWhy, string> = {
  empty: 'empty',
  'cut-off': 'cutoff',
  sleep: 'sleep',
  cold: 'cold',
  heat: 'heat',
  uncharged: 'uncharged',
}

/** How and when it ends, and what feeds on beside it; or that it still has charge, as surely as that is known. */
function endSaying(plan: Pick<Plan, 'scenario' | 'household'>, outcome: Outcome): string {
  const { end, runtimeMin, horizonMin, lasts, comesBack } = outcome
  if (!end) {
    const horizon = formatHours(horizonMin)
    return Number.isFinite(lasts.runtimeMin)
      ? say('stillChargedLikely', {
          confidence: formatPercent(lasts.confidence),
          sure: momentOf(plan, lasts.runtimeMin, 10),
          horizon,
        })
      : say('stillCharged', { horizon })
  }
  const source = plain(end.source)
  const others = end.goesOn.map((name) => say('theSource', { source: plain(name) }))
  return say(`end.${WHY[end.why]}`, {
    it: others.length > 0 ? say('theSourceFirst', { source }) : say('it', {}),
    source: say('theSource', { source }),
    first: comesBack ? say('first', {}) : '',
    at: momentOf(plan, runtimeMin.p50, 10),
    occasion: say('occasion', { occasion: outcome.occasion ?? NONE }),
    others: others.length > 0 ? say('goesOn', { names: listed(others), n: others.length }) : '',
  })
}

/** "with an 88 % chance", "every time": all only where it is all. */
function chanceSaying(fraction: number): string {
  if (fraction >= 1) return say('everyTime', {})
  const percent = Math.max(1, Math.min(99, Math.round(fraction * 100)))
  // eight, eleven, eighteen, eighty and on
  const eight = percent === 8 || percent === 11 || percent === 18 || Math.floor(percent / 10) === 8
  return say('chance', { eight: yes(eight), percent: formatPercent(percent / 100) })
}

/** How often too much runs at once on the way; nothing where it never does. */
function overloadSaying({ overload, reachesFraction, undisturbedFraction }: Outcome): string {
  const fraction = reachesFraction - undisturbedFraction
  if (!overload || fraction <= 0) return ''
  return say('tooMuch', {
    percent: formatPercent(Math.max(0.01, fraction)),
    limit: overload.limit,
    name: plain(overload.loadName),
  })
}

/** By how much it is short, with the confidence asked for, as the gate has it. */
const marginSaying = ({ lasts: { shortMin, outageMin, confidence } }: Outcome): string =>
  say('margin', {
    confidence: formatPercent(confidence),
    short: formatDuration(shortMin),
    outage: formatExactDuration(outageMin),
  })

/**
 * What the refill is worth, in a sentence; nothing where none is planned.
 *
 * @param isOpen the sentence before it, which names the confidence, has yet to be ended
 */
function refillSaying(
  plan: Pick<Plan, 'scenario' | 'household'>,
  { refill, confidence }: AnswerFacts,
  isOpen: boolean,
): string[] {
  const end = isOpen ? ['.'] : []
  if (!refill) return end
  const { by, verdict, last, hangsOn, cause, guessC, hoursADay } = refill
  const nameOf = (one: RefillFacts['by'][number]) => say(`refill.by.${one}`, {})
  const who = listed(by.map(nameOf))
  const brings = say('refill.brings', { who, n: by.length })
  const notes = [
    ...(cause === null
      ? []
      : [
          say('refill.cause', {
            cause: plain(sayTold(cause, { units: plan.household.units, startsAt: plan.scenario.startsAt })),
          }),
        ]),
    ...(guessC === null ? [] : [say('refill.cause', { cause: coldGuessText(guessC, plan.household.units) })]),
  ]
  switch (verdict) {
    case 'not in time':
      return [...end, say('refill.notInTime', { brings }), ...notes]
    case 'ends with the plan':
      return [
        ...end,
        say('refill.endsWithPlan', {
          brings,
          last: last ? momentOf(plan, last.atMin) : NONE,
          lastBy: last ? listed(last.by.map((one) => plain(say('refill.one', { name: nameOf(one) })))) : NONE,
        }),
        ...notes,
      ]
    case 'goes on':
      return [...end, say('refill.keepsGoing', { who, while: goesOnWhile(hangsOn) }), ...notes]
    case 'part': {
      const little = hoursADay < 0.5
      return [
        say('refill.part', {
          joined: yes(isOpen),
          brings,
          little: yes(little),
          hours: formatNumber(hoursADay, hoursADay < 3 ? 1 : 0),
          ends: yes(isOpen || little),
          confidence: formatPercent(confidence),
        }),
        ...notes,
      ]
    }
  }
}

/** A judged plan with its answer and its workings said. */
export function sayEvaluation(plan: Plan, { answer: facts, otherStartW, ...judged }: Judged): Evaluation {
  return {
    ...judged,
    answer: sayAnswer(plan, facts),
    workings: workingsOf(plan, judged.result, judged.gates, otherStartW),
  }
}
