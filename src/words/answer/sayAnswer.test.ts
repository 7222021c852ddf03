import { told } from '@/core/quantity/told'
import { describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { planOf } from '@/core/plan/planOf'
import type { AnswerFacts, Outcome, RefillFacts } from '@/core/sizing/answer'
import type { Break } from '@/core/sizing/breaks'
import { gatesOf } from '@/core/sizing/gates'
import { simulate } from '@/core/simulation/simulate'
import { answerText } from './answerParts'
import { sayAnswer } from './sayAnswer'

const plan = planOf(demoHousehold())
const gates = gatesOf(plan, simulate(plan, { runs: 10 }))
const [one, two] = plan.loads
const [source] = plan.powerSystem.sources

const outcome = (more: Partial<Outcome>): Outcome => ({
  isReached: false,
  runtimeMin: { p10: 700, p50: 870, p90: 1200 },
  horizonMin: 3960,
  outageMin: 2520,
  reachesFraction: 0,
  undisturbedFraction: 0,
  overload: null,
  end: { why: 'empty', source: 'Station', goesOn: [] },
  humps: null,
  lasts: { ...gates.lasts, verdict: 'short', shortMin: 1410, outageMin: 2520, confidence: 0.9 },
  comesBack: false,
  occasion: null,
  ...more,
})
const facts = (more: Partial<AnswerFacts>): AnswerFacts => ({
  breaks: [],
  scenario: 'February ice',
  powerSystem: '2 kWh station',
  tiers: 'critical',
  confidence: 0.9,
  carriesNothing: null,
  outcome: outcome({}),
  refill: null,
  ...more,
})
const refill = (more: Partial<RefillFacts>): RefillFacts => ({
  by: ['sun'],
  verdict: 'part',
  hoursADay: 2.2,
  last: null,
  hangsOn: ['weather'],
  cause: null,
  guessC: null,
  ...more,
})
const said = (more: Partial<AnswerFacts>) => answerText(sayAnswer(plan, facts(more)))

const BREAKS: Break[] = [
  { kind: 'running', gate: gates.carries },
  { kind: 'running', gate: { ...gates.carries, part: 'leg A', binding: null } },
  { kind: 'start', gate: gates.starts },
  { kind: 'start', gate: { ...gates.starts, binding: null } },
  { kind: 'voltage', loads: [one, two], source },
  { kind: 'voltage', loads: [one], source: null },
  { kind: 'in turn', loads: [one], source },
  { kind: 'search', loads: [one, two], source, belowW: 8 },
  { kind: 'away', loads: [one], source },
  { kind: 'away', loads: [one, two], source: null },
  { kind: 'medical', load: one, fromMin: 500, isLikely: true },
  { kind: 'medical', load: one, fromMin: 500, isLikely: false },
  { kind: 'off', loads: [one] },
  { kind: 'off', loads: plan.loads.slice(0, 5) },
  { kind: 'shed', load: one, minutes: 130 },
  { kind: 'paused', load: one, minutes: 60 },
]
const OUTCOMES: Partial<Outcome>[] = [
  {},
  { comesBack: true, occasion: 'away' },
  ...(['cut-off', 'sleep', 'cold', 'heat', 'uncharged'] as const).flatMap((why): Partial<Outcome>[] => [
    {
      end: { why, source: 'Station', goesOn: ['Small station', 'UPS'] },
      comesBack: true,
      occasion: 'asleep',
    },
    { end: { why, source: 'Station', goesOn: [] }, runtimeMin: { p10: 0, p50: 0, p90: 300 } },
  ]),
  {
    isReached: true,
    reachesFraction: 1,
    undisturbedFraction: 0.97,
    overload: { loadName: 'Pump', limit: 'surge' },
  },
  { humps: { firstMin: [700, 800], firstFraction: 0.6, laterMin: [2000, Infinity] } },
  { occasion: 'asleep', runtimeMin: { p10: 700, p50: 870, p90: Infinity } },
  {
    isReached: true,
    reachesFraction: 0.96,
    undisturbedFraction: 0.96,
    runtimeMin: { p10: 2600, p50: 3000, p90: 3500 },
  },
  {
    isReached: true,
    reachesFraction: 1,
    undisturbedFraction: 1,
    end: null,
    runtimeMin: { p10: Infinity, p50: Infinity, p90: Infinity },
    lasts: { ...gates.lasts, verdict: 'holds' },
  },
]
const REFILLS: (RefillFacts | null)[] = [
  null,
  refill({}),
  refill({ hoursADay: 0.1, cause: told('generator.noFuel'), by: ['sun', 'generator'] }),
  refill({ verdict: 'not in time', guessC: -30 }),
  refill({ verdict: 'ends with the plan', last: { by: ['generator', 'grid'], atMin: 1200 } }),
  refill({ verdict: 'ends with the plan' }),
  refill({ verdict: 'goes on', by: ['sun', 'generator', 'grid'], hangsOn: ['weather', 'fuel', 'grid'] }),
  refill({ verdict: 'goes on', by: ['car'], hangsOn: [] }),
]
const WHOLE = /undefined|NaN|=>|[{}<>\u0001-\u0003]|\s{2}|\.\.|\s[.,;:]|^\s|\s$/

describe('the sentence is said whole', () => {
  test('whatever lasts, and whatever comes back', () => {
    for (const out of OUTCOMES)
      for (const back of REFILLS)
        for (const breaks of [[], [BREAKS[0]], [BREAKS[4]]]) {
          const text = said({ outcome: outcome(out), refill: back, breaks })
          expect(text).not.toMatch(WHOLE)
          expect(text).toMatch(/^[A-Z].*\.$/)
        }
  })
  test.each(BREAKS)('whatever breaks it: $kind', (broken) => {
    const text = said({ breaks: [broken] })
    expect(text).not.toMatch(WHOLE)
    expect(text).toMatch(/(For the rest: in|Otherwise, in|\. In) February ice/)
  })
  test('three breaks are told, the rest counted; what carries nothing says so', () => {
    expect(said({ breaks: BREAKS.slice(8, 12) })).toContain('One more thing falls short. For the rest')
    expect(said({ breaks: BREAKS.slice(8, 13) })).toContain('2 more things fall short.')
    expect(said({ carriesNothing: 'none on' })).toMatch(
      /none of the critical loads is switched on and fits it\.$/,
    )
    expect(said({ carriesNothing: 'not fed', breaks: [BREAKS[8]] })).toMatch(
      /feeds none of the critical loads\.$/,
    )
  })
  test('names are said as they are, whatever signs they hold', () => {
    const parts = sayAnswer(plan, facts({ scenario: 'Ice <b>{n}</b> ’’ \u0001' }))
    expect(parts.find(({ control }) => control === 'scenario')?.text).toBe('Ice <b>{n}</b> ’’ ')
  })
  test('figures open what explains them, words what changes them', () => {
    const parts = sayAnswer(plan, facts({ refill: refill({}), breaks: [BREAKS[0]] }))
    expect(parts.flatMap(({ control, working }) => control ?? working ?? [])).toEqual([
      'carries',
      'scenario',
      'powerSystem',
      'tiers',
      'lasts',
      'lasts',
      'lasts',
      'margin',
      'margin',
      'refills',
    ])
  })
})
