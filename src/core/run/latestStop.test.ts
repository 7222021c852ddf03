import { expect, test } from '@jest/globals'
import { latestStop } from './latestStop'

test('before bed, or before it may be empty, whichever comes first', () => {
  expect(latestStop({ fromMin: 300 }, 900, 0)).toEqual({ minute: 300, why: 'bed' })
  expect(latestStop({ fromMin: 1200 }, 900, 0)).toEqual({ minute: 900, why: 'empty' })
  expect(latestStop(null, 900, 0)).toEqual({ minute: 900, why: 'empty' })
})

test('a night that has begun is no reason to stop before the run did', () =>
  expect(latestStop({ fromMin: -60 }, 900, 0)).toEqual({ minute: 900, why: 'empty' }))

test('nor is one that began while it ran: bedtime is over then', () =>
  expect(latestStop({ fromMin: 300 }, 900, 310)).toEqual({ minute: 900, why: 'empty' }))
