import { afterEach, expect, test } from '@jest/globals'
import { act, renderHook } from '@testing-library/react'
import { useMedia } from './useMedia'

const original = globalThis.matchMedia
afterEach(() => {
  globalThis.matchMedia = original
})

test('a query is answered at once, and again when the window is another', () => {
  const media = Object.assign(new EventTarget(), { matches: false })
  globalThis.matchMedia = ((query: string) =>
    query === '(max-width: 1080px)' ? media : { matches: true }) as unknown as typeof matchMedia
  const { result, unmount } = renderHook(() => useMedia('(max-width: 1080px)'))
  expect(result.current).toBe(false)
  act(() => {
    media.matches = true
    media.dispatchEvent(new Event('change'))
  })
  expect(result.current).toBe(true)
  unmount()
})
