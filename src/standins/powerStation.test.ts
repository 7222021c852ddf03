import { expect, test } from '@jest/globals'
import { headOf } from '../../tests/calibration/runs/runOf'
import { constant, loadOf, planWith } from '../../tests/support/samplePlan'
import { stationState, stationStream } from './powerStation'
import { stationTape } from './stationTape'

const plan = planWith([loadOf(constant(100))], undefined, 48)
const tape = stationTape(plan, plan.powerSystem.sources[0].id, 3)
const options = { startedAt: headOf(plan).startedAt, gaugeOff: 0, seed: 3 }
const end = tape.endMin!

test('it plays a run from full to its end, and adds up what it gives', () => {
  expect(tape.chargeFraction[0]).toBeCloseTo(1, 6)
  expect(end).toBeGreaterThan(300)
  for (let minute = 1; minute < end; minute++)
    expect(tape.chargeFraction[minute]).toBeLessThanOrEqual(tape.chargeFraction[minute - 1] + 1e-6)
  expect(tape.outWh[600] / 10).toBeCloseTo(100, -1)
  expect(stationState(tape, 0, options)).toMatchObject({
    chargePercent: 100,
    output: 'on',
    at: options.startedAt,
  })
  const half = stationState(tape, end / 2, options)
  expect(half.outputW).toBeGreaterThan(90)
  expect(half.outputW).toBeLessThan(110)
  expect(stationState(tape, end + 1, options)).toMatchObject({ output: 'off', outputW: 0 })
})

test('a gauge that is off is so in between, and right where it is full', () => {
  const high = { ...options, gaugeOff: 0.05 }
  expect(stationState(tape, 0, high).chargePercent).toBe(100)
  const shown = (one: typeof options) => stationState(tape, end / 2, one).chargePercent
  expect(shown(high) - shown(options)).toBe(5)
})

test('one that sleeps says so', () => {
  expect(stationState({ ...tape, isAsleep: true }, end + 1, options).output).toBe('asleep')
})

test('as a stream it tells its state until its outlets are off', async () => {
  const reader = stationStream(tape, () => end + 5, options, new AbortController().signal).getReader()
  const text = new TextDecoder().decode((await reader.read()).value)
  expect(text).toMatch(/^data: \{.*"output":"off"\}\n\nevent: end\ndata: \{\}\n\n$/)
  expect((await reader.read()).done).toBe(true)
})
