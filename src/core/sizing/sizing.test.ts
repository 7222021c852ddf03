import { describe, expect, test } from '@jest/globals'
import {
  constant,
  cycling,
  exact,
  exactSource,
  loadOf,
  planWith,
  scheduled,
  session,
} from '../../../tests/support/samplePlan'
import type { Plan } from '../plan/document'
import { quantity } from '../quantity/quantity'
import { simulate } from '../simulation/simulate'
import { answerText } from '@/words/answer/answerParts'
import { humpsOf } from '../simulation/humps'
import { bandText, runsText } from '@/words/workings/runsAndBands'
import { evaluate } from '../../../tests/support/saidEvaluation'
import { gatesOf } from './gates'
import { requirementOf } from './requirement'

const motor = (watts: number) => ({
  watts: quantity(watts, 'W', 'label', exact),
  seconds: quantity(0.3, 's', 'label', exact),
})

describe('requirementOf', () => {
  const refrigerator = loadOf(cycling(150, 60, 45), { id: 'refrigerator', start: motor(900) })
  const pump = loadOf(cycling(500, 10, 10), { id: 'pump', start: motor(1500) })
  const router = loadOf(constant(20), { id: 'router' })
  const kettle = loadOf(session(1000, 5, ['20:00']), { id: 'kettle' })
  const all = [refrigerator, pump, router, kettle]
  const of = (loads: typeof all, school: 'largest-start' | 'sum-of-starts') =>
    requirementOf(loads, '2027-02-05T18:00', 600, school)

  test('running watts together at the worst hour: the kettle’s', () => {
    expect(of(all, 'largest-start')).toMatchObject({ runningW: 1670, runningAtMin: 120 })
  })

  test('the usual school puts the peak with the largest motor start of all running', () => {
    expect(of(all, 'largest-start')).toMatchObject({ startW: 1670 + 1000, starter: { id: 'pump' } })
  })

  test('the conservative school adds all starts', () => {
    expect(of(all, 'sum-of-starts').startW).toBe(900 + 1500 + 20 + 1000)
  })

  test('a start below the running watts counts as the running watts', () => {
    expect(of([loadOf(constant(100), { start: motor(40) })], 'largest-start').startW).toBe(100)
  })

  test('loads by the clock that never meet are not added up', () => {
    const morning = loadOf(scheduled(300, '19:00', '20:00'), { id: 'm' })
    const later = loadOf(scheduled(400, '20:00', '21:00'), { id: 'l' })
    expect(of([morning, later], 'largest-start').runningW).toBe(400)
  })

  test('nothing asks nothing', () => {
    expect(of([], 'largest-start')).toMatchObject({ runningW: 0, startW: 0, starter: null })
  })
})

const judged = (plan: Plan) => gatesOf(plan, simulate(plan))

