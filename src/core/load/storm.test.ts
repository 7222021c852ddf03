import { describe, expect, test } from '@jest/globals'
import { planWith, loadOf } from '../../../tests/support/samplePlan'
import { quantity } from '../quantity/quantity'
import type { Pump } from '../plan/schema'
import { simulate } from '../simulation/simulate'
import { stormOf, stormShare } from './storm'

describe('rain ends', () => {
  test('level while it pours, an exponential tail after it', () => {
    const storm = { poursH: 8, tailH: 10 }
    expect(stormShare(storm, 3)).toBe(0.7)
    expect(stormShare(storm, 18)).toBeCloseTo(0.7 * Math.exp(-1), 12)
    expect(stormOf('downpour', 0, 0)).toEqual({ poursH: 8, tailH: 10 })
    expect(stormOf('rain', 1.2816, 0).poursH).toBeCloseTo(28, 2)
  })

  const pit = (knownIn: Pump['knownIn']): Pump => ({
    kind: 'pump',
    runningW: quantity(600, 'W', 'label', { times: 1 }),
    cycle: {
      by: 'spacing',
      onMin: quantity(0.3, 'min', 'label', { times: 1 }),
      everyMin: quantity(8, 'min', 'label', { times: 1 }),
    },
    inflowFollows: 'rain',
    knownIn,
  })
  const wh = (rain: 'dry' | 'rain' | 'downpour', hours: number) => {
    const plan = planWith([loadOf(pit('rain'))], undefined, hours)
    return simulate({ ...plan, scenario: { ...plan.scenario, rain } }, { runs: 200 }).loads[0].askedWh
  }

  test('a pit takes less than its count in the rain says, and less the second day than the first', () => {
    const counted = (24 * 600 * 0.3) / 8
    expect(wh('rain', 24)).toBeLessThan(0.75 * counted)
    expect(wh('rain', 24)).toBeGreaterThan(0.3 * counted)
    expect(wh('rain', 48) - wh('rain', 24)).toBeLessThan(0.7 * wh('rain', 24))
    expect(wh('downpour', 12)).toBeGreaterThan(1.5 * wh('rain', 12))
  })

  test('in dry weather it goes on as it did, rain or no rain before', () => {
    const dry = wh('dry', 24)
    expect(dry).toBeCloseTo((24 * 600 * 0.3) / 8 / 5, -2)
    expect(wh('rain', 24)).toBeGreaterThan(dry)
  })
})
