import { describe, expect, test } from '@jest/globals'
import { said } from '../../../tests/support/saidTold'
import { bankOf, equipmentClass, sourceOf } from '@/catalog/equipment'
import { CARS, arrayOf, generatorOf } from '@/catalog/refill'
import {
  constant,
  cycling,
  exact,
  exactSource,
  loadOf,
  planWith,
  session,
} from '../../../tests/support/samplePlan'
import type { Plan } from '../plan/document'
import { NO_CHARGING } from '../plan/noRefill'
import type { Load } from '../plan/schema'
import { quantity } from '../quantity/quantity'
import { answerText } from '@/words/answer/answerParts'
import { evaluate } from '../../../tests/support/saidEvaluation'
import { refillCauses } from './refillCauses'
import { requirementOf } from './requirement'

const RUNS = { runs: 40 }
const sentence = (plan: Plan) => answerText(evaluate(plan, RUNS).answer)
const firstTone = (plan: Plan) => evaluate(plan, RUNS).answer[0].tone
const small = exactSource({
  continuousW: quantity(800, 'W', 'label', exact),
  surgeW: quantity(1500, 'W', 'label', exact),
})
const furnace = loadOf(cycling(900, 300, 20), { id: 'furnace', name: 'Furnace' })
const freezer = loadOf(cycling(120, 40, 40), { id: 'freezer', name: 'Freezer' })

describe('what breaks a plan stands first', () => {
  test('running power exceeded: the hours after it are a condition', () => {
    const plan = planWith([furnace], [small])
    expect(sentence(plan)).toMatch(
      /^Too much runs at once: 900 W against the 800 W of the 2 kWh station, Furnace the largest; it would switch off\. Otherwise, in Test outage, .* would carry the loads for/,
    )
    expect(firstTone(plan)).toBe('short')
  })

  test('so it stands where the hours would be enough, and no figure of the sentence is in the colour of what holds', () => {
    const plan = planWith([{ ...furnace, behaviour: cycling(900, 20, 20) }], [small])
    const { answer } = evaluate(plan, RUNS)
    expect(answerText(answer)).toMatch(/^Too much.*would carry .* for all 24 h/)
    expect(answer.some(({ tone }) => tone === 'holds')).toBe(false)
  })

  test('a start it cannot give', () => {
    const start = { watts: quantity(2200, 'W', 'label', exact), seconds: quantity(0.3, 's', 'label', exact) }
    expect(sentence(planWith([{ ...freezer, start }], [small]))).toMatch(
      /^Freezer may not start: 2,200 W at its start against the 1,500 W of the 2 kWh station/,
    )
  })

  test('critical loads off, medical ones in any tier; what is not critical may be off', () => {
    expect(sentence(planWith([{ ...furnace, on: false }, freezer]))).toMatch(
      /^Furnace must not stop, but is switched off\. For the rest: in Test outage/,
    )
    const cpap = loadOf(constant(40), {
      id: 'c',
      name: 'Breathing aid',
      tier: 'optional',
      medical: true,
      on: false,
    })
    expect(sentence(planWith([cpap, freezer]))).toMatch(/^Breathing aid must not stop, but is switched off/)
    expect(sentence(planWith([{ ...furnace, on: false, tier: 'optional' }, freezer]))).toMatch(
      /^In Test outage/,
    )
  })

  test('a rule that drops the heating is told with its hours, one that never acts is not', () => {
    const ruled = (dropBelow: number): Plan =>
      planWith([
        freezer,
        {
          ...furnace,
          behaviour: cycling(600, 300, 20),
          steering: { rules: [{ kind: 'by charge', dropBelow, backAbove: dropBelow + 0.05 }] },
        },
      ])
    expect(sentence(ruled(0.5))).toMatch(/^Furnace must not stop, but a rule keeps it off for about \d+ h/)
    const easy = ruled(0.01)
    expect(sentence({ ...easy, scenario: { ...easy.scenario, durationH: 1 } })).toMatch(/^In Test outage/)
  })

  test('a pause by hand is told with its length, also a daily one', () => {
    const paused = { ...freezer, steering: { pauses: [{ fromMin: 60, toMin: 180 }] } }
    expect(sentence(planWith([paused]))).toMatch(
      /^Freezer must not stop, but is paused for 2 h of this outage/,
    )
    const daily = { ...freezer, steering: { offDaily: [{ from: '20:00', to: '23:00' }] } }
    expect(sentence(planWith([daily]))).toMatch(/^Freezer must not stop, but is paused for 3 h/)
  })

  test('many are counted, not listed', () => {
    const loads = ['a', 'b', 'c', 'd'].map((id) => ({
      ...freezer,
      id,
      name: id.toUpperCase(),
      steering: { pauses: [{ fromMin: 0, toMin: 60 }] },
    }))
    expect(sentence(planWith([...loads, { ...furnace, on: false }]))).toMatch(
      /2 more things fall short\. For the rest/,
    )
  })
})

