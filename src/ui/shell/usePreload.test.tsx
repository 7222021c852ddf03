import { afterEach, beforeEach, expect, jest, test } from '@jest/globals'
import { act, fireEvent, renderHook } from '@testing-library/react'
import { later } from './part'
import { usePreload } from './usePreload'

beforeEach(() => void jest.useFakeTimers())
afterEach(() => void jest.useRealTimers())
const pass = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms))

function preloading() {
  const fetched: string[] = []
  const loader = (name: string) => async () => void fetched.push(name)
  later(loader('first'))
  later(loader('second'))
  const { unmount } = renderHook(() => usePreload())
  return { fetched, unmount }
}

test('what will be opened is fetched after the first touch, one after the other', async () => {
  const { fetched } = preloading()
  await pass(5000)
  expect(fetched).toEqual([])
  fireEvent.pointerDown(document.body)
  await pass(1000)
  expect(fetched).toEqual(['first', 'second'])
})

test('nobody touches anything: fetched in the end', async () => {
  const { fetched } = preloading()
  await pass(9000)
  expect(fetched).toEqual(['first', 'second'])
})

test('while keys are pressed nothing is fetched; when they pause it is', async () => {
  const { fetched } = preloading()
  for (let i = 0; i < 20; i++) {
    fireEvent.keyDown(document.body, { key: '1' })
    await pass(500)
  }
  expect(fetched).toEqual([])
  await pass(2500)
  expect(fetched).toEqual(['first', 'second'])
})

test('a page that is left fetches no more', async () => {
  const { fetched, unmount } = preloading()
  fireEvent.keyDown(document.body, { key: '1' })
  await pass(800)
  unmount()
  await pass(20_000)
  expect(fetched).toEqual([])
})
