import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { clearSkyW, cosIncidence, diffuseFraction, onPlane, splitGlobal } from './irradiance'

const sunAt = (zenithDeg: number, azimuthDeg = 180) => ({ zenithDeg, azimuthDeg, distanceAu: 1 })

describe('clear sky', () => {
  // Haurwitz 1945, computed by hand: 1098·cos z·exp(−0.059 ÷ cos z)
  test.each([
    [0, 1035.1],
    [30, 888.2],
    [60, 487.9],
    [80, 135.7],
    [91, 0],
  ])('zenith %i°: %d W/m²', (zenith, watts) => {
    expect(clearSkyW(zenith)).toBeCloseTo(watts, 0)
  })
})

describe('diffuse split', () => {
  // Erbs, Klein & Duffie 1982, eq. 1, computed by hand
  test.each([
    [0, 1],
    [0.2, 0.982],
    [0.5, 0.6591],
    [0.75, 0.1831],
    [0.9, 0.165],
  ])('clearness %d: share %d', (clearness, share) => {
    expect(diffuseFraction(clearness)).toBeCloseTo(share, 3)
  })

  test('parts make the whole again at any sun', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 88, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (zenith, share) => {
          const globalW = share * clearSkyW(zenith)
          const { directW, diffuseW } = splitGlobal(globalW, sunAt(zenith))
          expect(directW * Math.cos((zenith * Math.PI) / 180) + diffuseW).toBeCloseTo(globalW, 6)
        },
      ),
    )
  })
})

describe('on a tilted plane', () => {
  test('level: what the ground gets', () => {
    const sun = sunAt(50)
    const light = splitGlobal(600, sun)
    const level = { tiltDeg: 0, azimuthDeg: 180 }
    expect(onPlane(light, sun, level)).toBeCloseTo(600, 6)
    expect(onPlane(light, sun, level, false, 'isotropic')).toBeCloseTo(600, 6)
  })

  test('isotropic, by hand: direct·cos θ + diffuse·(1 + cos β)/2 + ground', () => {
    const light = { globalW: 500, directW: 700, diffuseW: 150 }
    const at = onPlane(light, sunAt(60), { tiltDeg: 60, azimuthDeg: 180 }, false, 'isotropic')
    expect(at).toBeCloseTo(700 + 150 * 0.75 + 500 * 0.2 * 0.25, 6)
  })

  test('Hay & Davies 1980, by hand: diffuse·(A·R_b + (1 − A)·(1 + cos β)/2), A = direct ÷ outside the air', () => {
    const light = { globalW: 500, directW: 700, diffuseW: 150 }
    // the sun at right angles to the plane: R_b = cos 0° ÷ cos 60° = 2; A = 700 ÷ 1361
    const around = 700 / 1361
    const diffuse = 150 * (around * 2 + (1 - around) * 0.75)
    const at = onPlane(light, sunAt(60), { tiltDeg: 60, azimuthDeg: 180 })
    expect(at).toBeCloseTo(700 + diffuse + 500 * 0.2 * 0.25, 6)
    expect(at).toBeCloseTo(933.95, 1)
  })

  test('Hay & Davies sees more than isotropic where the plane faces the sun, and less where it does not', () => {
    const light = { globalW: 500, directW: 700, diffuseW: 150 }
    const facing = { tiltDeg: 60, azimuthDeg: 180 }
    const away = { tiltDeg: 60, azimuthDeg: 0 }
    const both = (plane: typeof facing) => [
      onPlane(light, sunAt(60), plane),
      onPlane(light, sunAt(60), plane, false, 'isotropic'),
    ]
    expect(both(facing)[0]).toBeGreaterThan(both(facing)[1])
    expect(both(away)[0]).toBeLessThan(both(away)[1])
  })

  test('shade takes the sun away and leaves the sky', () => {
    const light = { globalW: 500, directW: 700, diffuseW: 150 }
    const plane = { tiltDeg: 40, azimuthDeg: 180 }
    const shaded = onPlane(light, sunAt(60), plane, true)
    expect(shaded).toBeLessThan(onPlane(light, sunAt(60), plane) / 4)
    expect(shaded).toBeGreaterThan(0)
  })

  test('the sun on its back gives no direct light', () => {
    expect(cosIncidence(sunAt(60, 0), { tiltDeg: 60, azimuthDeg: 180 })).toBe(0)
  })
})
