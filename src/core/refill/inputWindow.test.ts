import { describe, expect, test } from '@jest/globals'
import { said } from '../../../tests/support/saidTold'
import * as fc from 'fast-check'
import { checkString } from './inputWindow'

const panel = { vocV: 45.4, iscA: 11.4, watts: 405 }
const window = { lowV: 11, highV: 60, amps: 15, watts: 500 }

describe('two 405 W panels on an input of 11–60 V, 15 A, 500 W (common practice, no source)', () => {
  test('in series: 90.8 V, refused', () => {
    const found = checkString(panel, 2, 1, window)
    expect(found).toMatchObject({ verdict: 'refused', takenW: 0 })
    expect(found.voltsV).toBeCloseTo(90.8, 9)
    expect(said(found.message)).toMatch(/90.8 V.*60 V.*destroy.*1 in series at most/)
  })

  test('in parallel: 45.4 V and 22.8 A, safe, clipped to 15 A and 500 W', () => {
    const found = checkString(panel, 1, 2, window)
    expect(found).toMatchObject({ verdict: 'clipped', takenW: 500 })
    expect([found.voltsV, found.ampsA]).toEqual([45.4, 22.8])
    expect(said(found.message)).toMatch(/15 A and 500 W/)
  })
})

test('cold raises the open-circuit volts: what fits in summer may be refused', () => {
  const tight = { ...window, highV: 50 }
  expect(checkString(panel, 1, 1, tight).verdict).toBe('fits')
  expect(checkString(panel, 1, 1, tight, 1.14).verdict).toBe('refused')
})

test('too few volts never begin; nonsense is an error', () => {
  expect(checkString({ ...panel, vocV: 9 }, 1, 1, window)).toMatchObject({ verdict: 'too low' })
  expect(() => checkString({ ...panel, watts: 0 }, 1, 1, window)).toThrow(RangeError)
  expect(() => checkString(panel, 0, 1, window)).toThrow(RangeError)
})

describe('any panels on any input', () => {
  const someString = fc.record({
    vocV: fc.double({ min: 5, max: 80, noNaN: true }),
    iscA: fc.double({ min: 1, max: 20, noNaN: true }),
    watts: fc.integer({ min: 20, max: 700 }),
    series: fc.integer({ min: 1, max: 6 }),
    parallel: fc.integer({ min: 1, max: 4 }),
    highV: fc.double({ min: 20, max: 200, noNaN: true }),
    cold: fc.double({ min: 1, max: 1.25, noNaN: true }),
  })

  test('over the window it is refused and gives nothing; within it, no more than panels and input have', () => {
    fc.assert(
      fc.property(someString, ({ series, parallel, highV, cold, ...label }) => {
        const input = { ...window, highV }
        const found = checkString(label, series, parallel, input, cold)
        expect(found.verdict === 'refused').toBe(label.vocV * series * cold > highV)
        if (found.verdict === 'refused' || found.verdict === 'too low') expect(found.takenW).toBe(0)
        expect(found.takenW).toBeLessThanOrEqual(Math.min(input.watts, label.watts * series * parallel))
      }),
    )
  })

  test('one more in series, or colder, never makes a refused string safe', () => {
    fc.assert(
      fc.property(someString, ({ series, parallel, highV, cold, ...label }) => {
        const input = { ...window, highV }
        if (checkString(label, series, parallel, input, cold).verdict !== 'refused') return
        expect(checkString(label, series + 1, parallel, input, cold).verdict).toBe('refused')
        expect(checkString(label, series, parallel, input, cold * 1.05).verdict).toBe('refused')
      }),
    )
  })

  test('as many in series as a refusal says are within the window, and one more is not', () => {
    fc.assert(
      fc.property(someString, ({ series, parallel, highV, cold, ...label }) => {
        const input = { ...window, highV }
        const { what, with: told } = checkString(label, series, parallel, input, cold).message
        const most = Number(told.mostInSeries)
        if (what !== 'panels.refused' || most === 0) return
        expect(checkString(label, most, parallel, input, cold).verdict).not.toBe('refused')
        expect(checkString(label, most + 1, parallel, input, cold).verdict).toBe('refused')
      }),
    )
  })
})
