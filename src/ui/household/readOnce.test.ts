/** @jest-environment node */
import { expect, jest, test } from '@jest/globals'
import { readOnce } from './readOnce'

test('a text is read once, another by itself, and the oldest is forgotten', () => {
  const read = jest.fn((text: string) => ({ text }))
  const first = readOnce('0', read)
  expect(readOnce('0', read)).toBe(first)
  expect(read).toHaveBeenCalledTimes(1)
  for (let n = 1; n <= 64; n++) expect(readOnce(String(n), read)).toEqual({ text: String(n) })
  expect(readOnce('0', read)).not.toBe(first)
  expect(readOnce('0', read)).toEqual(first)
})