describe('gates', () => {
  test('Carries breaks on watts and names the largest load', () => {
    const source = exactSource({
      continuousW: quantity(500, 'W', 'label', exact),
      surgeW: quantity(900, 'W', 'label', exact),
    })
    const { carries, starts } = judged(
      planWith([loadOf(constant(450), { id: 'a' }), loadOf(constant(200), { id: 'b' })], [source]),
    )
    expect(carries).toMatchObject({ verdict: 'short', neededW: 650, limitW: 500, binding: { id: 'a' } })
    expect(starts.verdict).toBe('holds')
  })

  test('Carries breaks on voltage however many watts there are', () => {
    const { carries } = judged(
      planWith([loadOf(constant(10), { volts: 240, name: 'Well pump' }), loadOf(constant(10), { id: 'b' })]),
    )
    expect(carries).toMatchObject({ verdict: 'short', wrongVoltage: [{ name: 'Well pump' }] })
  })

  test('Starts breaks where only the start is too large', () => {
    const { carries, starts } = judged(planWith([loadOf(cycling(700, 100, 30), { start: motor(5000) })]))
    expect([carries.verdict, starts.verdict]).toEqual(['holds', 'short'])
  })

  test('with two sources the tighter one decides', () => {
    const small = exactSource({ id: 'small', name: 'small', continuousW: quantity(100, 'W', 'label', exact) })
    const { carries } = judged(
      planWith(
        [loadOf(constant(100)), loadOf(constant(90), { id: 'b', sourceId: 'small' })],
        [exactSource(), small],
      ),
    )
    expect(carries.source.id).toBe('small')
  })

  test('Lasts asks for the share of runs the scenario asks for', () => {
    const plan = planWith([loadOf(cycling(150, 90, 45, 1.6))], [exactSource()], 16)
    const at = (confidence: number) => judged({ ...plan, scenario: { ...plan.scenario, confidence } }).lasts
    expect(at(0.5).runtimeMin).toBeGreaterThan(at(0.9).runtimeMin)
    expect(at(0.9).runtimeMin).toBeGreaterThan(at(0.99).runtimeMin)
    for (const confidence of [0.5, 0.8, 0.95]) {
      const lasts = at(confidence)
      expect(lasts.verdict === 'holds').toBe(lasts.reachesFraction >= confidence - 0.005)
    }
  })
})

describe('the sentence', () => {
  const partsOf = (plan: Plan) => evaluate(plan).answer
  const sentence = (plan: Plan) => answerText(partsOf(plan))
  const day = (watts: number, more = {}) => planWith([loadOf(constant(watts), more)])

  test('too short: how long, until when, and by how much', () => {
    const plan = day(90)
    plan.scenario.away = [{ from: '09:00', to: '14:00' }]
    expect(sentence(plan)).toBe(
      'In Test outage, from Friday 18:00, the test station carries the loads for 18 h 10 min, likely about 18 h. It runs out about Saturday 12:10, when nobody is home. With 90 % confidence it is 5 h 50 min short of the 24 h you planned for.',
    )
  })

  test('an end at night is told as one', () => {
    const plan = day(200)
    plan.scenario.asleep = [{ from: '22:00', to: '06:00' }]
    expect(sentence(plan)).toMatch(/Saturday 02:40, while you are asleep\./)
  })

  test('enough: to the planned hour, in how many runs, and when it would run out', () => {
    expect(sentence(day(50))).toMatch(
      /for all 24 h you planned for, to Saturday 18:00, every time\. It runs out about Sunday 00:30\.$/,
    )
  })

  test('enough without an end in sight', () => {
    expect(sentence(day(5))).toMatch(/every time\. It still has charge after 48 h\.$/)
  })

  test('likely, but not as surely as asked', () => {
    const plan = planWith([loadOf(cycling(150, 62, 45, 1.5))])
    plan.scenario.confidence = 0.95
    expect(sentence(plan)).toMatch(
      /for the 24 h you planned for, to Saturday 18:00, with an? \d+ % chance; you asked for 95 %\./,
    )
  })

  test('nothing to carry is said, with what to change', () => {
    expect(sentence(day(50, { on: false }))).toMatch(/has nothing to carry: none of the loads is switched on/)
  })

  test('a load of another voltage is told first', () => {
    const plan = planWith([
      loadOf(constant(100)),
      loadOf(constant(10), { id: 'w', name: 'Well pump', volts: 240 }),
    ])
    expect(sentence(plan)).toMatch(
      /^Well pump cannot run: 240 V is needed, .* given\. For the rest: in Test outage/,
    )
  })

  test('figures of the sentence open their working', () => {
    expect(
      partsOf(day(90))
        .filter(({ working }) => working)
        .map(({ working }) => working),
    ).toEqual(['lasts', 'lasts', 'lasts', 'margin', 'margin'])
  })
})

