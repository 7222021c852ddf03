import { describe, expect, test } from '@jest/globals'
import { said } from '../../../tests/support/saidTold'
import { bankOf } from '@/catalog/equipment'
import { searchStock } from '@/catalog/searchStock'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import { dcOnly } from './dcOnly'
import { evaluate } from './evaluate'
import { openersOf } from './openers'

const router = loadOf(constant(18), { id: 'router', name: 'Fibre and router' })
const freezer = loadOf(constant(60), { id: 'freezer', name: 'Freezer' })

describe('mains loads on a source of direct current', () => {
  const plan = planWith([router, freezer], [bankOf('lfp-12-50', 1, 1, null, 'bank')], 12)
  const { gates } = evaluate(plan, { runs: 20 })

  test('network gear can be had for 12 V, a freezer cannot', () => {
    const { forDc, others } = dcOnly(gates.carries)
    expect(forDc.map(({ id }) => id)).toEqual(['router'])
    expect(others.map(({ id }) => id)).toEqual(['freezer'])
  })

  test('a medical device is never offered', () => {
    const medical = { ...router, name: 'Modem of a monitor', medical: true }
    const found = dcOnly(
      evaluate(planWith([medical], plan.powerSystem.sources, 12), { runs: 20 }).gates.carries,
    )
    expect(found.forDc).toEqual([])
  })

  test('the way that costs nothing says both', () => {
    const [opener] = openersOf(plan, gates, searchStock(120))
    expect(said(opener.free)).toBe('feed Fibre and router with 12 V direct current and leave Freezer off')
  })
})
