import { expect, test } from '@jest/globals'
import { batchesOf } from './batches'

const lengths = (items: string[]) => batchesOf(items, (item) => item).map(({ length }) => length)

test('batches hold no more than the server takes, in number and in letters, in their order', () => {
  const short = Array.from({ length: 450 }, (_, i) => `${i}`)
  expect(lengths(short)).toEqual([200, 200, 50])
  expect(batchesOf(short, (item) => item).flat()).toEqual(short)
  const long = Array.from({ length: 7 }, () => 'x'.repeat(80_000))
  expect(lengths(long)).toEqual([3, 3, 1])
  // one that is too long by itself is sent alone, and refused alone
  expect(lengths(['x'.repeat(300_000), 'y'])).toEqual([1, 1])
  expect(lengths([])).toEqual([])
})
