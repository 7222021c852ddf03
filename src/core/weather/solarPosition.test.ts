import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { solarPosition } from './solarPosition'

describe('where the sun stands', () => {
  test('NREL/TP-560-34302, worked example: within 0.05° of zenith 50.11162° and azimuth 194.34024°', () => {
    const sun = solarPosition(Date.UTC(2003, 9, 17, 19, 30, 30), 39.742476, -105.1786, {
      pressureHpa: 820,
      temperatureC: 11,
    })
    expect(Math.abs(sun.zenithDeg - 50.11162)).toBeLessThan(0.01)
    expect(Math.abs(sun.azimuthDeg - 194.34024)).toBeLessThan(0.01)
    expect(sun.distanceAu).toBeCloseTo(0.9965, 3)
  })

  /** Minutes the sun is above the horizon on a day. */
  const dayLength = (month: number, day: number, latitude: number) => {
    let minutes = 0
    for (let m = 0; m < 1440; m++)
      if (solarPosition(Date.UTC(2027, month - 1, day, 0, m), latitude, 0).zenithDeg < 90 + 16 / 60) minutes++
    return minutes
  }

  // almanac day lengths, upper limb and refraction counted (from memory, ± 5 min)
  test.each([
    [6, 21, 60, 18 * 60 + 52],
    [12, 21, 60, 5 * 60 + 53],
    [6, 21, 40, 15 * 60 + 1],
    [12, 21, 40, 9 * 60 + 20],
    [3, 20, 0, 12 * 60 + 7],
    [6, 21, 70, 1440],
    [12, 21, 70, 0],
  ])('month %i day %i at %i° north: %i min of day', (month, day, latitude, minutes) => {
    expect(Math.abs(dayLength(month, day, latitude) - minutes)).toBeLessThanOrEqual(5)
  })

  test('noon is in the south in the north, and in the north in the south', () => {
    const noon = Date.UTC(2027, 2, 20, 12, 7)
    expect(solarPosition(noon, 50, 0).azimuthDeg).toBeCloseTo(180, -0.5)
    const south = solarPosition(noon, -50, 0).azimuthDeg
    expect(Math.min(south, 360 - south)).toBeLessThan(3)
  })

  test('angles stay angles anywhere at any time', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -90, max: 90, noNaN: true }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.integer({ min: Date.UTC(1990, 0), max: Date.UTC(2090, 0) }),
        (latitude, longitude, ms) => {
          const { zenithDeg, azimuthDeg, distanceAu } = solarPosition(ms, latitude, longitude)
          expect(zenithDeg).toBeGreaterThanOrEqual(-0.01)
          expect(zenithDeg).toBeLessThanOrEqual(180)
          expect(azimuthDeg).toBeGreaterThanOrEqual(0)
          expect(azimuthDeg).toBeLessThanOrEqual(360)
          expect(Math.abs(distanceAu - 1)).toBeLessThan(0.0175)
        },
      ),
    )
  })

  test('latitude 95° is refused', () => {
    expect(() => solarPosition(0, 95, 0)).toThrow(/latitude 95°: from −90/)
  })
})
