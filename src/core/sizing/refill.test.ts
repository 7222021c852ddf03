import { describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { CARS, generatorOf } from '@/catalog/refill'
import { planOf } from '../plan/planOf'
import type { Plan } from '../plan/document'
import { NO_CHARGING, NO_REFILL } from '../plan/noRefill'
import type { ChargingTimes } from '../plan/refill'
import { answerText } from '@/words/answer/answerParts'
import { goesOnWhile } from '@/words/answer/goesOnWhile'
import { hangsOn } from './answer'
import { evaluate } from '../../../tests/support/saidEvaluation'
import { withChange } from './levers'
import { findRefillLevers } from './refillLevers'
import { ruleGains } from './ruleGains'
import { ruleWords } from '@/words/levers/ruleWords'

const plan = planOf(demoHousehold())
const sunny: Plan = {
  ...plan,
  scenario: {
    ...plan.scenario,
    startsAt: '2027-06-11T18:00',
    durationH: 48,
    outdoor: { lowC: 12, highC: 24 },
    sky: { kind: 'days', days: ['clear'] },
  },
}
const RUNS = { runs: 60 }

describe('the Refills gate', () => {
  test('is not planned without anything, and says the hours are from one charge', () => {
    const { gates, workings, answer } = evaluate({ ...plan, refill: NO_REFILL }, RUNS)
    expect(gates.refills).toMatchObject({ verdict: 'unplanned', refill: null })
    expect(workings.refills.note).toMatch(/single charge/)
    expect(answerText(answer)).not.toMatch(/bring/)
  })

  test('is short in February under cloud, and the answer says by how much', () => {
    const { gates, answer, workings } = evaluate(plan, RUNS)
    expect(gates.refills.verdict).toBe('short')
    expect(gates.refills.coverage).toBeLessThan(0.3)
    // a day's share is the mean over the outage's own hours, as what comes in over all of it says
    const { mean, broughtPerDayWh } = gates.refills.refill!
    const inWh = mean.sunWh + mean.dcWh + mean.acWh + mean.directWh - mean.chargeLossWh
    expect(broughtPerDayWh.p50 / ((inWh * 24) / plan.scenario.durationH)).toBeCloseTo(1, 0)
    expect(answerText(answer)).toMatch(
      /With 90 % confidence it is .* short of the 42 h you planned for.*, and the sun brings back .* of every 24\.$/,
    )
    expect(workings.refills.steps.map(({ label }) => label)).toContain('Where it goes')
  })

  test('a generator’s hours are named beside the sun, and its gain counted', () => {
    const charging = { ...NO_CHARGING, generator: [{ fromMin: 14 * 60, toMin: 18 * 60 }] }
    const with_ = evaluate({ ...plan, scenario: { ...plan.scenario, charging } }, RUNS)
    // it begins when the battery is empty already
    expect(answerText(with_.answer)).toMatch(
      /The sun and generator bring back enough over a day, but not in time/,
    )
    expect(with_.gates.refills.coverage).toBeGreaterThan(evaluate(plan, RUNS).gates.refills.coverage)
  })

  test('holds in clear June where little is asked: it goes on while the weather lasts', () => {
    const little = {
      ...sunny,
      powerSystem: planOf(demoHousehold(), 'february-ice', 'station-2000-expanded').powerSystem,
      loads: sunny.loads.map((load) => ({ ...load, on: load.id === 'network' })),
    }
    const { gates, answer } = evaluate(little, RUNS)
    expect(gates.refills.verdict).toBe('holds')
    expect(gates.refills.broughtPerDayWh).toBeGreaterThan(1200)
    expect(answerText(answer)).toMatch(/With the sun it keeps going while this weather lasts\.$/)
  })

  test('what going on hangs on: weather, fuel, the grid', () => {
    const stretch = [{ fromMin: 0, toMin: 120 }]
    const of = (charging: Partial<ChargingTimes>, refill: Partial<Plan['refill']> = {}) =>
      goesOnWhile(
        hangsOn({
          ...plan,
          refill: { ...plan.refill, ...refill },
          scenario: { ...plan.scenario, charging: { ...NO_CHARGING, ...charging } },
        }),
      )
    expect(of({})).toBe('while this weather lasts')
    expect(of({ generator: stretch })).toBe('while this weather lasts and there is fuel')
    expect(of({ grid: stretch }, { panels: [] })).toBe('while the grid comes back so')
    expect(of({ car: stretch }, { panels: [], car: CARS.electric })).toBe('as planned')
  })
})

describe('what more refill would buy', () => {
  test('one more string, generator hours, sessions into the sun; each changes the plan and nothing else', () => {
    const levers = findRefillLevers(sunny)
    expect(levers.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['lean-to more panels', 'generator hours']),
    )
    const more = withChange(sunny, levers.find(({ id }) => id === 'lean-to more panels')!.change)
    expect(more.refill.panels[0].parallel).toBe(sunny.refill.panels[0].parallel + 1)
    expect(sunny.refill.panels[0].parallel).toBe(2)
    const run = withChange(sunny, levers.find(({ id }) => id === 'generator hours')!.change)
    expect(run.scenario.charging!.generator).toHaveLength(2)
    expect(run.scenario.charging!.generator[0]).toEqual({ fromMin: 0, toMin: 120 })
  })

  test('sessions at fixed hours move to the sun’s noon', () => {
    const all: Plan = { ...sunny, scenario: { ...sunny.scenario, carriedTiers: 'optional' } }
    const coffee = findRefillLevers(all).find(({ id }) => id === 'coffee into the sun')!
    expect(coffee.change).toMatchObject({
      loadId: 'coffee',
      steering: { sessionsAt: [expect.stringMatching(/^1[12]:/)] },
    })
  })

  test('fuel is offered only where hours are planned, nothing without equipment', () => {
    expect(findRefillLevers(plan).some(({ id }) => id === 'fuel')).toBe(false)
    const running = {
      ...plan,
      scenario: { ...plan.scenario, charging: { ...NO_CHARGING, generator: [{ fromMin: 0, toMin: 60 }] } },
    }
    expect(findRefillLevers(running).some(({ id }) => id === 'fuel')).toBe(true)
    expect(findRefillLevers({ ...plan, refill: NO_REFILL })).toEqual([])
  })
})

