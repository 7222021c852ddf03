import { expect, test } from '@jest/globals'
import { headOf } from '../../../tests/calibration/runs/runOf'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import { outlookWords } from './outlookWords'

const plan = planWith([loadOf(constant(90))])
plan.scenario.startsAt = '2027-02-05T18:00'
plan.scenario.asleep = [{ from: '23:00', to: '06:30' }]
const head = headOf(plan)
const widths = [
  { hours: 0, halfWidth: 0.3 },
  { hours: 1, halfWidth: 0.2 },
  { hours: 5, halfWidth: 0.09 },
]
const endMin = { p10: 900, p50: 1000, p90: 1100 }

test('how long it must run, and stopped before bed', () => {
  expect(outlookWords(head, { widths, endMin })).toBe(
    'The end is known after 5 h to about ±9 %; after 1 h to about ±20 %. Begun now, stop it by Friday 23:00, before bed.',
  )
  expect(outlookWords(head, { widths: [], endMin })).toMatch(/within the hour/)
})

test('stopped before it may be empty, where that comes first; no hour where none is in sight', () => {
  expect(outlookWords(head, { widths, endMin: { ...endMin, p10: 120 } })).toMatch(
    /stop it by Friday 20:00, before it may be empty and food warms\.$/,
  )
  const sleepless = { ...head, plan: { ...plan, scenario: { ...plan.scenario, asleep: [] } } }
  expect(outlookWords(sleepless, { widths, endMin: { p10: Infinity, p50: Infinity, p90: Infinity } })).toBe(
    'The end is known after 5 h to about ±9 %; after 1 h to about ±20 %.',
  )
})
