import { afterEach, beforeEach, expect, jest, test } from '@jest/globals'
import { type Hint, watchHints } from './hints'

let shown: (Hint | null)[]
let stop: () => void
beforeEach(() => {
  jest.useFakeTimers()
  document.body.innerHTML = `
    <p id="plain">text</p>
    <button id="find" data-hint="Find (/)"><svg id="icon"></svg></button>
    <span id="capacity" data-term="capacity">Capacity</span>
    <div role="tooltip" id="tip"></div>`
  shown = []
  stop = watchHints((hint) => shown.push(hint))
})
afterEach(() => {
  stop()
  jest.useRealTimers()
})

const at = (id: string) => document.getElementById(id)!
function point(type: string, id: string, pointerType = 'mouse') {
  const event = new Event(type, { bubbles: true })
  Object.defineProperty(event, 'pointerType', { value: pointerType })
  at(id).dispatchEvent(event)
}
const said = () => shown.map((hint) => hint && (hint.term ?? hint.words))

test('a control says its longer name under the pointer, on whatever of it the pointer rests', () => {
  point('pointerover', 'icon')
  expect(said()).toEqual([])
  jest.advanceTimersByTime(100)
  expect(said()).toEqual(['Find (/)'])
  expect(shown[0]!.element).toBe(at('find'))
  point('pointerover', 'plain')
  jest.advanceTimersByTime(150)
  expect(said()).toEqual(['Find (/)', null])
})

test('a term that is only crossed says nothing', () => {
  point('pointerover', 'capacity')
  jest.advanceTimersByTime(300)
  point('pointerover', 'plain')
  jest.advanceTimersByTime(5000)
  expect(said()).toEqual([])
  point('pointerover', 'capacity')
  jest.advanceTimersByTime(400)
  expect(said()).toEqual(['capacity'])
})

test('the pointer may go onto the hint and rest there', () => {
  point('pointerover', 'find')
  jest.advanceTimersByTime(100)
  point('pointerover', 'plain')
  point('pointerover', 'tip')
  jest.advanceTimersByTime(5000)
  expect(said()).toEqual(['Find (/)'])
})

test('Escape, a press and leaving by the keyboard end it', () => {
  for (const end of [
    () => document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true })),
    () => point('pointerdown', 'find'),
    () => at('find').dispatchEvent(new FocusEvent('focusout', { bubbles: true })),
  ]) {
    shown = []
    point('pointerover', 'find')
    jest.advanceTimersByTime(100)
    end()
    expect(said()).toEqual(['Find (/)', null])
  }
})

test('the keyboard is told at once, a click that brings the keyboard along is not', () => {
  const matches = jest.spyOn(Element.prototype, 'matches')
  matches.mockReturnValue(false)
  at('find').dispatchEvent(new FocusEvent('focusin', { bubbles: true }))
  expect(said()).toEqual([])
  matches.mockReturnValue(true)
  at('find').dispatchEvent(new FocusEvent('focusin', { bubbles: true }))
  expect(said()).toEqual(['Find (/)'])
  matches.mockRestore()
})

test('a long touch tells, and leaves time to read; a tap does not', () => {
  point('pointerdown', 'capacity', 'touch')
  jest.advanceTimersByTime(200)
  point('pointerup', 'capacity', 'touch')
  jest.advanceTimersByTime(5000)
  expect(said()).toEqual([])
  point('pointerdown', 'capacity', 'touch')
  jest.advanceTimersByTime(700)
  point('pointerup', 'capacity', 'touch')
  expect(said()).toEqual(['capacity'])
  jest.advanceTimersByTime(2500)
  expect(said()).toEqual(['capacity', null])
})

test('what stopped watching hears nothing', () => {
  point('pointerover', 'find')
  stop()
  jest.advanceTimersByTime(1000)
  point('pointerover', 'find')
  jest.advanceTimersByTime(1000)
  expect(said()).toEqual([])
})
