import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { clockOf } from '../plan/clock'
import type { Behaviour } from '../plan/schema'
import { quantity } from '../quantity/quantity'
import { constant, exact, loadOf, planWith, session } from '../../../tests/support/samplePlan'
import { requirementOf } from '../sizing/requirement'
import { simulateSlowly } from './oracle'
import { simulate } from './simulate'

const charge = (watts: number, minutes: number, at: string[]): Behaviour => ({
  kind: 'charging',
  runningW: quantity(watts, 'W', 'label', exact),
  energyWh: quantity((watts * minutes) / 60, 'Wh', 'label', exact),
  efficiencyFraction: quantity(1, '1', 'label', exact),
  idleW: quantity(0, 'W', 'label', exact),
  byTimer: true,
  when: { at },
})

describe('what is under way when the outage begins', () => {
  const ends = (behaviour: Behaviour, startsAt: string) => {
    const plan = planWith([loadOf(behaviour)])
    plan.scenario.startsAt = startsAt
    return simulate(plan, { runs: 1 }).loads[0].suppliedWh
  }
  test.each([
    ['a session', session(120, 480, ['22:00'])],
    ['a charge', charge(120, 480, ['22:00'])],
  ])('%s of eight hours at 22:00 goes on when it begins at 22:01', (_, behaviour) => {
    expect(ends(behaviour, '2027-02-05T21:59')).toBeCloseTo(960, 6)
    expect(ends(behaviour, '2027-02-05T22:01')).toBeCloseTo(960, 6)
    // three hours of it are left at 03:00, and again two at the next 22:00
    expect(ends(behaviour, '2027-02-05T03:00')).toBeCloseTo((3 + 5) * 120, 6)
  })

  test('energy within a day is that of the minutes of it in which it runs, whenever it begins', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 1439 }),
        fc.integer({ min: 5, max: 1200 }),
        fc.constantFrom('session', 'charge'),
        (startMinute, minutes, kind) => {
          const at = ['13:00']
          const behaviour = kind === 'session' ? session(60, minutes, at) : charge(60, minutes, at)
          // over a whole day each of its minutes comes once
          expect(ends(behaviour, `2027-02-05T${clockOf(startMinute)}`)).toBeCloseTo(minutes, 5)
        },
      ),
      { numRuns: 60 },
    )
  })

  test('the slow program agrees, and the gates count it', () => {
    const plan = planWith([loadOf(charge(300, 600, ['14:00'])), loadOf(constant(40), { id: 'b' })])
    const [[chain]] = simulateSlowly(plan, 1, 1)
    const { runtimeMin } = simulate(plan, { runs: 1 })
    expect(chain.emptyMin[0]).toBeCloseTo(runtimeMin.p50, 5)
    expect(
      requirementOf([loadOf(session(700, 300, ['17:00']))], '2027-02-05T18:00', 60, 'largest-start'),
    ).toMatchObject({ runningW: 700, runningAtMin: 0 })
  })
})
