import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { normalQuantile } from './normal'
import { percentileInPlace, percentilesInPlace } from './percentile'
import { Z_80, drawn, interval80, quantity, usualSpread } from './quantity'
import { bitsAt, keyOf, streamOf, uniformAt } from './random'

describe('drawn', () => {
  test('a spread of ×/÷1.5 puts the ends of the 80 % interval at value ÷ 1.5 and × 1.5', () => {
    const [low, high] = interval80(quantity(90, 'W', 'typical', { times: 1.5 }))
    expect(low).toBeCloseTo(60, 9)
    expect(high).toBeCloseTo(135, 9)
  })

  test('a spread of ±0.03 is even on both sides and never goes below zero', () => {
    const share = quantity(0.02, '1', 'typical', { plusMinus: 0.03 })
    expect(interval80(share)[1]).toBeCloseTo(0.05, 12)
    expect(drawn(share, -Z_80)).toBe(0)
  })

  test('better evidence is never spread wider', () => {
    const times = (['label', 'measured', 'tested'] as const).map(
      (evidence) => (usualSpread(evidence) as { times: number }).times,
    )
    expect(times).toEqual([...times].sort((a, b) => b - a))
  })
})

test('normal quantiles agree with tabulated ones', () => {
  for (const [p, z] of [
    [0.5, 0],
    [0.9, 1.2815515655],
    [0.975, 1.9599639845],
    [0.999, 3.0902323062],
    [0.01, -2.326347874],
  ])
    expect(normalQuantile(p)).toBeCloseTo(z, 7)
})

describe('percentileInPlace', () => {
  test('type 7 on a sample worked by hand: h = (n − 1)·p', () => {
    const sample = () => Float64Array.of(15, 20, 35, 40, 50)
    expect(percentileInPlace(sample(), 5, 0.4)).toBeCloseTo(29, 12)
    expect(percentileInPlace(sample(), 5, 0)).toBe(15)
    expect(percentileInPlace(sample(), 5, 1)).toBe(50)
  })

  test('equals the percentile of the sorted sample', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -1e6, max: 1e6, noNaN: true }), { minLength: 1, maxLength: 60 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (values, p) => {
          const sorted = [...values].sort((a, b) => a - b)
          const h = (values.length - 1) * p
          const k = Math.floor(h)
          const expected = sorted[k] + (h - k) * ((sorted[k + 1] ?? sorted[k]) - sorted[k])
          expect(percentileInPlace(Float64Array.from(values), values.length, p)).toBeCloseTo(expected, 6)
        },
      ),
    )
  })

  test('several at once are what they are one by one', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 50 }), { minLength: 1, maxLength: 60 }), (values) => {
        const ps = [0, 0.1, 0.34, 0.35, 0.5, 0.9, 1]
        const together = percentilesInPlace(Float64Array.from(values), values.length, ps)
        const singly = ps.map((p) => percentileInPlace(Float64Array.from(values), values.length, p))
        expect(together).toEqual(singly)
      }),
    )
  })

  test('runs that outlast the horizon make a percentile infinite only where they reach it', () => {
    const ends = Float64Array.of(10, Infinity, 20, 30, Infinity)
    expect(percentileInPlace(ends.slice(), 5, 0.5)).toBe(30)
    expect(percentileInPlace(ends.slice(), 5, 0.9)).toBe(Infinity)
  })

  test('a large sample too, whatever its shape: even, full of ties, all but one alike, with infinite ends', () => {
    const element = fc.oneof(
      fc.double({ min: -1e6, max: 1e6, noNaN: true }),
      fc.integer({ min: 0, max: 3 }),
      fc.constant(7),
    )
    const share = fc.constantFrom(0, 0, 0.02, 0.6)
    fc.assert(
      fc.property(
        fc.array(element, { minLength: 256, maxLength: 700, size: 'max' }),
        share,
        fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 1, maxLength: 5 }),
        (finite, infiniteShare, asked) => {
          const values = finite.map((value, i) => ((i * 0.6180339887) % 1 < infiniteShare ? Infinity : value))
          const ps = [...asked].sort((a, b) => a - b)
          const sorted = Float64Array.from(values).sort()
          const found = percentilesInPlace(Float64Array.from(values), values.length, ps)
          ps.forEach((p, i) => {
            const h = (values.length - 1) * p
            const k = Math.floor(h)
            const [low, high] = [sorted[k], sorted[Math.min(k + 1, values.length - 1)]]
            if (h > k && high === Infinity) expect(found[i]).toBe(Infinity)
            else if (high === low || h === k)
              // nought has no sign here
              expect(found[i] + 0).toBe(low + 0)
            else expect(found[i]).toBeCloseTo(low + (h - k) * (high - low), 6)
          })
        },
      ),
      { numRuns: 60 },
    )
  })

  test('an empty sample has none', () => {
    expect(() => percentileInPlace(new Float64Array(0), 0, 0.5)).toThrow(RangeError)
  })
})

describe('seeded chance', () => {
  test('the same stream and index give the same bits; another run gives others', () => {
    const stream = streamOf(7, keyOf('load boiler'), 3)
    expect(bitsAt(stream, 5)).toBe(bitsAt(stream, 5))
    expect(bitsAt(stream, 5)).not.toBe(bitsAt(streamOf(7, keyOf('load boiler'), 4), 5))
  })

  test('uniform numbers fill the interval evenly (χ² of 20 cells below its 99.9 % point, 43.8)', () => {
    const cells = new Array(20).fill(0)
    const draws = 20_000
    for (let i = 0; i < draws; i++)
      cells[Math.floor(uniformAt(streamOf(1, keyOf('x'), i % 100), (i / 100) | 0) * 20)]++
    const expected = draws / 20
    expect(cells.reduce((sum, n) => sum + (n - expected) ** 2 / expected, 0)).toBeLessThan(43.8)
  })
})
