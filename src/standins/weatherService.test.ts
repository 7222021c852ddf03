import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { forecastHours } from './weatherService'

const place = { latitudeDeg: 44.5, longitudeDeg: -71.6 }

describe('the simulated weather service', () => {
  test('says the same of the same hours, from whatever hour it is asked', () => {
    const two = forecastHours(place, '2027-02-05T18:00', 48)
    const later = forecastHours(place, '2027-02-06T06:00', 12)
    expect(later.map(({ cloudFraction }) => cloudFraction)).toEqual(
      two.slice(12, 24).map(({ cloudFraction }) => cloudFraction),
    )
  })

  test('winter is colder than summer, and the south has them the other way round', () => {
    const mean = (latitudeDeg: number, month: string) => {
      const hours = forecastHours({ ...place, latitudeDeg }, `2027-${month}-10T00:00`, 240)
      return hours.reduce((sum, { temperatureC }) => sum + temperatureC, 0) / hours.length
    }
    expect(mean(44.5, '07')).toBeGreaterThan(mean(44.5, '01') + 10)
    expect(mean(-44.5, '01')).toBeGreaterThan(mean(-44.5, '07') + 10)
  })

  test('stays within what a sky and a planet can be', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -90, max: 90, noNaN: true }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.integer({ min: 1, max: 12 }),
        (latitudeDeg, longitudeDeg, month) => {
          const at = `2027-${String(month).padStart(2, '0')}-01T05:00`
          for (const { cloudFraction, temperatureC } of forecastHours(
            { latitudeDeg, longitudeDeg },
            at,
            96,
          )) {
            expect(cloudFraction).toBeGreaterThanOrEqual(0)
            expect(cloudFraction).toBeLessThanOrEqual(1)
            expect(Math.abs(temperatureC)).toBeLessThan(60)
          }
        },
      ),
      { numRuns: 50 },
    )
  })
})
