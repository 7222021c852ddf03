import { describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { planOf } from '@/core/plan/planOf'
import { typicalRun } from '@/core/simulation/trace'
import { evaluate } from '../../../tests/support/saidEvaluation'
import { chargeCurve } from './chargeCurve'
import { readoutAt, readoutWords } from './readout'

const plan = planOf(demoHousehold())
const curve = chargeCurve(plan, evaluate(plan, { runs: 60 }), 'main')
const traces = typicalRun(plan)
const at = (minute: number) => readoutAt(curve, plan, traces, minute)

describe('the readout of the chart', () => {
  test('at the start the battery is full, and what runs is named', () => {
    const { charge, running, demandW } = at(0)
    expect(charge).toEqual({ p10: 1, p50: 1, p90: 1 })
    expect(running).toContain('Fibre, router, switch')
    expect(demandW).toBeGreaterThanOrEqual(24)
  })

  test('by night the breathing aid runs; by day it does not', () => {
    expect(at(8 * 60).running).toContain('Breathing aid')
    expect(at(18 * 60).running).not.toContain('Breathing aid')
  })

  test('before the start and past the end it stays at the edge', () => {
    expect(at(-500).minute).toBe(0)
    expect(at(1e6).minute).toBe(curve.shownMin)
  })

  test('is said with clock, charge, range and watts', () =>
    expect(
      readoutWords(plan, {
        minute: 540,
        charge: { p10: 0.18, p50: 0.32, p90: 0.45 },
        demandW: 210,
        running: ['A', 'B', 'C', 'D', 'E'],
      }),
    ).toBe('Saturday 03:00: 32 % charged (likely 18 % to 45 %), 210 W: A, B, C, D and 1 more'))

  test('nothing that runs is said to be nothing', () =>
    expect(
      readoutWords(plan, {
        minute: 0,
        charge: { p10: 1, p50: 1, p90: 1 },
        demandW: 0,
        running: [],
      }),
    ).toMatch(/, nothing runs$/))
})
