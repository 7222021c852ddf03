import { describe, expect, test } from '@jest/globals'
import { entryAt, headOf, readingAt } from '../../../tests/calibration/runs/runOf'
import { constant, exactSource, loadOf, planWith, scheduled } from '../../../tests/support/samplePlan'
import { quantity } from '../quantity/quantity'
import { assumptionsAgainst } from './assumptions'
import { keepLearned, learnedOf, withLearned } from './learned'
import { planOfRun } from './planOfRun'
import { nightAhead } from './nightAhead'
import { lastsUntil, predictRun } from './predictRun'
import { chargeOfBand } from './runBand'
import type { EntryOf } from './runDocument'
import { demoHousehold } from '@/catalog/demoHousehold'
import type { Household } from '../plan/household'
import { planOf } from '../plan/planOf'

/** 2,000 Wh, nothing lost, 100 W that could be up to 1.5 times more or less: 20 h, likely 13 to 30. */
const unsure = () => {
  const watts = quantity(100, 'W', 'typical', { times: 1.5 })
  return planWith(
    [loadOf({ kind: 'constant', runningW: watts }, { id: 'box', name: 'Box' })],
    [
      exactSource({
        capacityWh: quantity(2000, 'Wh', 'label', { times: 1 }),
        reserveFraction: quantity(0, '1', 'label', { times: 1 }),
        efficiencyFraction: quantity(0.99, '1', 'label', { times: 1 }),
        noLoadW: quantity(0, 'W', 'label', { times: 1 }),
      }),
    ],
    24,
  )
}
const readEvery = (plan: ReturnType<typeof unsure>, sharePerH: number, hours: number) =>
  Array.from({ length: 2 * hours + 1 }, (_, i) =>
    readingAt(plan, 30 * i, { chargeFraction: Math.round((1 - (sharePerH * i) / 2) * 100) / 100 }),
  )

