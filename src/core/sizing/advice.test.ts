import { describe, expect, test } from '@jest/globals'
import { said } from '../../../tests/support/saidTold'
import { bankOf, equipmentClass, sourceOf } from '@/catalog/equipment'
import { CARS, arrayOf, generatorOf } from '@/catalog/refill'
import { searchStock } from '@/catalog/searchStock'
import {
  burner,
  coldBox,
  constant,
  cycling,
  exactSource,
  loadOf,
  planWith,
  session,
} from '../../../tests/support/samplePlan'
import type { Plan } from '../plan/document'
import { NO_CHARGING } from '../plan/noRefill'
import type { Cycling, Load } from '../plan/schema'
import { quantity } from '../quantity/quantity'
import { simulate } from '../simulation/simulate'
import { evaluate } from './evaluate'
import { findLevers } from './levers'
import { offCost } from './offCost'
import { openersOf } from './openers'
import { findPowerLevers } from './powerLevers'
import { sayLever } from '@/words/levers/sayLever'
import { ruleGains } from './ruleGains'
import { candidatesOf, usualConstraints } from './search/candidates'
import { Search } from './search/search'

const other = loadOf(constant(30), { id: 'other', name: 'Lamp' })
const wordsOf = (load: Load, change: (plan: Plan) => void = () => {}) => {
  const plan = planWith([load, other], undefined, 48)
  change(plan)
  return findLevers(plan)
    .filter(({ change: c }) => 'loadId' in c && c.loadId === load.id)
    .map((lever) => sayLever(lever, plan.household))
    .map(({ words, aside }) => `${words} (${aside})`)
    .join('\n')
}
const set = (setC: number, base: Cycling = coldBox(150, 60)): Cycling => ({
  ...base,
  follows: { ...base.follows!, setC: quantity(setC, '°C', 'typical', { plusMinus: 1 }) },
})
const freezer = (fillFraction: number): Load =>
  loadOf(
    {
      ...set(-18),
      box: { timeConstantH: quantity(20, 'h', 'typical', { times: 1.5 }), fillFraction, offForH: 0 },
    },
    { id: 'freezer', name: 'Freezer', tier: 'flexible' },
  )

describe('advice fits the thing', () => {
  test('an air conditioner gets no refrigerator’s words', () => {
    const words = wordsOf(loadOf(set(24), { id: 'ac', name: 'Air conditioner', tier: 'flexible' }))
    expect(words).not.toMatch(/shut|°C inside|Food/)
    expect(words).toMatch(/rooms grow hot/)
  })

  test('a freezer is off for as long as it keeps, less in a hot room, not at all when nearly empty', () => {
    expect(wordsOf(freezer(1))).toMatch(/Freezer off .*keep it shut/)
    const hot = (plan: Plan) => {
      plan.scenario.outdoor = { lowC: 28, highC: 44 }
      plan.scenario.asleep = [{ from: '21:00', to: '07:00' }]
    }
    // by hand, unheated at 40 °C: 24 h · 38 ÷ 58 ÷ 3 = 5 h of a window of ten
    expect(wordsOf(freezer(0.5), hot)).toMatch(/off 02:00–07:00/)
    expect(wordsOf(freezer(0.1), hot)).not.toMatch(/Freezer off/)
    expect(wordsOf(freezer(1))).not.toMatch(/Leave Freezer off/)
  })

  test('a refrigerator is off for the 4 h it keeps closed, no longer', () => {
    expect(wordsOf(loadOf(coldBox(150, 60), { id: 'r', name: 'Refrigerator' }))).toMatch(/off 14:00–18:00/)
  })

  test('pipe heating in frost, a pit in rain, an aquarium and medical devices are left on', () => {
    const pipes = loadOf(constant(80), { id: 'p', name: 'Pipe heating cable', tier: 'optional' })
    expect(wordsOf(pipes, (plan) => (plan.scenario.outdoor = { lowC: -8, highC: -1 }))).toBe('')
    expect(wordsOf(pipes, (plan) => (plan.scenario.outdoor = { lowC: 8, highC: 15 }))).toMatch(/Leave/)
    expect(wordsOf(loadOf(constant(25), { id: 'a', name: 'Aquarium filter', tier: 'optional' }))).toBe('')
    const pit = loadOf(
      {
        kind: 'pump',
        runningW: quantity(500, 'W', 'label'),
        cycle: {
          by: 'spacing',
          onMin: quantity(0.3, 'min', 'label'),
          everyMin: quantity(10, 'min', 'label'),
        },
        inflowFollows: 'rain',
      },
      { id: 's', name: 'Sump pump', tier: 'optional' },
    )
    expect(wordsOf(pit, (plan) => (plan.scenario.rain = 'downpour'))).toBe('')
    expect(
      wordsOf(loadOf(constant(60), { id: 'm', name: 'Concentrator', tier: 'flexible', medical: true })),
    ).toBe('')
  })

  test('nothing silly: not the only load off, no inverter that draws hardly less', () => {
    const alone = planWith([{ ...other, tier: 'optional' }])
    expect(findLevers(alone).some(({ id }) => id.endsWith('drop'))).toBe(false)
    const bank = bankOf('lfp-12-100', 1, 1, 'inverter-600-12', 'main')
    expect(findPowerLevers(planWith([loadOf(constant(20))], [bank])).map(({ id }) => id)).not.toContain(
      'main inverter',
    )
  })
})

