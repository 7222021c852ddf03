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

describe('what ends it is said as it is', () => {
  const wh = (value: number) => quantity(value, 'Wh', 'measured', exact)
  const none = quantity(0, 'W', 'measured', exact)
  const station = sourceOf(equipmentClass('station-1000'), 'main')
  const lamp = loadOf(constant(60), { id: 'lamp', name: 'Lamp' })
  const outdoors = (lowC: number, highC: number, hours = 24): Plan => {
    const plan = planWith([lamp], [{ ...station, where: 'outdoors' as const }], hours)
    return { ...plan, scenario: { ...plan.scenario, outdoor: { lowC, highC } } }
  }

  test('energy', () => expect(sentence(planWith([lamp], [station]))).toMatch(/\. It runs out about Saturday/))
  test('cold and heat, with charge left', () => {
    const { lowC } = station.outfit!.dischargeC
    expect(sentence(outdoors(lowC - 15, lowC + 12))).toMatch(
      /From about .* it is too cold for the 1 kWh station, with charge left in it/,
    )
    const { highC } = station.outfit!.dischargeC
    expect(sentence(outdoors(highC - 30, highC + 6))).toMatch(/it is too hot for the 1 kWh station/)
    for (const plan of [outdoors(lowC - 15, lowC + 12), outdoors(highC - 30, highC + 6)])
      expect(sentence(plan)).not.toContain('runs out')
  })
  test('a station that sleeps below its least load', () => {
    const sleeper = { ...station, outfit: { ...station.outfit!, sleep: { belowW: 15, afterMin: 120 } } }
    expect(sentence(planWith([{ ...lamp, behaviour: constant(5) }], [sleeper], 48))).toMatch(
      /It switches itself off about Friday 20:00, since so little is drawn from it/,
    )
  })
  test('a cut-off by volts', () => {
    const bank = bankOf('agm-12-110', 1, 1, 'inverter-1000-12', 'AGM bank')
    const deep = { ...bank, id: 'main', reserveFraction: quantity(0, '1', 'measured', exact) }
    expect(sentence(planWith([{ ...lamp, behaviour: constant(900) }], [deep]))).toMatch(
      /It switches off on low volts about/,
    )
  })
  test('empty when it begins: no time at all, and no range of nothing', () => {
    const bare = { ...station, chargedFraction: 0 }
    const text = sentence(planWith([lamp], [bare]))
    expect(text).toMatch(
      /carries the loads for no time at all: the 1 kWh station is empty when the outage begins\./,
    )
    expect(text).not.toMatch(/0 min|about 0 h/)
  })
  test('of several sources the one that ends is named, and what goes on', () => {
    const small = exactSource({ id: 'small', name: 'Small station', capacityWh: wh(200), noLoadW: none })
    const radio = loadOf(constant(30), { id: 'radio', name: 'Radio', sourceId: 'small' })
    expect(sentence(planWith([lamp, radio], [station, small]))).toMatch(
      /The Small station runs out about .*; the 1 kWh station goes on\./,
    )
  })
  test('another source that ends is none of what the sun brings', () => {
    const small = exactSource({ id: 'small', name: 'Small station', capacityWh: wh(200), noLoadW: none })
    const radio = loadOf(constant(30), { id: 'radio', name: 'Radio', sourceId: 'small' })
    const plan = planWith([{ ...lamp, behaviour: constant(8) }, radio], [station, small], 72)
    const sunny = {
      ...plan,
      scenario: { ...plan.scenario, startsAt: '2027-06-04T08:00', outdoor: { lowC: 12, highC: 22 } },
      refill: { ...plan.refill, panels: [arrayOf('panel-220', 'roof')] },
    }
    expect(sentence(sunny)).toContain('Small station runs out')
    expect(sentence(sunny)).not.toContain('not in time')
  })
  test('where frost forbids to charge, sun brings back nothing, in time or not', () => {
    const plan = outdoors(-9, -5, 72)
    const frozen = {
      ...plan,
      scenario: {
        ...plan.scenario,
        sky: { kind: 'days' as const, days: ['clear' as const] },
        startsAt: '2027-03-05T06:00',
      },
      refill: { ...plan.refill, panels: Array.from({ length: 1 }, () => arrayOf('panel-220', 'roof')) },
    }
    const warm = { ...frozen, scenario: { ...frozen.scenario, outdoor: { lowC: 6, highC: 14 } } }
    expect(evaluate(warm, RUNS).gates.refills.coverage).toBeGreaterThan(0.5)
    const { gates, answer } = evaluate(frozen, RUNS)
    // what it brings while it shines runs the loads past the battery, and no more
    expect(gates.refills.coverage).toBeLessThan(0.2)
    expect(answerText(answer)).not.toContain('not in time')
    expect(answerText(answer)).toContain('Frost')
  })
  test('“it still has charge” as surely as was asked', () => {
    const uncertain = loadOf(cycling(150, 27, 45, 1.6), { id: 'lamp', name: 'Lamp' })
    const plan = planWith([uncertain], [exactSource()], 24)
    const { result, gates, answer } = evaluate(plan, { runs: 200 })
    expect(result.runtimeMin.p50).toBe(Infinity)
    expect(gates.lasts.runtimeMin).toBeLessThan(Infinity)
    expect(answerText(answer)).toMatch(
      /With 90 % confidence it has charge until .*; most likely it still has some after 48 h\./,
    )
  })
  test('too much at once in some of the runs is no “every time”', () => {
    const start = { watts: quantity(2600, 'W', 'label', exact), seconds: quantity(0.3, 's', 'label', exact) }
    // each starts alone with room to spare; both within the same second now and then
    const pump = (id: string) => loadOf(cycling(700, 100, 20, 1.2), { id, name: id, start })
    const plan = planWith(
      [pump('Pump'), pump('Other pump')],
      [
        exactSource({
          capacityWh: wh(60_000),
          surgeW: quantity(3310, 'W', 'label', exact),
          continuousW: quantity(3000, 'W', 'label', exact),
        }),
      ],
    )
    const { result, answer } = evaluate(plan, { runs: 100 })
    expect(result.reachesFraction).toBe(1)
    const text = answerText(answer)
    if (result.undisturbedFraction < 1) {
      expect(text).not.toContain('every time')
      expect(text).toMatch(/In \d+ % of such outages too much runs at once as (Other p|P)ump starts/)
    }
    expect(result.undisturbedFraction).toBeLessThan(1)
    // the chance of the sentence has a line in its working
    const { label, result: chance } = evaluate(plan, { runs: 100 }).workings.margin.steps[3]
    expect([label, chance]).toEqual([
      'Chance to last it with nothing too much at once',
      expect.stringMatching(/runs? of/),
    ])
  })
  test('no loads of a tier are no “none of them”', () => {
    const plan = planWith([{ ...lamp, tier: 'optional' }])
    const critical = { ...plan, scenario: { ...plan.scenario, carriedTiers: 'critical' as const } }
    expect(sentence(critical)).toMatch(/has nothing to carry: there are no critical loads in this plan\.$/)
    expect(sentence(planWith([{ ...lamp, on: false, tier: 'flexible' }]))).toContain(
      'none of the loads is switched on',
    )
  })
  test('a medical device that gets less than it needs, with the hour; silent while it gets all', () => {
    const aid = loadOf(
      {
        kind: 'scheduled',
        runningW: quantity(40, 'W', 'measured', exact),
        windows: [{ from: '22:00', to: '06:00' }],
        byTimer: true,
      },
      { id: 'aid', name: 'Breathing aid', medical: true },
    )
    const with_ = (capacity: number) =>
      planWith([aid], [exactSource({ capacityWh: wh(capacity), noLoadW: none })], 24)
    expect(sentence(with_(200))).toMatch(
      /^Breathing aid has no power from about Saturday 02:30\. In Test outage/,
    )
    expect(sentence(with_(2000))).toMatch(/^In Test outage/)
    const off = { ...with_(2000), loads: [{ ...aid, on: false }] }
    expect(sentence(off)).toMatch(/^Breathing aid must not stop, but is switched off/)
  })
})
