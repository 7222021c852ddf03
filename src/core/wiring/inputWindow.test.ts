import { describe, expect, test } from '@jest/globals'
import { checkString } from './inputWindow'

const panel = { vocV: 45.4, iscA: 11.4, watts: 405 }
const window = { lowV: 11, highV: 60, amps: 15, watts: 500 }

describe('two 405 W panels on an input of 11–60 V, 15 A, 500 W (common practice, no source)', () => {
  test('in series: 90.8 V, refused', () => {
    const found = checkString(panel, 2, 1, window)
    expect(found).toMatchObject({ verdict: 'refused', takenW: 0 })
    expect(found.voltsV).toBeCloseTo(90.8, 9)
    expect(found.message).toMatch(/90.8 V.*60 V.*destroy.*1 in series at most/)
  })

  test('in parallel: 45.4 V and 22.8 A, safe, clipped to 15 A and 500 W', () => {
    const found = checkString(panel, 1, 2, window)
    expect(found).toMatchObject({ verdict: 'clipped', takenW: 500 })
    expect([found.voltsV, found.ampsA]).toEqual([45.4, 22.8])
    expect(found.message).toMatch(/15 A and 500 W/)
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
