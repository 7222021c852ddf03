import { expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { planOf } from '@/core/plan/planOf'
import { constant, exactSource, loadOf, planWith } from '../../../tests/support/samplePlan'
import { listed } from '../listed'
import { watchWords } from './watchWords'

test('what is on the battery, and what to look at', () => {
  const plan = planOf(demoHousehold())
  const [{ id }] = plan.powerSystem.sources
  expect(watchWords(plan, id)).toMatch(
    /^On it: .*freezer.*Write down the charge about every half hour.*the cold/,
  )
})

test('a second source takes the loads of the one before it; one with none says so', () => {
  const first = exactSource({ id: 'a' })
  const plan = planWith(
    [loadOf(constant(90), { name: 'Router', sourceId: 'a' })],
    [first, exactSource({ id: 'b', afterSourceId: 'a' }), exactSource({ id: 'c' })],
  )
  expect(watchWords(plan, 'b')).toMatch(/^On it: Router\. /)
  expect(watchWords(plan, 'c')).toMatch(/^Nothing of the plan is on it\./)
})

test('names in a row', () => {
  expect([listed([]), listed(['a']), listed(['a', 'b', 'c'])]).toEqual(['', 'a', 'a, b and c'])
})
