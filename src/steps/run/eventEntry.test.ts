import { describe, expect, test } from '@jest/globals'
import { UNITS_OF } from '@/core/quantity/units'
import { headOf } from '../../../tests/calibration/runs/runOf'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import { entryWords } from './entryWords'
import { type EventKind, eventEntry } from './eventEntry'

const plan = planWith([loadOf(constant(90), { id: 'router', name: 'Router' })])
const head = headOf(plan)
const sourceId = head.sourceId
const stamp = { id: 'e', at: head.startedAt, local: head.startsLocal, typedAt: head.startedAt }
const made = (kind: EventKind, which: string, text = '', how = 'off', of = head) =>
  eventEntry(of, kind, { which, how, text, sourceId }, stamp)
const words = (...args: Parameters<typeof made>) => {
  const entry = made(...args)
  return typeof entry === 'string' ? entry : entryWords(args[4] ?? head, entry)
}

describe('what is written down beside readings', () => {
  test('said as it was meant', () => {
    expect(words('switch', 'router')).toBe('Router switched off')
    expect(words('source', sourceId, '85 %')).toMatch(/charged to 85 %$/)
    expect(words('source', 'other', '100')).toBe('other takes over at 100 %')
    expect(words('temperature', 'freezer', '-18')).toBe('freezer: −18 °C')
    expect(words('temperature', 'water level', '12,5')).toBe('water 13 cm below the rim')
    expect(words('end', 'empty')).toBe('ended: empty')
    expect(words('note', '', ' dark ')).toBe('dark')
  })

  test('degrees are the household’s', () => {
    const us = { ...head, plan: { ...plan, household: { ...plan.household, units: UNITS_OF.us } } }
    expect(made('temperature', 'room', '50 F', '', us)).toMatchObject({ celsius: 10 })
    expect(words('temperature', 'room', '50', '', us)).toBe('room: 50 °F')
  })

  test.each([
    ['source', sourceId, '140', /0 to 100/],
    ['source', sourceId, '-5', /0 to 100/],
    ['temperature', 'room', 'warm', /A number/],
    ['temperature', 'room', '400', /no temperature of a house/],
    ['note', '', ' ', /Nothing was written/],
  ] as const)('%s %s “%s” is told', (kind, which, text, message) => {
    expect(made(kind, which, text)).toMatch(message)
  })
})
