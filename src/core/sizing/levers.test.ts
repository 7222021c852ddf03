import { describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { quantity } from '../quantity/quantity'
import { planOf } from '../plan/planOf'
import {
  burner,
  coldBox,
  constant,
  exactSource,
  loadOf,
  planWith,
  session,
} from '../../../tests/support/samplePlan'
import { pauseWords } from '@/words/momentOf'
import { findLevers, withChange } from './levers'
import { sayLever } from '@/words/levers/sayLever'
import { rankLevers } from './tryLevers'
import { runtimesOf } from './runtimes'
import { bankOf } from '@/catalog/equipment'
import { simulate } from '../simulation/simulate'
import type { Plan } from '../plan/document'
import { measureNext } from './measureNext'
import { findPowerLevers } from './powerLevers'

/** ids of the levers on loads */
const ids = (plan: Parameters<typeof findLevers>[0]) =>
  findLevers(plan)
    .filter(({ change }) => 'loadId' in change)
    .map(({ id }) => id)

describe('levers', () => {
  const cold = (more = {}) => loadOf(coldBox(150, 60), { id: 'box', name: 'Box', ...more })

  test('each kind of load has its own: set-backs, nights, days, sessions left off', () => {
    const plan = planWith([
      cold(),
      loadOf(burner(150, 60), { id: 'boiler', name: 'Boiler' }),
      loadOf(constant(20), { id: 'net', name: 'Router' }),
      loadOf(session(900, 8, ['07:00']), { id: 'coffee', name: 'Coffee maker', tier: 'optional' }),
    ])
    expect(ids(plan)).toEqual([
      'box off by night',
      'box off by day',
      'box set-back',
      'boiler set-back',
      'net night',
      'coffee drop',
      'net direct current',
    ])
  })

  test('medical devices are never among them', () =>
    expect(ids(planWith([loadOf(constant(40), { tier: 'optional', medical: true })]))).toEqual([]))

  test('ways without electricity: food outdoors in frost, gas where the house has it, once', () => {
    const plan = planWith([
      cold(),
      loadOf(session(900, 8, ['07:00']), { id: 'kettle', name: 'Kettle', tier: 'optional' }),
    ])
    plan.scenario.outdoor = { lowC: -9, highC: 2 }
    plan.household.cooksWithGas = true
    expect(ids(plan)).toContain('box outdoors')
    expect(ids(plan)).toContain('kettle gas')
    expect(ids(plan)).not.toContain('kettle drop')
    plan.scenario.outdoor = { lowC: -9, highC: 5 }
    expect(ids(plan)).not.toContain('box outdoors')
  })

  test('what a lever gains is what the plan gains with it, and their order does not flicker', () => {
    const plan = planOf(demoHousehold())
    const first = rankLevers(plan, 40)
    expect(rankLevers(plan, 40)).toEqual(first)
    expect(sayLever(first[0], plan.household).words).toBe('Boiler, two circulators set 4 °C cooler')
    for (const lever of first) {
      const middle = (of: typeof plan) => simulate(of, { runs: 40 }).runtimeMin.p50 / 60
      if (lever.gain.isAtLeast) continue
      expect(lever.gain.hours).toBeCloseTo(middle(withChange(plan, lever.change)) - middle(plan), 6)
    }
    const free = first.filter(({ isBought }) => !isBought)
    expect([...free].sort((a, b) => b.gain.hours - a.gain.hours)).toEqual(free)
    expect(first.slice(0, free.length)).toEqual(free)
  })

  test('a box put off does not save what it was off for: it catches up', () => {
    const plan = planWith([cold()], [exactSource()], 24)
    const lever = findLevers(plan).find(({ id }) => id === 'box off by night')!
    const asked = (of: typeof plan) => runtimesOf(of, 60, 1).reduce((sum, m) => sum + m, 0) / 60
    const saved = asked(withChange(plan, lever.change)) / asked(plan) - 1
    expect(saved).toBeGreaterThan(0)
    // off 7.5 of 24 hours would be 45 % longer if nothing were made up for
    expect(saved).toBeLessThan(0.3)
  })

  test('a pause in words', () =>
    expect(pauseWords(planWith([]), { fromMin: 300, toMin: 420 })).toBe('Friday 23:00 – Saturday 01:00'))
})

describe('what to measure next', () => {
  const measured = (plan: Plan, runs: number) => {
    const steps = measureNext(plan, runs)
    for (;;) {
      const { done, value } = steps.next()
      if (done) return value
    }
  }

  test('the worst known of the large loads first; what is measured is not named', () => {
    const plan = planWith([
      loadOf(
        { ...coldBox(150, 60), averageW: quantity(60, 'W', 'typical', { times: 1.7 }) },
        { id: 'box', name: 'Box' },
      ),
      loadOf(constant(20), { id: 'net', name: 'Router' }),
      loadOf(
        { kind: 'constant', runningW: quantity(10, 'W', 'typical', { times: 1.3 }) },
        { id: 'lamp', name: 'Lamp' },
      ),
    ])
    const found = measured(plan, 200)
    expect(found[0]).toMatchObject({ loadId: 'box', name: 'Box' })
    expect(found.map(({ loadId }) => loadId)).not.toContain('net')
    const width = ({ p10, p90 }: { p10: number; p90: number }) => p90 - p10
    expect(width(found[0].then)).toBeLessThan(width(found[0].now) * 0.6)
  })
  test('a station’s own draw counts, until it is known', () => {
    const plan = planWith(
      [loadOf(constant(10))],
      [
        exactSource({
          capacityWh: quantity(400, 'Wh', 'measured', { times: 1 }),
          noLoadW: quantity(10, 'W', 'typical', { times: 2 }),
        }),
      ],
    )
    expect(measured(plan, 200)[0]).toMatchObject({ loadId: null, name: plan.powerSystem.sources[0].name })
  })
})

describe('what equipment would gain', () => {
  const router = loadOf(constant(12), { id: 'net', name: 'Router' })

  test('a station: an expansion, and network gear on direct current', () => {
    const plan = planWith([router, loadOf(constant(100))])
    const found = findPowerLevers(plan)
    expect(found.map(({ id }) => id)).toEqual(['main expansion', 'net direct current'])
    expect(sayLever(found[0], plan.household).aside).toBe('780 USD, 22 kg')
    const ranked = rankLevers(plan, 20)
    const gain = (id: string) => ranked.find((lever) => lever.id === id)!.gain.hours
    // twice the watt-hours last about twice as long
    const base = simulate(plan, { runs: 20 }).runtimeMin.p50 / 60
    expect(gain('main expansion')).toBeGreaterThan(0.8 * base)
  })

  test('a bank: a row more, and a smaller inverter where this one is much too large', () => {
    const bank = bankOf('lfp-12-100', 2, 1, 'inverter-3000-24', 'bank')
    const found = findPowerLevers(planWith([loadOf(constant(60))], [bank]))
    expect(found.map(({ id }) => id)).toEqual(['main row', 'main inverter'])
    const [row, inverter] = found.map(({ change }) => ('source' in change ? change.source : null)!)
    expect(row.capacityWh.value).toBe(2 * bank.capacityWh.value)
    expect(inverter.noLoadW.value).toBeLessThan(bank.noLoadW.value / 2)
    expect(inverter.continuousW.value).toBe(300)
    const needed = findPowerLevers(planWith([loadOf(constant(2500))], [bank]))
    expect(needed.map(({ id }) => id)).toEqual(['main row'])
  })

  test('what is away, and medical devices, are left alone', () => {
    const away = { ...exactSource(), isAway: true }
    const here = { ...exactSource(), id: 'here', outfit: undefined }
    const loads = [{ ...router, sourceId: 'here', medical: true }]
    expect(findPowerLevers(planWith(loads, [away, here]))).toEqual([])
  })
})
