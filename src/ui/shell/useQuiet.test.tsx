import { afterEach, beforeEach, expect, jest, test } from '@jest/globals'
import { act, renderHook } from '@testing-library/react'
import { useQuiet } from './useQuiet'

beforeEach(() => void jest.useFakeTimers())
afterEach(() => void jest.useRealTimers())
const pass = (ms: number) => act(() => jest.advanceTimersByTime(ms))

test('a value follows when it has stood still, and only the last of a burst', () => {
  const { result, rerender } = renderHook(({ value }) => useQuiet(value, 250), {
    initialProps: { value: 'a' },
  })
  expect(result.current).toBe('a')
  rerender({ value: 'b' })
  pass(200)
  rerender({ value: 'c' })
  pass(200)
  expect(result.current).toBe('a')
  pass(50)
  expect(result.current).toBe('c')
})

test('one that comes back in time was never away', () => {
  const { result, rerender } = renderHook(({ value }) => useQuiet(value, 250), {
    initialProps: { value: 'a' },
  })
  rerender({ value: 'b' })
  pass(100)
  rerender({ value: 'a' })
  pass(1000)
  expect(result.current).toBe('a')
})
