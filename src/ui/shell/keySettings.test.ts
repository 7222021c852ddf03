import { afterEach, expect, test } from '@jest/globals'
import { KEY_ACT_IDS, actOf, changeKey, keyOf, keySettings, readKeySettings, resetKeys } from './keySettings'

afterEach(() => resetKeys())

test('each act has a key of its own', () => {
  const settings = keySettings.getState()
  for (const act of KEY_ACT_IDS) expect(actOf(settings, keyOf(settings, act))).toBe(act)
})

test('a changed key works in place of the first, which does nothing any more', () => {
  expect(changeKey('add', 'n')).toBeNull()
  expect(actOf(keySettings.getState(), 'n')).toBe('add')
  expect(actOf(keySettings.getState(), 'a')).toBeNull()
})

test.each([
  ['', /One letter/],
  ['ab', /One letter/],
  [' ', /One letter/],
  ['/', /is taken: Find/],
])('“%s” is refused for Add, and what was there stays', (key, message) => {
  expect(changeKey('add', key)).toMatch(message)
  expect(keyOf(keySettings.getState(), 'add')).toBe('a')
})

test('switched off, no single key does anything', () => {
  keySettings.setState({ on: false })
  expect(KEY_ACT_IDS.map((act) => actOf(keySettings.getState(), keyOf(keySettings.getState(), act)))).toEqual(
    KEY_ACT_IDS.map(() => null),
  )
})

test.each([
  [null, { on: true, changed: {} }],
  ['spoiled', { on: true, changed: {} }],
  [
    { on: false, changed: null },
    { on: false, changed: {} },
  ],
  [
    { changed: { add: 'n', gone: 'x', find: 7, help: 'ab', constructor: 'c' } },
    { on: true, changed: { add: 'n' } },
  ],
])('of kept settings %j only what can be is taken', (kept, taken) =>
  expect(readKeySettings(kept)).toEqual(taken),
)
