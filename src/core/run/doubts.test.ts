import { expect, test } from '@jest/globals'
import { entryAt, headOf, instant, readingAt } from '../../../tests/calibration/runs/runOf'
import { constant, exactSource, loadOf, planWith } from '../../../tests/support/samplePlan'
import { doubtsOf } from './doubts'
import type { EntryOf } from './runDocument'

const plan = planWith([loadOf(constant(90))], [exactSource({ id: 'station' })])
const head = headOf(plan)
const now = instant(plan, 200)
const first = readingAt(plan, 60, { chargeFraction: 0.8, outWh: 200 })
const kinds = (...args: Parameters<typeof readingAt> extends [unknown, ...infer R] ? R : never) =>
  doubtsOf(head, [first], readingAt(plan, ...args), now).map(({ kind }) => kind)

test('what cannot well be is asked about', () => {
  expect(kinds(120, { chargeFraction: 0.7, outWh: 300 })).toEqual([])
  expect(kinds(120, { chargeFraction: 0.9 })).toEqual(['charge went up'])
  expect(kinds(61, { chargeFraction: 0.2 })).toEqual(['charge fell too fast'])
  expect(kinds(120, { outWh: 100 })).toEqual(['counter went down'])
  expect(kinds(-30, { chargeFraction: 1 })).toEqual(['before the start'])
  expect(kinds(260, { chargeFraction: 0.7 })).toEqual(['in the future'])
  expect(kinds(60, { chargeFraction: 0.8, outWh: 200 })).toEqual(['same as the last'])
})

test('a gauge that wavers is not asked about, nor a charge that rose because it was charged, nor what was confirmed', () => {
  expect(kinds(120, { chargeFraction: 0.81 })).toEqual([])
  const charged = entryAt<EntryOf<'source'>>(plan, 90, {
    kind: 'source',
    sourceId: 'station',
    what: 'charged',
    toFraction: 0.95,
  })
  const after = readingAt(plan, 120, { chargeFraction: 0.94 })
  expect(doubtsOf(head, [first, charged], after, now)).toEqual([])
  const confirmed = { ...readingAt(plan, 120, { chargeFraction: 0.95 }), confirmed: true as const }
  expect(doubtsOf(head, [first], confirmed, now)).toEqual([])
})