describe('what feeds nothing holds nothing', () => {
  test('direct current only in a house of household current: no run lasts, and it says so first', () => {
    const dc = exactSource({ volts: [12] })
    const { gates, result, answer } = evaluate(planWith([freezer, furnace], [dc]), RUNS)
    expect(result.reachesFraction).toBe(0)
    expect(gates.lasts).toMatchObject({ verdict: 'short', runtimeMin: 0, shortMin: 24 * 60 })
    expect(answerText(answer)).toMatch(/^Freezer and Furnace cannot run: 120 V is needed, 12 V given/)
  })

  test('nothing listed: no gate claims to hold', () => {
    const { gates } = evaluate(planWith([]), RUNS)
    expect([gates.carries, gates.starts, gates.lasts].map(({ verdict }) => verdict)).toEqual([
      'nothing',
      'nothing',
      'nothing',
    ])
    expect(gates.refills.verdict).toBe('unplanned')
  })

  test('a source without loads ends nobody’s supply', () => {
    const idle = exactSource({ id: 'idle', noLoadW: quantity(1000, 'W', 'label', exact) })
    const { result } = evaluate(planWith([loadOf(constant(90))], [exactSource(), idle]), RUNS)
    expect(result.runtimeMin.p50 / 60).toBeCloseTo(18.2, 1)
  })
})

describe('an end and going on do not stand in one answer', () => {
  const stretch = (from: number, to: number) => [{ fromMin: from * 60, toMin: to * 60 }]
  const refilled = (durationH: number, generator = stretch(1, 5)): Plan => {
    const base = planWith(
      [loadOf(constant(60))],
      [sourceOf(equipmentClass('station-1000'), 'main')],
      durationH,
    )
    return {
      ...base,
      refill: { ...base.refill, generator: { ...generatorOf(2000), quiet: [] } },
      scenario: { ...base.scenario, charging: { ...NO_CHARGING, generator } },
    }
  }

  test('past the planned hours of the generator the plan ends', () => {
    const words = sentence(refilled(12))
    expect(words).toMatch(/It runs out about/)
    expect(words).not.toMatch(/keeps going/)
    expect(words).toMatch(
      /Within the outage the generator brings back enough; the plan ends there: no hours of the generator are planned after Friday 23:00\.$/,
    )
  })

  test('an answer never says both, whatever is planned', () => {
    for (const [durationH, hours] of [
      [6, stretch(0, 3)],
      [30, stretch(2, 28)],
      [24, []],
    ] as const) {
      const words = sentence(refilled(durationH, [...hours]))
      expect(/keeps going/.test(words) && /runs out/.test(words)).toBe(false)
    }
  })
})

