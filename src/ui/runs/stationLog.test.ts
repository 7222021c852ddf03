import { expect, test } from '@jest/globals'
import type { StationState } from '@/standins/powerStation'
import { headOf, instant } from '../../../tests/calibration/runs/runOf'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import { StationLog } from './stationLog'

const plan = planWith([loadOf(constant(100))])
const head = headOf(plan)
const state = (minute: number, chargePercent: number, more: Partial<StationState> = {}): StationState => ({
  at: instant(plan, minute),
  minute,
  chargePercent,
  outputW: 100,
  wattHoursOut: minute,
  output: 'on',
  ...more,
})

test('a reading at first, for each point of charge some minutes apart, and every half hour', () => {
  const log = new StationLog(head)
  const kinds = [state(0, 100), state(1, 99), state(10, 99), state(22, 99), state(40, 99), state(41, 98)].map(
    (one) => log.take(one).length,
  )
  expect(kinds).toEqual([1, 0, 1, 0, 1, 0])
})

test('its end is logged once, after its last reading; a station that sleeps is no empty one', () => {
  const log = new StationLog(head)
  log.take(state(0, 100))
  const last = log.take(state(2, 3, { output: 'off', outputW: 0 }))
  expect(last).toMatchObject([
    { kind: 'reading', chargeFraction: 0.03 },
    { kind: 'end', how: 'empty' },
  ])
  expect(last[0]).not.toHaveProperty('nowW')
  expect(Date.parse(last[1].at)).toBeGreaterThan(Date.parse(last[0].at))
  expect(log.take(state(3, 3, { output: 'off' }))).toEqual([])
  const sleeper = new StationLog(head)
  sleeper.take(state(0, 100))
  expect(sleeper.take(state(90, 80, { output: 'asleep' }))[1]).toMatchObject({ kind: 'end', how: 'stopped' })
})

test('two devices that listen make the same ids', () => {
  const [a, b] = [new StationLog(head), new StationLog(head)]
  expect(a.take(state(7.2, 90))[0].id).toBe(b.take(state(7.9, 90))[0].id)
})
