import { expect, test } from '@jest/globals'
import { planWith, constant, exactSource, loadOf } from '../../tests/support/samplePlan'
import { answerText } from '@/words/answer/answerParts'
import { evaluate } from '../../tests/support/saidEvaluation'
import { UNITS_OF } from '@/core/quantity/units'
import { formatClock } from '@/words/clock'
import { momentOf } from './momentOf'

test.each([
  ['00:00', '12:00 am'],
  ['00:05', '12:05 am'],
  ['09:30', '9:30 am'],
  ['12:00', '12:00 pm'],
  ['18:05', '6:05 pm'],
  ['24:00', 'midnight'],
])('%s is %s on a clock of twelve hours', (clock, words) => {
  expect(formatClock(clock, '12 h')).toBe(words)
  expect(formatClock(clock, '24 h')).toBe(clock)
})

test('a moment and the whole sentence follow the household’s clock', () => {
  const plan = planWith([loadOf(constant(200))], [exactSource()])
  expect(momentOf(plan, 1183, 10)).toBe('Saturday 13:40')
  plan.household.units = { ...UNITS_OF.metric, clock: '12 h' }
  expect(momentOf(plan, 1183, 10)).toBe('Saturday 1:40 pm')
  const { answer } = evaluate(plan, { runs: 20 })
  expect(answerText(answer)).toMatch(/from Friday 6:00 pm/)
  expect(answerText(answer)).not.toMatch(/\b(1[3-9]|2[0-3]):\d\d/)
})

test('a moment that never comes is told so', () => {
  const plan = planWith([loadOf(constant(200))], [exactSource()])
  expect(momentOf(plan, Infinity, 10)).toBe('not in sight')
})
