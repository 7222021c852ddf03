import { describe, expect, test } from '@jest/globals'
import { APPLIANCES } from '@/catalog/appliances'
import { analyseMeter } from '@/core/meter/analyse'
import { quantity } from '@/core/quantity/quantity'
import { loadOf, planWith } from '../../tests/support/samplePlan'
import { meterReadings, meterStream } from './plugInMeter'

const appliance = (id: string) => {
  const found = APPLIANCES.find((one) => one.id === id)!
  return loadOf(found.behaviour, {
    start: found.start && {
      watts: quantity(found.start[0], 'W', 'typical'),
      seconds: quantity(found.start[1], 's', 'typical'),
    },
  })
}
const { scenario } = planWith([])
const day = (id: string, seed = 1) => [
  ...meterReadings(appliance(id), scenario, { stepS: 10, hours: 24, seed }),
]

describe('the simulated plug-in meter', () => {
  test('a reading each ten seconds of its own time, its total never falling', () => {
    const readings = day('freezer-chest')
    expect(readings).toHaveLength(24 * 360)
    expect(readings[0].at).toBe('2027-02-05T18:00:00')
    expect(readings[7].at).toBe('2027-02-05T18:01:10')
    readings.reduce((before, { kWhTotal }) => {
      expect(kWhTotal).toBeGreaterThanOrEqual(before)
      return kWhTotal
    }, 0)
  })
  test('what a record of it tells is what is in it: running watts, average, the motor’s start', () => {
    const readings = day('freezer-chest')
    const found = analyseMeter({
      atMin: Float64Array.from(readings, (_, i) => i / 6),
      watts: Float64Array.from(readings, ({ watts }) => watts),
      gaps: [],
      resets: 0,
      startsAt: null,
    })
    const mean = (readings[readings.length - 1].kWhTotal * 1000) / 24
    expect(found.averageW).toBeCloseTo(mean, 1)
    expect(found.shape).toBe('cycling')
    expect(Math.max(...readings.map(({ peakW }) => peakW))).toBeGreaterThan(found.runningW * 4)
  })
  test('the same seed plays the same day, another another', () => {
    expect(day('refrigerator')).toEqual(day('refrigerator'))
    expect(day('refrigerator', 2)).not.toEqual(day('refrigerator'))
  })
  test('over its stream it sends events and ends', async () => {
    const stream = meterStream(
      appliance('router'),
      scenario,
      { stepS: 10, hours: 0.1, seed: 1, speed: 100_000 },
      new AbortController().signal,
    )
    const text = await new Response(stream).text()
    const events = text.trim().split('\n\n')
    expect(events).toHaveLength(37)
    expect(JSON.parse(events[0].slice(6))).toMatchObject({ at: '2027-02-05T18:00:00' })
    expect(events[36]).toBe('event: end\ndata: {}')
  })
})