describe('what keeping something off costs', () => {
  const plan = planWith([])
  test('food by its hours, the house by its temperature, a device by whom it serves', () => {
    const fridge = loadOf(coldBox(150, 60), { name: 'Refrigerator' })
    expect(said(offCost(fridge, plan, 120))).toMatch(/about 4 h/)
    expect(said(offCost(fridge, plan, 600))).toMatch(/longer than the 4 h.*throw out/)
    expect(said(offCost(freezer(1), plan, 600))).toMatch(/about 48 h/)
    expect(said(offCost(freezer(0.5), plan, 30 * 60))).toMatch(/longer than the 24 h.*lost/)
    const heating = loadOf(burner(150, 60), { name: 'Boiler' })
    // by hand: 2.5 + (20 − 2.5) · e^(−24 ÷ 40) = 12.1 °C
    expect(said(offCost(heating, plan, 24 * 60))).toBe('the house falls to about 12 °C')
    const icy = { ...plan, scenario: { ...plan.scenario, outdoor: { lowC: -20, highC: -10 } } }
    expect(said(offCost(heating, icy, 24 * 60))).toMatch(/pipes may freeze/)
    expect(said(offCost(loadOf(constant(40), { name: 'Breathing aid', medical: true }), plan, 60))).toMatch(
      /supplier/,
    )
    expect(offCost(other, plan, 600)).toBeNull()
  })
})

describe('what a rule gains is what the sentence moves by', () => {
  test('the most likely runtime with it less without, over the same runs', () => {
    const loads = [
      loadOf(cycling(300, 150, 30, 1.4), {
        id: 'a',
        steering: { rules: [{ kind: 'by charge', dropBelow: 0.5, backAbove: 0.7 }] },
      }),
      loadOf(constant(40), { id: 'b' }),
    ]
    const plan = planWith(loads, [exactSource()], 24)
    const bare = { ...plan, loads: loads.map((load) => ({ ...load, steering: undefined })) }
    const [{ gain }] = ruleGains(plan)
    expect(gain.hours).toBeCloseTo((simulate(plan).runtimeMin.p50 - simulate(bare).runtimeMin.p50) / 60, 9)
    expect(gain.of).toBe('most likely')
  })
})

describe('taking turns opens a shut gate', () => {
  const small = sourceOf(equipmentClass('station-1000'), 'main')
  const stock = searchStock(120)
  test('the least important waits, with the hours both need', () => {
    const plan = planWith(
      [
        loadOf(session(800, 60, ['19:00']), { id: 'w', name: 'Washer', tier: 'optional' }),
        loadOf(cycling(600, 100, 40), { id: 'f', name: 'Furnace' }),
      ],
      [small],
      6,
    )
    const [carries] = openersOf(plan, evaluate(plan, { runs: 30 }).gates, stock)
    expect(carries.turns).toMatchObject({ waits: { id: 'w' }, first: { id: 'f' } })
    // an hour of washing, 100 ÷ 600 of the day of heating
    expect(carries.turns!.hoursADay).toBeCloseTo(1 + 4, 1)
    const { waits, first } = carries.turns!
    const steered = {
      ...plan,
      loads: plan.loads.map((load) =>
        load.id === waits.id
          ? { ...load, steering: { rules: [{ kind: 'not with' as const, loadId: first.id }] } }
          : load,
      ),
    }
    expect(evaluate(steered, { runs: 30 }).gates.carries.verdict).toBe('holds')
  })
  test('not where there are too few hours for both, nor a medical device that waits', () => {
    const busy = planWith(
      [loadOf(constant(700), { id: 'a' }), loadOf(constant(600), { id: 'b' })],
      [small],
      6,
    )
    expect(openersOf(busy, evaluate(busy, { runs: 10 }).gates, stock)[0].turns).toBeNull()
  })
})

