import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { ReadingsModel } from './likelihood'
import type { Observation } from './observations'

const gauge = { what: 'charge' as const, biasSd: 0.02, isRelative: false }
const at = (minute: number, value: number): Observation => ({
  instrument: gauge,
  minute,
  value,
  noiseSd: 0.01,
})

/** log N(r; 0, C) by elimination, without any lemma. */
function logNormal(r: number[], covariance: number[][]): number {
  const a = covariance.map((row, i) => [...row, r[i]])
  let logDeterminant = 0
  for (let p = 0; p < r.length; p++) {
    logDeterminant += Math.log(a[p][p])
    for (let q = p + 1; q < r.length; q++) {
      const times = a[q][p] / a[p][p]
      for (let k = p; k <= r.length; k++) a[q][k] -= times * a[p][k]
    }
  }
  const x = new Array<number>(r.length).fill(0)
  for (let p = r.length - 1; p >= 0; p--)
    x[p] = (a[p][r.length] - x.reduce((sum, value, k) => sum + (k > p ? a[p][k] * value : 0), 0)) / a[p][p]
  const quadratic = r.reduce((sum, value, i) => sum + value * x[i], 0)
  return -0.5 * (quadratic + logDeterminant + r.length * Math.log(2 * Math.PI))
}

describe('how well a run agrees with its readings', () => {
  const chance = { stretchMin: 60, count: 2, covariance: Float64Array.of(4e-4, 1e-4, 1e-4, 9e-4) }
  const useSd = 0.03

  test('the two lemmas say what the whole covariance says', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.integer({ min: 0, max: 200 }), fc.double({ min: -0.1, max: 0.1, noNaN: true })),
          {
            minLength: 1,
            maxLength: 6,
          },
        ),
        (rows) => {
          const observations = rows.map(([minute, off]) => at(minute, 1 - minute / 300 + off))
          const expected = Float64Array.from(rows, ([minute]) => 1 - minute / 300)
          const use = Float64Array.from(rows, ([minute]) => -minute / 300)
          const ones = new Float64Array(rows.length).fill(-1)
          const model = new ReadingsModel(observations, useSd, chance)
          const { logLikelihood } = model.fit(expected, use, ones, new Float64Array(rows.length), 0.5)
          const ramp = (minute: number, k: number) => Math.min(1, Math.max(0, (minute - k * 60) / 60))
          const covariance = rows.map(([a], i) =>
            rows.map(([b], j) => {
              let value = use[i] * use[j] * useSd ** 2 + gauge.biasSd ** 2 + (i === j ? 0.01 ** 2 : 0)
              for (let p = 0; p < 2; p++)
                for (let q = 0; q < 2; q++) value += ramp(a, p) * ramp(b, q) * chance.covariance[p * 2 + q]
              return value
            }),
          )
          const wanted = logNormal(
            rows.map(([, off]) => off),
            covariance,
          )
          expect(logLikelihood).toBeCloseTo(wanted, 6)
        },
      ),
    )
  })

  test('more used than the run says is a correction of what is used, and of what goes on', () => {
    const observations = [60, 120, 180, 240].map((minute) => at(minute, 1 - (1.1 * minute) / 300))
    const model = new ReadingsModel(observations, 0.3, {
      ...chance,
      covariance: Float64Array.of(1e-6, 0, 0, 1e-6),
    })
    const fit = model.fit(
      Float64Array.from(observations, ({ minute }) => 1 - minute / 300),
      Float64Array.from(observations, ({ minute }) => -minute / 300),
      new Float64Array(4).fill(-1),
      new Float64Array(4),
      240 / 300,
    )
    expect(fit.useMean).toBeGreaterThan(0.05)
    expect(fit.useMean).toBeLessThan(0.11)
    expect(fit.offMean).toBeCloseTo(fit.useMean * 0.8, 2)
    expect(fit.useSd).toBeLessThan(0.1)
  })
})