describe('loads that take turns are not added up', () => {
  const heater = loadOf(constant(700), { id: 'heater' })
  const kettle = loadOf(session(1000, 5, ['20:00']), { id: 'kettle' })
  const of = (loads: Load[]) => requirementOf(loads, '2027-02-05T18:00', 600, 'largest-start')

  test('by a rule: whichever is more', () => {
    const turns = { ...heater, steering: { rules: [{ kind: 'not with' as const, loadId: 'kettle' }] } }
    expect(of([heater, kettle]).runningW).toBe(1700)
    expect(of([turns, kettle]).runningW).toBe(1000)
    expect(of([turns, kettle, loadOf(constant(50), { id: 'x' })]).runningW).toBe(1050)
  })

  test('three of which each waits for the next: the two largest never meet either', () => {
    const wait = (loadId: string) => ({ rules: [{ kind: 'not with' as const, loadId }] })
    const a = loadOf(constant(100), { id: 'a', steering: wait('b') })
    const b = loadOf(constant(300), { id: 'b', steering: wait('c') })
    const c = loadOf(constant(250), { id: 'c' })
    // a and c may run together, b with neither
    expect(of([a, b, c]).runningW).toBe(350)
  })

  test('by hand: paused while the other runs, or its session moved', () => {
    const paused = { ...heater, steering: { pauses: [{ fromMin: 60, toMin: 180 }] } }
    expect(of([paused, kettle]).runningW).toBe(1000)
    const lamp = loadOf(session(900, 30, ['20:00']), { id: 'lamp', steering: { sessionsAt: ['22:00'] } })
    expect(of([lamp, kettle]).runningW).toBe(1000)
  })
})

describe('causes are true', () => {
  const stretch = [{ fromMin: 0, toMin: 240 }]
  const bank24 = bankOf('lfp-12-100', 2, 1, 'inverter-1500-24', 'main')
  const causesOf = (
    of: Partial<Plan['refill']>,
    charging: Partial<typeof NO_CHARGING>,
    more: Partial<Plan['scenario']> = {},
    source = bank24,
  ) => {
    const base = planWith([loadOf(constant(40))], [source])
    return refillCauses({
      ...base,
      refill: { ...base.refill, recordLowC: -20, ...of },
      scenario: { ...base.scenario, ...more, charging: { ...NO_CHARGING, ...charging } },
    }).map(({ why }) => said(why))
  }

  test('no controller, no charger, no step-up, no fuel, forbidden hours', () => {
    expect(causesOf({ panels: [arrayOf('panel-220', 'roof', { name: 'Roof' })] }, {})[0]).toMatch(
      /^Roof: .* needs a charge controller/,
    )
    expect(causesOf({}, { grid: stretch })[0]).toMatch(/has no charger: household current does not charge it/)
    expect(causesOf({ car: CARS.alternator }, { car: stretch })[0]).toMatch(/needs a step-up/)
    const station = sourceOf(equipmentClass('station-1000'), 'main')
    const generator = { ...generatorOf(2000), quiet: [] }
    expect(
      causesOf({ generator: { ...generator, onHandL: 0 } }, { generator: stretch }, {}, station),
    ).toEqual(['The generator has no fuel in hand'])
    expect(
      causesOf(
        { generator: generatorOf(2000) },
        { generator: stretch },
        { startsAt: '2027-02-05T23:00' },
        station,
      ),
    ).toEqual(['All its planned hours are hours in which the generator must not run'])
    expect(causesOf({ generator }, { generator: stretch }, {}, station)).toEqual([])
  })

  test('night and frost', () => {
    const station = sourceOf(equipmentClass('station-1000'), 'main')
    const panels = [arrayOf('panel-220', 'roof')]
    expect(causesOf({ panels }, {}, { durationH: 8 }, station)[0]).toMatch(
      /^The sun does not reach the panels/,
    )
    const outside = { ...station, where: 'outdoors' as const }
    expect(causesOf({ panels }, {}, { outdoor: { lowC: -18, highC: -6 } }, outside)[0]).toMatch(/^Frost: /)
    expect(causesOf({ panels }, {}, {}, station)).toEqual([])
  })

  test('the sentence tells the cause after what it brings', () => {
    const base = planWith([loadOf(constant(40))], [bank24])
    const plan = { ...base, scenario: { ...base.scenario, charging: { ...NO_CHARGING, grid: stretch } } }
    expect(sentence(plan)).toMatch(/has no charger: household current does not charge it\.$/)
  })
})
