import { expect, test } from '@jest/globals'
import { movedClock, placed, snapped } from '@/ui/timeline/laneMoves'

test('what is dragged comes to rest at quarters of an hour', () => {
  expect([snapped(7), snapped(8), snapped(-20)].map(Math.abs)).toEqual([0, 15, 15])
})
test('a pause never begins before the outage and never vanishes', () => {
  expect(placed({ fromMin: 30, toMin: 90 }, -60, 0)).toEqual({ fromMin: 0, toMin: 60 })
  expect(placed({ fromMin: 30, toMin: 45 }, 0, -15)).toEqual({ fromMin: 30, toMin: 45 })
  expect(placed({ fromMin: 30, toMin: 90 }, 15, 15)).toEqual({ fromMin: 45, toMin: 120 })
})
test('an hour moves round midnight', () => {
  expect(movedClock('23:50', 15)).toBe('00:05')
  expect(movedClock('00:05', -15)).toBe('23:50')
})
