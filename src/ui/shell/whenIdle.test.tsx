import { afterEach, beforeEach, expect, jest, test } from '@jest/globals'
import { whenSettled } from './whenIdle'

let state: DocumentReadyState = 'complete'
beforeEach(() => {
  jest.useFakeTimers()
  Object.defineProperty(document, 'readyState', { configurable: true, get: () => state })
})
afterEach(() => {
  jest.useRealTimers()
  Reflect.deleteProperty(document, 'readyState')
})

test('what is there already is at rest at once', () => {
  state = 'complete'
  const act = jest.fn()
  whenSettled(act, 1000)
  jest.runAllTimers()
  expect(act).toHaveBeenCalledTimes(1)
})

test('what is still arriving is waited for', () => {
  state = 'loading'
  const act = jest.fn()
  whenSettled(act, 1000)
  jest.runAllTimers()
  expect(act).not.toHaveBeenCalled()
  window.dispatchEvent(new Event('load'))
  jest.runAllTimers()
  expect(act).toHaveBeenCalledTimes(1)
})

test.each(['before', 'after'])('taken back %s the page is there, it is not done', (when) => {
  state = 'loading'
  const act = jest.fn()
  const takeBack = whenSettled(act, 1000)
  if (when === 'before') takeBack()
  window.dispatchEvent(new Event('load'))
  if (when === 'after') takeBack()
  jest.runAllTimers()
  expect(act).not.toHaveBeenCalled()
})
