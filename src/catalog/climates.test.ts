import { describe, expect, test } from '@jest/globals'
import { SKIES } from '@/core/weather/sky'
import { CLIMATES, STORMS, presetWeather } from './climates'

const months = Array.from({ length: 12 }, (_, i) => i + 1)

describe('weather presets', () => {
  test('every climate has twelve months whose highs are above their lows', () => {
    for (const { lowC, highC } of CLIMATES) {
      expect([lowC.length, highC.length]).toEqual([12, 12])
      lowC.forEach((low, i) => expect(highC[i]).toBeGreaterThan(low))
    }
  })

  test('what can be chosen is weather a plan takes, in either hemisphere', () => {
    for (const climate of CLIMATES)
      for (const storm of STORMS)
        for (const month of months)
          for (const latitude of [45, -45]) {
            const found = presetWeather(climate.id, storm.id, month, latitude)
            if (!found.ok) continue
            const { outdoor, sky } = found.weather
            expect(outdoor.highC).toBeGreaterThan(outdoor.lowC)
            expect(outdoor.lowC).toBeGreaterThan(-60)
            expect(sky?.kind === 'days' && sky.days.every((day) => day in SKIES)).toBe(true)
          }
  })

  test('seasons turn round south of the equator', () => {
    const january = presetWeather('cold-inland', 'ordinary', 1, 45)
    const july = presetWeather('cold-inland', 'ordinary', 7, -45)
    expect(january).toEqual(july)
  })

  test('an ice storm comes in January, not in July, and a heat wave the other way round', () => {
    expect(presetWeather('cold-inland', 'ice', 1, 45).ok).toBe(true)
    expect(presetWeather('cold-inland', 'ice', 7, 45)).toMatchObject({
      ok: false,
      why: { what: 'noSuchWeather', with: { usualHighC: 26 } },
    })
    expect(presetWeather('cold-inland', 'heat', 7, 45).ok).toBe(true)
    expect(presetWeather('cold-inland', 'heat', 1, 45).ok).toBe(false)
  })

  test('every climate has an ordinary day in every month; every storm comes somewhere', () => {
    for (const { id } of CLIMATES)
      for (const month of months) expect(presetWeather(id, 'ordinary', month, 45).ok).toBe(true)
    for (const { id } of STORMS)
      expect(CLIMATES.some((c) => months.some((m) => presetWeather(c.id, id, m, 45).ok))).toBe(true)
  })

  test('an unknown preset is an error', () => {
    expect(() => presetWeather('nowhere', 'ice', 1, 45)).toThrow(RangeError)
  })
})
