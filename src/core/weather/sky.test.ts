import { describe, expect, test } from '@jest/globals'
import { planWith } from '../../../tests/support/samplePlan'
import type { Scenario } from '../plan/schema'
import { cloudShare } from './cloud'
import { SKIES, dayOf, lightAt, lightSpread, sunAt, usualSky, utcOffsetH } from './sky'

const scenario = (more: Partial<Scenario> = {}): Scenario => ({
  ...planWith([]).scenario,
  startsAt: '2027-06-04T18:00',
  ...more,
})
const noonOf = (day: number) => day * 1440 + 18 * 60

describe('the sky of a scenario', () => {
  test('eighths of cloud, by hand: 6/8 leaves 0.718, 8/8 a quarter (Kasten & Czeplak 1980)', () => {
    expect(cloudShare(0.75)).toBeCloseTo(0.718, 3)
    expect(cloudShare(1)).toBe(0.25)
    expect(cloudShare(0)).toBe(1)
    expect(SKIES.mixed.share).toBeCloseTo(cloudShare(0.75), 1)
    expect(SKIES.overcast.share).toBe(cloudShare(1))
  })

  test('one word a day, the last goes on; the first day ends at midnight', () => {
    const days = scenario({ sky: { kind: 'days', days: ['dark', 'clear', 'overcast'] } })
    const light = (day: number) => lightAt(days, noonOf(day)).globalW
    expect(dayOf(days.startsAt, 359)).toBe(0)
    expect(dayOf(days.startsAt, 360)).toBe(1)
    expect(light(1) / light(0)).toBeGreaterThan(0.2)
    expect(light(0)).toBeGreaterThan(light(1) * 0.2)
    expect(light(2)).toBeCloseTo(light(3), -1)
    expect(lightSpread(days, 9)).toBe(SKIES.overcast.times)
  })

  test('hours of its own: a share each, the last goes on', () => {
    const hours = scenario({ sky: { kind: 'hours', name: 'typed', sunShare: [0, 1] } })
    expect(lightAt(hours, 30).globalW).toBe(0)
    expect(lightAt(hours, 90).globalW).toBeGreaterThan(0)
    expect(lightAt(hours, noonOf(1)).globalW).toBeGreaterThan(500)
  })

  test('says nothing: by its rain', () => {
    expect(usualSky('downpour')).toBe('dark')
    const dry = lightAt(scenario(), noonOf(0)).globalW
    expect(lightAt(scenario({ rain: 'rain' }), noonOf(0)).globalW).toBeLessThan(dry / 2)
  })

  test('the clock on the wall: by the longitude, or as the place says', () => {
    expect(utcOffsetH(scenario({ place: { name: '', latitudeDeg: 45, longitudeDeg: -71.6 } }))).toBe(-5)
    const summer = scenario({ place: { name: '', latitudeDeg: 45, longitudeDeg: -71.6, utcOffsetH: -4 } })
    // summer time: at the same clock the sun is an hour behind, before noon lower
    const standard = scenario({ place: { ...summer.place, utcOffsetH: -5 } })
    const morning = 14 * 60
    expect(sunAt(summer, morning).zenithDeg).toBeGreaterThan(sunAt(standard, morning).zenithDeg + 5)
  })
})