describe('the search never offers what cannot be done', () => {
  const all = searchStock(120)
  const stock = {
    ...all,
    batteries: all.batteries.filter(({ name }) => /^12.8 V 100 Ah/.test(name)),
    inverters: all.inverters.filter(({ name }) =>
      /1.5 kW inverter, 24|1 kW inverter, 12|2 kW inverter-charger/.test(name),
    ),
  }
  const stretch = [{ fromMin: 60, toMin: 300 }]
  const plan: Plan = (() => {
    const base = planWith([loadOf(constant(40))], undefined, 24)
    return {
      ...base,
      refill: { ...base.refill, recordLowC: -20, generator: { ...generatorOf(2000), quiet: [] } },
      scenario: { ...base.scenario, charging: { ...NO_CHARGING, generator: stretch } },
    }
  })()
  const judge = (of: Plan, want = usualConstraints(of, true)) => {
    const search = new Search([of], want, 0.9, null, 20, 1, stock.controllers)
    return candidatesOf(stock, want).map((candidate) => search.judge(candidate))
  }

  test('a bank has a charger, controller, fuses and cables in its price, and each is told', () => {
    const panels = [arrayOf('panel-220', 'roof', { series: 2 })]
    const want = usualConstraints({ ...plan, refill: { ...plan.refill, panels } }, true)
    const bank = candidatesOf(stock, want).find(
      ({ name }) => name === '2S1P 12.8 V 100 Ah LiFePO4, 1.5 kW inverter, 24 V',
    )!
    expect(bank.fittings.map(({ what }) => said(what))).toEqual([
      'charger, 20 A',
      'charge controller for the panels',
      '2 × battery cable 25 mm², 1 m',
      '6 lugs',
      'battery fuse, 100 A',
      'battery disconnect',
    ])
    const parts = 2 * 290 + 320 + bank.fittings.reduce((sum, { price }) => sum + price, 0)
    expect(bank.price).toBe(parts)
    expect(bank.source.bank!.chargerA).toBe(20)
    const dear = {
      ...stock,
      fittings: { ...stock.fittings!, own: [{ part: 'battery-fuse 100 A', price: 500 }] },
    }
    const dearer = candidatesOf(dear, want).find(({ id }) => id === bank.id)!
    expect(dearer.price! - bank.price!).toBe(500 - 30)
  })

  test('what the planned car or panels cannot charge is refused with the true reason', () => {
    const byCar = {
      ...plan,
      refill: { ...plan.refill, generator: null, car: CARS.alternator },
      scenario: { ...plan.scenario, charging: { ...NO_CHARGING, car: stretch } },
    }
    const judged = judge(byCar)
    const bank24 = judged.find(({ candidate }) => candidate.name.startsWith('2S1P 12.8 V 100 Ah'))!
    expect(said(bank24.why)).toMatch(/^cannot be recharged as asked: A car’s 12 V cannot charge 2S1P/)
    for (const one of judged.filter(({ why }) => why === null))
      expect(one.candidate.source.bank?.battery.volts ?? 12).toBeLessThan(15)
    const ups = judge(plan).find(({ candidate }) => candidate.source.kind === 'ups')
    expect(ups?.why).not.toBeNull()
  })

  test('where a medical device is critical nothing has to be wired, unless asked otherwise', () => {
    const medical = { ...plan, loads: [{ ...plan.loads[0], medical: true }] }
    const usual = usualConstraints(medical, true)
    expect(usual.plugAndPlay).toBe(true)
    const judged = judge(medical)
    expect(judged.filter(({ why }) => why === null).length).toBeGreaterThan(0)
    expect(judged.every(({ why, candidate }) => why !== null || !candidate.source.bank)).toBe(true)
    expect(
      judge(medical, { ...usual, plugAndPlay: false }).some(
        ({ why, candidate }) => !why && candidate.source.bank,
      ),
    ).toBe(true)
  })

  test('switching over by itself within so many ms can be asked for', () => {
    const want = { ...usualConstraints(plan, true), transferMs: 20 }
    const judged = judge(plan, want)
    for (const { candidate } of judged.filter(({ why }) => why === null))
      expect(candidate.source.outfit!.transferMs).toBeLessThanOrEqual(20)
    expect(said(judged.find(({ candidate }) => candidate.source.bank)!.why)).toBe(
      'does not switch over by itself',
    )
  })
})
