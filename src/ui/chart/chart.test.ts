import { describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { planOf } from '@/core/plan/planOf'
import { evaluate } from '../../../tests/support/saidEvaluation'
import { clockTicks } from './chartDecorations'
import { chargeCurve, curvePoints } from './chargeCurve'

describe('ticks of the clock', () => {
  test('whole hours that fit, the first and each midnight with the day’s name', () => {
    const ticks = clockTicks({ startsAt: '2027-02-05T18:00', shownMin: 42 * 60 }, 860)
    expect(ticks.map(({ label }) => label)).toEqual([
      '18:00 Fri',
      '00:00 Sat',
      '06:00',
      '12:00',
      '18:00',
      '00:00 Sun',
      '06:00',
      '12:00',
    ])
    expect(ticks.map(({ value }) => value)).toEqual([0, 360, 720, 1080, 1440, 1800, 2160, 2520])
  })

  test('an outage that starts at an odd minute has its first tick at the next whole hour', () => {
    expect(clockTicks({ startsAt: '2027-02-05T17:20', shownMin: 240 }, 860)[0]).toEqual({
      value: 40,
      label: '18:00 Fri',
    })
  })

  test('a narrow chart has few', () => {
    expect(clockTicks({ startsAt: '2027-02-05T18:00', shownMin: 72 * 60 }, 300).length).toBeLessThanOrEqual(4)
  })
})

describe('the curve', () => {
  const plan = planOf(demoHousehold())
  const evaluation = evaluate(plan, { runs: 60 })

  test('shows the whole outage when the battery ends within it', () => {
    const curve = chargeCurve(plan, evaluation, 'main')
    expect(curve.shownMin).toBe(42 * 60)
    expect(curve.ends?.title).toMatch(/^empty Saturday 0\d:\d0$/)
    expect(curve.asleep).toHaveLength(2)
    expect(curve.away).toEqual([[900, 1200]])
    const { p50 } = curvePoints(curve)
    expect(p50[0]).toEqual({ x: 0, y: 1 })
    expect(p50[p50.length - 1].x).toBe(42 * 60)
  })

  test('goes on past a short outage to where it ends', () => {
    const short = { ...plan, scenario: { ...plan.scenario, durationH: 3 } }
    const curve = chargeCurve(short, evaluate(short, { runs: 60 }), 'main')
    expect(curve.shownMin).toBeGreaterThan(10 * 60)
    expect(curve.outageMin).toBe(180)
  })

  test('a source nobody has is an error', () => {
    expect(() => chargeCurve(plan, evaluation, 'gone')).toThrow(RangeError)
  })
})
