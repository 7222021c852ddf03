import { describe, expect, test } from '@jest/globals'
import { constant, cycling, scheduled, session } from '../../../tests/support/samplePlan'
import { averageW, scheduledMinutesADay } from './average'
import { averageWorking } from '@/words/workings/averageWorking'
import { possibleStretches, sessionSlots } from './stretches'

const START = '2027-02-05T18:00'

describe('average watts over a day', () => {
  test('constant, scheduled, session, cycling', () => {
    expect(averageW(constant(24))).toBe(24)
    expect(averageW(scheduled(48, '22:30', '06:30'))).toBeCloseTo(16, 9)
    expect(averageW(session(1200, 6, ['07:00', '18:00']))).toBeCloseTo(10, 9)
    expect(averageW(cycling(150, 60, 45))).toBe(60)
  })

  test('an average is never above the running watts', () => {
    expect(averageW(cycling(150, 190, 45))).toBe(150)
  })

  test('windows that overlap, and windows of two days in seven', () => {
    expect(
      scheduledMinutesADay([
        { from: '08:00', to: '10:00' },
        { from: '09:00', to: '11:00' },
      ]),
    ).toBe(180)
    expect(scheduledMinutesADay([{ from: '08:00', to: '15:00', days: ['sat', 'sun'] }])).toBe(120)
  })

  test('its working ends in the energy a day', () => {
    const { steps } = averageWorking('Lamp', scheduled(48, '18:00', '23:00'))
    expect(steps.map(({ result }) => result)).toEqual(['10 W', '240 Wh'])
    expect(steps[0].values[1]).toEqual({ name: 'on', value: '300 min a day' })
  })
})

describe('when a load may run', () => {
  test('a session at a fixed hour for its minutes; one at any moment through its whole window', () => {
    expect(possibleStretches(session(900, 10, ['20:00']), START, 600)).toEqual([[120, 130]])
    const anytime = { ...session(900, 10, ['20:00']), when: { timesADay: 3, from: '19:00', to: '22:00' } }
    expect(possibleStretches(anytime, START, 600)).toEqual([[60, 240]])
  })

  test('sessions a day share their window evenly', () => {
    const three = { ...session(900, 10, []), when: { timesADay: 3, from: '19:00', to: '22:00' } }
    expect(sessionSlots(three, START, 600)).toEqual([
      { fromMin: 60, toMin: 120 },
      { fromMin: 120, toMin: 180 },
      { fromMin: 180, toMin: 240 },
    ])
  })

  test('a fixed hour named twice is one session', () => {
    expect(sessionSlots(session(900, 10, ['20:00', '20:00']), START, 600)).toEqual([
      { fromMin: -1320, toMin: -1320 },
      { fromMin: 120, toMin: 120 },
    ])
  })
})

test('the working of an average that this outage changes says from what to what', () => {
  const { steps } = averageWorking('Box', cycling(150, 60, 40), 41)
  expect(steps.map(({ label }) => label)).toEqual(['Duty cycle', 'In this outage', 'Energy a day'])
  expect(steps[2].result).toBe('984 Wh')
  expect(averageWorking('Box', cycling(150, 60, 40), 60).steps).toHaveLength(2)
})
