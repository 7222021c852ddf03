import { expect, test } from '@jest/globals'
import { equipmentClass, sourceOf } from '@/catalog/equipment'
import { arrayOf } from '@/catalog/refill'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import { NO_REFILL } from '../plan/noRefill'
import { simulate } from './simulate'
import { unfedStretches } from './unfed'

const bare = planWith([loadOf(constant(250))], [sourceOf(equipmentClass('station-2000'), 'main')], 48)

test('without refill: from the middle end on', () => {
  const { chains, runtimeMin } = simulate(bare, { runs: 20 })
  expect(unfedStretches(chains[0], 2880)).toEqual([[runtimeMin.p50, 2880]])
  expect(unfedStretches(chains[0], 60)).toEqual([])
})

test('with the sun: gaps that close when it has come back, none of them before the first end', () => {
  const plan = {
    ...bare,
    scenario: {
      ...bare.scenario,
      startsAt: '2027-06-04T18:00',
      sky: { kind: 'days' as const, days: ['clear' as const] },
    },
    refill: { ...NO_REFILL, panels: [arrayOf('panel-220', 'roof', { parallel: 2 })] },
  }
  const { chains, runtimeMin } = simulate(plan, { runs: 20 })
  const gaps = unfedStretches(chains[0], 2880)
  expect(gaps.length).toBeGreaterThan(1)
  expect(gaps[0][0]).toBeGreaterThan(runtimeMin.p10 - 15)
  gaps.forEach(([from, to], i) => {
    expect(to).toBeGreaterThan(from)
    if (i > 0) expect(from).toBeGreaterThan(gaps[i - 1][1])
  })
  // by noon of the first day the sun feeds it again
  expect(gaps.some(([from, to]) => from <= 18 * 60 && to > 18 * 60)).toBe(false)
})
