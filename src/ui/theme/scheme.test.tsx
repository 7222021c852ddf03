import { afterEach, beforeEach, expect, test } from '@jest/globals'
import { SCHEME_COOKIE, chooseScheme, schemeNow, schemeOf, subscribeScheme } from './scheme'

let isDark = false
let dusk = () => {}
beforeEach(() => {
  isDark = false
  window.matchMedia = (() => ({
    get matches() {
      return isDark
    },
    addEventListener: (_: string, heard: () => void) => (dusk = heard),
    removeEventListener: () => (dusk = () => {}),
  })) as unknown as typeof window.matchMedia
})
afterEach(() => {
  localStorage.clear()
  document.cookie = `${SCHEME_COOKIE}=; path=/; max-age=0`
  delete document.documentElement.dataset.theme
})
const fromAnotherWindow = (key: string, newValue: string | null) =>
  window.dispatchEvent(new StorageEvent('storage', { key, newValue }))

test('a page follows the system until a scheme is chosen, which is kept in a cookie', () => {
  expect(schemeNow()).toBe('light')
  isDark = true
  expect(schemeNow()).toBe('dark')
  chooseScheme('light')
  expect(schemeNow()).toBe('light')
  expect(document.documentElement.dataset.theme).toBe('light')
  expect(document.cookie).toContain(`${SCHEME_COOKIE}=light`)
})

test('what a cookie holds and is no scheme counts for nothing', () => {
  expect(['dark', 'light', 'sepia', '', undefined].map(schemeOf)).toEqual([
    'dark',
    'light',
    undefined,
    undefined,
    undefined,
  ])
})

test('a choice holds where storage is shut', () => {
  const { setItem } = Storage.prototype
  Storage.prototype.setItem = () => {
    throw new Error('shut')
  }
  chooseScheme('dark')
  Storage.prototype.setItem = setItem
  expect(schemeNow()).toBe('dark')
})

test('a choice, dusk, and another window’s choice are heard of until nobody listens', () => {
  const heard: string[] = []
  const stop = subscribeScheme(() => heard.push(schemeNow()))
  isDark = true
  dusk()
  chooseScheme('light')
  fromAnotherWindow(SCHEME_COOKIE, 'dark')
  fromAnotherWindow(SCHEME_COOKIE, 'sepia')
  fromAnotherWindow('another', 'light')
  expect(heard).toEqual(['dark', 'light', 'dark'])
  stop()
  chooseScheme('light')
  fromAnotherWindow(SCHEME_COOKIE, 'dark')
  dusk()
  expect(heard).toHaveLength(3)
})
