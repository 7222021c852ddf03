import { expect, test } from '@jest/globals'
import { searchStock } from '@/catalog/searchStock'
import { USUAL_CONSTRAINTS, candidatesOf } from '@/core/sizing/search/candidates'
import type { Judged } from '@/core/sizing/search/search'
import { constant, loadOf, planWith } from '../../tests/support/samplePlan'
import { judgeShare } from './judgeShare'

const stock = searchStock(120)
const request = {
  plans: [planWith([loadOf(constant(60))], undefined, 6)],
  want: USUAL_CONSTRAINTS,
  confidence: 0.8,
  hours: null,
  stock,
}
const all = candidatesOf(stock, USUAL_CONSTRAINTS)

test('the shares together judge every candidate once, however late their words are heard', async () => {
  const heard: Judged[] = []
  const counts = new Set<number>()
  for (const share of [0, 1, 2])
    await judgeShare(request, share, 3, async (judged, count) => {
      await new Promise((resolve) => setImmediate(resolve))
      heard.push(...judged)
      counts.add(count)
    })
  expect(counts).toEqual(new Set([all.length]))
  expect(new Set(heard.map(({ candidate }) => JSON.stringify(candidate))).size).toBe(all.length)
  expect(heard).toHaveLength(all.length)
})