describe('a run held against its plan', () => {
  const plan = unsure()
  const head = headOf(plan)

  test('without a reading the end is the plan’s', () => {
    const { endMin, plannedEndMin, readings } = predictRun(head, [], { runs: 200 })
    expect(readings).toBe(0)
    expect(endMin.p50).toBeGreaterThan(0.93 * plannedEndMin.p50)
    expect(endMin.p50).toBeLessThan(1.07 * plannedEndMin.p50)
  })

  test('readings of 130 W end it at 15 h, far surer than before, and the load’s watts are what was learned', () => {
    const found = predictRun(head, readEvery(plan, 0.065, 5), { runs: 400 })
    expect(found.endMin.p50 / 60).toBeGreaterThan(14.3)
    expect(found.endMin.p50 / 60).toBeLessThan(16.4)
    const width = ({ p10, p90 }: typeof found.endMin) => p90 - p10
    expect(width(found.endMin)).toBeLessThan(0.5 * width(found.plannedEndMin))
    expect(found.straight?.endMin).toBeGreaterThan(14.4 * 60)
    expect(found.contradicts).toBeLessThan(0.5)
    const [first] = assumptionsAgainst(found.moments)
    expect(first).toMatchObject({ what: 'running watts', unknown: { id: 'box' } })
    expect(first.found).toBeGreaterThan(115)
    expect(first.found).toBeLessThan(150)
    const [learned] = learnedOf(found.moments, plan, { run: 'run 1', day: '2027-02-05' })
    expect(learned.after).toMatchObject({ evidence: 'tested', source: 'run 1', testedOn: '2027-02-05' })
    // the next run begins with it
    const again = predictRun(headOf(withLearned(plan, [learned])), [], { runs: 200 })
    expect(again.endMin.p50 / 60).toBeLessThan(17.5)
    expect(width(again.endMin)).toBeLessThan(0.8 * width(found.plannedEndMin))
  })

  test('readings no run comes near contradict the plan, and the end goes by them all the same', () => {
    const sure = planWith([loadOf(constant(100), { id: 'box', name: 'Box' })], plan.powerSystem.sources, 24)
    const found = predictRun(headOf(sure), readEvery(sure, 0.11, 4), { runs: 200 })
    expect(found.contradicts > 0.5 || (found.scaled > 0.5 && found.scaledTimes > 1.5)).toBe(true)
    expect(found.endMin.p50 / 60).toBeGreaterThan(7.5)
    expect(found.endMin.p50 / 60).toBeLessThan(11)
  })

  test('what starts later is in the plan and not in the line', () => {
    const evening = planWith(
      [
        loadOf(constant(50), { id: 'router' }),
        loadOf(scheduled(400, '23:00', '06:00'), { id: 'heater', name: 'Heater' }),
      ],
      plan.powerSystem.sources,
      24,
    )
    // from 18:00 to 22:00 only the router
    const found = predictRun(headOf(evening), readEvery(evening, 0.0253, 4), { runs: 200 })
    expect(found.straight!.endMin / 60).toBeGreaterThan(30)
    expect(found.endMin.p50 / 60).toBeGreaterThan(8)
    expect(found.endMin.p50 / 60).toBeLessThan(10.5)
  })

  test('a load that was pulled is off from then on', () => {
    const entries = readEvery(plan, 0.05, 3)
    const pulled = entryAt<EntryOf<'switch'>>(plan, 185, { kind: 'switch', loadId: 'box', to: 'off' })
    expect(predictRun(head, entries, { runs: 100 }).endMin.p50).toBeLessThan(26 * 60)
    expect(predictRun(head, [...entries, pulled], { runs: 100 }).endMin.p50).toBe(Infinity)
  })

  test('charged on the way it begins anew from that charge, with what was learned before', () => {
    const entries = readEvery(plan, 0.1, 4)
    const charged = entryAt<EntryOf<'source'>>(plan, 300, {
      kind: 'source',
      sourceId: plan.powerSystem.sources[0].id,
      what: 'charged',
      toFraction: 1,
    })
    const found = predictRun(head, [...entries, charged], { runs: 300 })
    expect(found.segment.fromMin).toBe(300)
    // at 200 W full to empty takes 10 h; as planned it would be 20
    expect(found.endMin.p50 / 60 - 5).toBeLessThan(14)
    expect(found.endMin.p50 / 60 - 5).toBeGreaterThan(8)
  })

  test('that it was emptied teaches as a reading does', () => {
    const ended = entryAt<EntryOf<'end'>>(plan, 15 * 60, { kind: 'end', how: 'empty' })
    const found = predictRun(head, [readingAt(plan, 0, { chargeFraction: 1 }), ended], { runs: 300 })
    expect(found.endMin.p50 / 60).toBeGreaterThan(14.9)
    expect(found.endMin.p50 / 60).toBeLessThan(16.5)
    const [watts] = assumptionsAgainst(found.moments)
    expect(watts.found).toBeGreaterThan(115)
  })

  test('a run begins on the real clock, and takes nothing that was planned by the hour for done', () => {
    const household = demoHousehold()
    const { scenarioId } = household.chosen
    const charging = { generator: [{ fromMin: 0, toMin: 120 }], car: [], grid: [] }
    const steering = { pauses: [{ fromMin: 0, toMin: 60 }], offDaily: [{ from: '01:00', to: '02:00' }] }
    const asPlanned: Household = {
      ...household,
      scenarios: household.scenarios.map((one) => (one.id === scenarioId ? { ...one, charging } : one)),
      loads: household.loads.map((load) => ({
        ...load,
        standings: { [scenarioId]: { on: true, tier: 'critical', steering } },
      })),
    }
    const begun = planOfRun(asPlanned, '2027-03-01T07:45')
    expect(begun.scenario).toMatchObject({ startsAt: '2027-03-01T07:45', charging: undefined })
    expect(begun.loads[0].steering).toEqual({ pauses: undefined, offDaily: [{ from: '01:00', to: '02:00' }] })
  })

  test('entries later than the moment asked for are not looked at', () => {
    const entries = [...readEvery(plan, 0.05, 4), readingAt(plan, 600, { chargeFraction: 0.05 })]
    const early = predictRun(head, entries, { runs: 100, untilMin: 250 })
    expect(early.nowMin).toBe(240)
    expect(early.endMin.p50).toBeGreaterThan(15 * 60)
  })

  test('the band holds the readings, and the chance to last falls with the hours', () => {
    const found = predictRun(head, readEvery(plan, 0.05, 5), { runs: 200 })
    const { p10, p90 } = chargeOfBand(found.band, 300)
    expect(p10).toBeLessThan(0.76)
    expect(p90).toBeGreaterThan(0.74)
    expect(lastsUntil(found, 600)).toBeGreaterThan(lastsUntil(found, 1300))
  })
})

test('the night ahead is that of the plan’s hours of sleep', () => {
  const plan = unsure()
  plan.scenario.asleep = [{ from: '23:00', to: '06:30' }]
  expect(nightAhead(headOf(plan), 10)).toEqual({ fromMin: 300, toMin: 750 })
  expect(nightAhead(headOf(plan), 400)).toEqual({ fromMin: 300, toMin: 750 })
  plan.scenario.asleep = []
  expect(nightAhead(headOf(plan), 10)).toBeNull()
})

test('what a run taught is taken over into the household, but not where somebody changed it since', () => {
  const household = demoHousehold()
  const plan = planOf(household)
  const { moments } = predictRun(headOf(plan), [], { runs: 30 })
  const shifted = moments.map((moment) => ({ ...moment, mean: 1, sd: 0.5 }))
  const learned = learnedOf(shifted, plan, { run: 'run 1', day: '2027-02-05' })
  const all = keepLearned(household, plan.powerSystem.id, learned)
  expect(all.left).toEqual([])
  const [one] = learned.filter(({ unknown }) => unknown.of === 'load')
  const changed = {
    ...household,
    loads: household.loads.map((load) =>
      load.id === one.unknown.id ? { ...load, behaviour: constant(77) } : load,
    ),
  }
  const some = keepLearned(changed, plan.powerSystem.id, learned)
  expect(some.left.map(({ unknown }) => unknown.id)).toContain(one.unknown.id)
  expect(some.household.loads.find(({ id }) => id === one.unknown.id)?.behaviour).toEqual(constant(77))
})