describe('what each rule buys', () => {
  const steered = (rules: NonNullable<NonNullable<Plan['loads'][number]['steering']>['rules']>): Plan => ({
    ...plan,
    loads: plan.loads.map((load) => (load.id === 'network' ? { ...load, steering: { rules } } : load)),
  })

  test('hours for shedding the network gear early, in words a reader knows', () => {
    const [gain] = ruleGains(steered([{ kind: 'by charge', dropBelow: 0.7, backAbove: 0.9 }]), 30)
    expect(gain.id).toBe('network rule 0')
    expect(gain.gain.hours).toBeGreaterThan(0.5)
  })

  test('nothing without rules; a load that is gone is said to be', () => {
    expect(ruleGains(plan, 10)).toEqual([])
    expect(ruleWords({ kind: 'not with', loadId: 'gone' }, plan)).toMatch(/gone/)
    expect(ruleWords({ kind: 'not with', loadId: 'boiler' }, plan)).toMatch(/never while Boiler/)
    expect(ruleWords({ kind: 'with supply', aboveW: 120 }, plan)).toBe('only while more than 120 W come in')
  })

  test('a generator in use and nothing planned changes no figure', () => {
    const idle = { ...plan, refill: { ...NO_REFILL, generator: generatorOf(2000) } }
    const bare = { ...plan, refill: NO_REFILL }
    expect(evaluate(idle, RUNS).result.runtimeMin).toEqual(evaluate(bare, RUNS).result.runtimeMin)
  })
})
