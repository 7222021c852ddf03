import { describe, expect, test } from '@jest/globals'
import { APPLIANCES } from '@/catalog/appliances'
import { averageW } from '@/core/load/average'
import { householdLoadSchema } from '@/core/plan/schema'
import { constant, cycling, scheduled, session } from '../../../tests/support/samplePlan'
import { blankLoad, loadFrom, withStart } from '@/catalog/appliances/loadFrom'
import { asKind, decidingQuantity, withCount, withEvidence } from './loadForm'

describe('another kind of behaviour', () => {
  const kinds = ['constant', 'scheduled', 'session', 'cycling'] as const
  const behaviours = [
    constant(100),
    scheduled(100, '18:00', '22:00'),
    session(100, 10, ['08:00']),
    cycling(100, 40, 30),
  ]

  test('keeps the running watts, and is valid', () => {
    for (const behaviour of behaviours)
      for (const kind of kinds) {
        const next = asKind(behaviour, kind)
        expect(next.kind).toBe(kind)
        expect(next.runningW).toEqual(behaviour.runningW)
        expect(householdLoadSchema.safeParse({ ...blankLoad('x', 'X', 120), behaviour: next }).success).toBe(
          true,
        )
      }
  })

  test('becoming a cycling load keeps the average; the same kind stays the same', () => {
    expect(averageW(asKind(scheduled(60, '18:00', '22:00'), 'cycling'))).toBe(10)
    expect(asKind(behaviours[3], 'cycling')).toBe(behaviours[3])
  })
})

test('evidence goes to the number that decides the energy: the average of a cycling load, the watts of others', () => {
  const measured = withEvidence(cycling(150, 60, 40), 'typical')
  expect(measured).toMatchObject({
    averageW: { evidence: 'typical', spread: { times: 1.5 } },
    runningW: { evidence: 'measured' },
  })
  expect(decidingQuantity(withEvidence(constant(20), 'tested'))).toMatchObject({
    evidence: 'tested',
    spread: { times: 1.05 },
  })
})

test('a typical load hangs on the mains of the house, its 240 V ones on both legs', () => {
  const pump = APPLIANCES.find(({ id }) => id === 'well-pump')!
  expect(loadFrom(pump, 'p', 'Pump', 120)).toMatchObject({
    volts: 240,
    leg: 'both',
    start: { watts: { value: 3200 } },
  })
  expect(loadFrom(pump, 'p', 'Pump', 230)).toMatchObject({ volts: 230, leg: 'A' })
  expect(withStart(900, 'label')).toMatchObject({
    watts: { value: 900, evidence: 'label' },
    seconds: { value: 0.3, evidence: 'typical' },
  })
})

test('another number of the same things: all watts follow, one of them starts on top of the others', () => {
  const pump = {
    ...blankLoad('p', 'Pumps', 120),
    behaviour: cycling(100, 40, 30),
    start: withStart(500, 'label'),
  }
  const three = { ...pump, ...withCount(pump, 3) }
  expect(three).toMatchObject({
    count: 3,
    behaviour: { runningW: { value: 300 }, averageW: { value: 120 }, periodMin: { value: 30 } },
    start: { watts: { value: 700 } },
  })
  const one = { ...three, ...withCount(three, 1) }
  expect(one.count).toBeUndefined()
  expect(one).toMatchObject({ behaviour: { runningW: { value: 100 } }, start: { watts: { value: 500 } } })
})