test('bands and shares of runs in words', () => {
  const band = (p10: number, p90: number) =>
    bandText({ runtimeMin: { p10, p50: 0, p90 }, horizonMin: 4320 } as never)
  expect([band(1020, 1620), band(1020, Infinity), band(Infinity, Infinity), band(1080, 1085)]).toEqual([
    '17 to 27 h',
    '17 h to more than 72 h',
    'more than 72 h',
    'about 18 h',
  ])
  expect([1, 0.9, 0.96, 0.999, 0.1, 0.01, 0.001, 0].map(runsText)).toEqual([
    'all runs',
    '9 runs of 10',
    '96 runs of 100',
    '99 runs of 100',
    '1 run of 10',
    '1 run of 100',
    '1 run of 100',
    'no run',
  ])
  const humps = (firstMin: [number, number], laterMin: [number, number]) =>
    bandText({
      runtimeMin: { p10: 0, p50: 0, p90: 0 },
      horizonMin: 4320,
      humps: { firstMin, firstFraction: 0.5, laterMin },
    })
  expect(humps([780, 900], [2280, 2640])).toBe('13 to 15 h or 38 to 44 h')
  expect(humps([780, 780], [Infinity, Infinity])).toBe('about 13 h or more than 72 h')
})

describe('two groups of runtimes', () => {
  const of = (...groups: [count: number, fromMin: number, stepMin: number][]) =>
    humpsOf(
      Float64Array.from(
        groups.flatMap(([n, from, step]) => Array.from({ length: n }, (_, i) => from + i * step)),
      ),
      4320,
    )
  test('are told apart where nothing lies between and each has a tenth of the runs', () => {
    expect(of([60, 800, 1], [40, 2300, 5])).toEqual({
      firstMin: [809, 859],
      firstFraction: 0.6,
      laterMin: [2300, 2450],
    })
    expect(of([60, 800, 1], [40, Infinity, 0])).toMatchObject({ laterMin: [Infinity, Infinity] })
    expect(of([100, 800, 5])).toBeNull()
    expect(of([95, 800, 1], [5, 3000, 1])).toBeNull()
    // an hour apart is no other end
    expect(of([50, 800, 0], [50, 870, 0])).toBeNull()
  })
})

describe('the working', () => {
  const { workings } = evaluate(planWith([loadOf(constant(90), { name: 'Router' })]))
  const results = (key: keyof typeof workings) =>
    workings[key].steps.map(({ label, result }) => `${label} → ${result}`)

  test('how long: energy, watts, hours, runs, and both schools', () => {
    expect(results('lasts')).toEqual([
      '2 kWh station: energy that can be taken from the battery → 2.00 kWh',
      'Mean watts at the outlets while it lasts → 90 W',
      '2 kWh station: hours at the most likely values → 18 h 10 min',
      'The runs → 18 h 10 min, likely range (80 %) about 18 h',
      'Both loss estimates on these loads → 24 min apart',
    ])
  })

  test('every value names its evidence', () => {
    const values = workings.lasts.steps.flatMap((step) => step.values)
    expect(values.find(({ name }) => name === 'Router')).toEqual({
      name: 'Router',
      value: '90 W',
      evidence: 'measured',
      source: undefined,
    })
    expect(values.find(({ name }) => name === 'capacity')).toMatchObject({ evidence: 'measured' })
  })

  test('the margin: against the plan, with the confidence, and the energy not supplied', () => {
    expect(results('margin')).toEqual([
      'Most likely end against the plan → −5 h 50 min',
      'Reached with your confidence → 18 h 10 min, to Saturday 12:10',
      'Chance to last the whole outage → no run',
      'How much it is short → 5 h 50 min short',
      'Energy not supplied → 524 Wh',
    ])
  })

  test('running and starting: the sum, the limit and what is to spare', () => {
    expect(results('carries')).toEqual([
      'Running together, Friday 18:00 → 90 W',
      '2 kWh station: continuous limit → 2,310 W to spare',
    ])
    expect(results('starts')[2]).toBe('2 kWh station: surge limit, for 1 s → 3,910 W to spare')
  })
})
