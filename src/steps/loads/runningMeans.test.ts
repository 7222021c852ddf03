import { describe, expect, test } from '@jest/globals'
import { coldBox, constant, cycling } from '../../../tests/support/samplePlan'
import { likelierMeaning, withRunningW } from './runningMeans'

describe('other running watts of a thermostat’s load', () => {
  const typical = cycling(150, 60, 40)
  const measured = {
    ...typical,
    averageW: { ...typical.averageW, evidence: 'measured' as const },
  }

  test('the average stays, or all of it follows', () => {
    expect(withRunningW(typical, 200, 'average stays')).toMatchObject({
      runningW: { value: 200 },
      averageW: { value: 60 },
    })
    expect(withRunningW(typical, 200, 'average follows')).toMatchObject({
      runningW: { value: 200 },
      averageW: { value: 80 },
    })
  })

  test('a measured average stays, a guessed one follows, and one above the watts must', () => {
    expect(likelierMeaning(measured, 200)).toBe('average stays')
    expect(likelierMeaning({ ...typical, averageW: { ...typical.averageW, evidence: 'typical' } }, 200)).toBe(
      'average follows',
    )
    expect(likelierMeaning(measured, 50)).toBe('average follows')
    expect(likelierMeaning(constant(50), 10)).toBe('average stays')
  })

  test('a defrost heater above the compressor lets the average stay', () => {
    const box = coldBox(150, 60)
    expect(likelierMeaning({ ...box, averageW: { ...box.averageW, evidence: 'label' } }, 55)).toBe(
      box.kind === 'cycling' && box.defrost ? 'average stays' : 'average follows',
    )
  })

  test('what the watts are made of follows along', () => {
    const furnace = {
      ...typical,
      blower: { watts: { ...typical.runningW, value: 120 }, lagMin: 1 },
    }
    expect(withRunningW(furnace, 300, 'average follows')).toMatchObject({ blower: { watts: { value: 240 } } })
  })
})

test('0 W and then some leave no average of 0 W behind', () => {
  const none = { ...cycling(0, 0, 30) }
  const next = withRunningW(none, 150, likelierMeaning(none, 150))
  expect(next.kind === 'cycling' && next.averageW.value).toBe(50)
})
