import { afterEach, beforeEach, expect, test } from '@jest/globals'
import { SCHEME_SCRIPT, chooseScheme, schemeNow, subscribeScheme } from './scheme'

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
afterEach(() => localStorage.clear())
/** The script as it stands in the page. */
const draw = () => new Function(SCHEME_SCRIPT)()

test('a page follows the system until a scheme is chosen, then keeps it', () => {
  draw()
  expect(schemeNow()).toBe('light')
  isDark = true
  draw()
  expect(schemeNow()).toBe('dark')
  chooseScheme('light')
  draw()
  expect(schemeNow()).toBe('light')
})

test('what is kept and is no scheme counts for nothing; nor does storage that is shut', () => {
  localStorage.setItem('yotrope-scheme', 'sepia')
  isDark = true
  draw()
  expect(schemeNow()).toBe('dark')
  const { getItem } = Storage.prototype
  Storage.prototype.getItem = () => {
    throw new Error('shut')
  }
  isDark = false
  draw()
  Storage.prototype.getItem = getItem
  expect(schemeNow()).toBe('light')
})

test('a choice, dusk, and another window’s choice are heard of until nobody listens', () => {
  draw()
  const heard: string[] = []
  const stop = subscribeScheme(() => heard.push(schemeNow()))
  chooseScheme('dark')
  localStorage.setItem('yotrope-scheme', 'light')
  window.dispatchEvent(new StorageEvent('storage', { key: 'yotrope-scheme' }))
  window.dispatchEvent(new StorageEvent('storage', { key: 'another' }))
  localStorage.clear()
  isDark = true
  dusk()
  expect(heard).toEqual(['dark', 'light', 'dark'])
  stop()
  chooseScheme('light')
  dusk()
  expect(heard).toHaveLength(3)
})
