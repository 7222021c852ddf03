import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { anyHousehold } from '../../../tests/support/anyHousehold'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import type { Plan } from '@/core/plan/document'
import type { Source } from '@/core/plan/power'
import { simulate } from '@/core/simulation/simulate'
import { fitsPlan } from './fitsPlan'

const runOf = (plan: Plan) => simulate(plan, { runs: 2 })
const withSources = (plan: Plan, sources: Source[]): Plan => ({
  ...plan,
  powerSystem: { ...plan.powerSystem, sources },
})

describe('whether a result can be read beside a plan', () => {
  test('that of any plan fits it', () => {
    fc.assert(
      fc.property(anyHousehold, (plan) => {
        expect(fitsPlan(plan, runOf(plan))).toBe(true)
      }),
      { numRuns: 60, seed: 5 },
    )
  })

  const one = planWith([loadOf(constant(60))])
  const [main] = one.powerSystem.sources
  const second: Source = { ...main, id: 'second', afterSourceId: null }

  test.each<[string, Source[]]>([
    ['a source that feeds nothing', [main, second]],
    ['one in turn after another', [main, { ...second, afterSourceId: main.id }]],
    ['one that is away', [main, { ...second, isAway: true }]],
    [
      'one after another that is away',
      [
        { ...main, isAway: true },
        { ...second, afterSourceId: main.id },
      ],
    ],
  ])('it fits with %s', (_, sources) => {
    const plan = withSources(one, sources)
    expect(fitsPlan(plan, runOf(plan))).toBe(true)
  })

  test('not when a source came, went, or was taken away since', () => {
    const two = withSources(one, [main, second])
    expect(fitsPlan(two, runOf(one))).toBe(false)
    expect(fitsPlan(one, runOf(two))).toBe(false)
    expect(fitsPlan(withSources(one, [main, { ...second, isAway: true }]), runOf(two))).toBe(false)
  })
})
