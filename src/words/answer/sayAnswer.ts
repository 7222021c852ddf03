import { momentOf } from '@/words/momentOf'
import type { Plan } from '@/core/plan/document'
import { formatDuration, formatExactDuration, formatHours, formatNumber, formatPercent } from '@/words/format'
import { bandText, timesText } from '../workings/runsAndBands'
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
    const { key, values } = breakSaying(broken)
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
    after: trips ? 'trips' : breaks.length > 0 ? 'breaks' : NONE,
    scenario: plain(facts.scenario),
    from: momentOf(plan, 0),
    system: plain(facts.powerSystem),
  })
  const common = { opening, tiers: say(`tiers.${facts.tiers}`, {}), trips: yes(trips) }
  const rest = carriesNothing
    ? [say(carriesNothing === 'not fed' ? 'notFed' : 'noneOn', common)]
    : [
        ...outcomeSaying(plan, facts, common),
        ...refillSaying(plan, facts, !outcome.isReached || outcome.lasts.verdict === 'short'),
      ]
  return partsOf([...first, ...rest].join(''))
}

function outcomeSaying(
  plan: Pick<Plan, 'scenario' | 'household'>,
  { outcome, confidence }: AnswerFacts,
  common: Record<string, string>,
): string[] {
  const { isReached, runtimeMin, horizonMin, outageMin, reachesFraction, lasts } = outcome
  const occasion = say('occasion', { occasion: outcome.occasion ?? NONE })
  const at = Number.isFinite(runtimeMin.p50) ? momentOf(plan, runtimeMin.p50, 10) : NONE
  if (!isReached)
    return [
      say('short', {
        ...common,
        runtime: formatDuration(runtimeMin.p50),
        band: bandText({ runtimeMin, horizonMin }),
        comesBack: yes(outcome.comesBack),
        at,
        occasion,
      }),
      marginSaying(outcome),
    ]
  const enough = lasts.verdict === 'holds'
  return [
    say('reached', {
      ...common,
      enough: yes(enough),
      outage: formatExactDuration(outageMin),
      until: momentOf(plan, outageMin),
      times: timesText(reachesFraction),
      asked: timesText(confidence),
      runsOut:
        at === NONE
          ? say('stillCharged', { horizon: formatHours(horizonMin) })
          : say('runsOut', { at, occasion }),
    }),
    ...(enough ? [] : [marginSaying(outcome)]),
  ]
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
