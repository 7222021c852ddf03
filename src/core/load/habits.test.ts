import { describe, expect, test } from '@jest/globals'
import { constant, loadOf, planWith, scheduled, session } from '../../../tests/support/samplePlan'
import type { Behaviour } from '../plan/schema'
import { quantity } from '../quantity/quantity'
import { runAll } from '../simulation/simulate'
import { isByHand, isLeftOut, offMin } from './habits'

/** Energy of every run of one load over a day, Wh. */
function energies(behaviour: Behaviour, more = {}, runs = 300) {
  const each: number[] = []
  for (let seed = 1; seed <= runs; seed++) {
    const { chains } = runAll(planWith([loadOf(behaviour, more)], undefined, 24), { runs: 1, seed })
    each.push(chains[0].askedWh[0])
  }
  return each
}
const byHand = (behaviour: Behaviour): Behaviour => ({ ...behaviour, byTimer: false }) as Behaviour

describe('people are not clocks', () => {
  test('what they switch is early or late and now and then left out; a timer keeps its minute', () => {
    const lamps = scheduled(100, '19:00', '23:00')
    expect(new Set(energies(lamps, {}, 5)).size).toBe(1)
    const loose = energies(byHand(lamps))
    const mean = loose.reduce((sum, wh) => sum + wh, 0) / loose.length
    expect(Math.abs(mean / 400 - 0.96)).toBeLessThan(0.03)
    expect(loose.filter((wh) => wh === 0).length).toBeGreaterThan(2)
    const kept = loose.filter((wh) => wh > 0)
    const sd = Math.sqrt(kept.reduce((sum, wh) => sum + (wh - 400) ** 2, 0) / kept.length)
    // two edges of 22 minutes at 100 W: 52 Wh
    expect(sd).toBeGreaterThan(42)
    expect(sd).toBeLessThan(62)
  })

  test('a medical device is never left out', () => {
    const aid = energies(byHand(scheduled(40, '22:30', '06:30')), { medical: true }, 150)
    expect(Math.min(...aid)).toBeGreaterThan(200)
    expect(isLeftOut(0.001, 'windows', true)).toBe(false)
    expect(isLeftOut(0.001, 'windows', false)).toBe(true)
  })

  test('who switches what', () => {
    expect(isByHand(constant(10))).toBe(false)
    expect(isByHand(byHand(session(900, 5, ['07:00'])))).toBe(true)
    expect(isByHand(session(900, 5, ['07:00']))).toBe(false)
    const eachHour = {
      ...scheduled(40, '00:00', '24:00'),
      byTimer: undefined,
      eachHour: { atMinute: 0, minutes: 5 },
    }
    expect(isByHand(eachHour as Behaviour)).toBe(false)
    expect(
      isByHand({
        kind: 'charging',
        runningW: quantity(60, 'W', 'label'),
        energyWh: quantity(60, 'Wh', 'label'),
        efficiencyFraction: quantity(0.9, '1', 'label'),
        idleW: quantity(1, 'W', 'label'),
        when: 'start',
      }),
    ).toBe(false)
    expect(offMin(9)).toBe(66)
  })
})
