import { expect, test } from '@jest/globals'
import { planWith } from '../../../tests/support/samplePlan'
import { outdoorC, surroundingsByHour } from './temperature'

const scenario = { ...planWith([]).scenario, outdoor: { lowC: -10, highC: 2 }, indoorC: 20 }

test('coldest at six, warmest at three in the afternoon, and between them by turns', () => {
  expect(outdoorC(scenario.outdoor, 6)).toBe(-10)
  expect(outdoorC(scenario.outdoor, 15)).toBe(2)
  expect(outdoorC(scenario.outdoor, 30)).toBe(-10)
  for (let h = 6; h < 15; h++)
    expect(outdoorC(scenario.outdoor, h + 1)).toBeGreaterThan(outdoorC(scenario.outdoor, h))
})

test('an unheated room swings less and later, and stands between the house and outdoors', () => {
  const out = surroundingsByHour(scenario, 'outdoors', 48)
  const room = surroundingsByHour(scenario, 'unheated', 48)
  const swing = (hours: Float64Array) => Math.max(...hours) - Math.min(...hours)
  expect(swing(room)).toBeLessThan(swing(out) / 2)
  // the outage begins at 18:00: the next day’s warmest hour lies between
  const warmest = (hours: Float64Array) => {
    const day = [...hours.slice(12, 36)]
    return day.indexOf(Math.max(...day))
  }
  expect(warmest(room) - warmest(out)).toBe(4)
  expect(room.reduce((a, b) => a + b) / 48).toBeGreaterThan(out.reduce((a, b) => a + b) / 48)
  expect([...surroundingsByHour(scenario, 'indoors', 2)]).toEqual([20, 20])
})
