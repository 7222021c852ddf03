import type { TermId } from './terms'

/** What is said of an element: a control's longer name, or a term's meaning. */
export interface Hint {
  element: Element
  words?: string
  term?: TermId
}

/** Marks a control whose longer name is shown under the pointer, by the keyboard, and under a long touch. */
export const hinted = (words: string) => ({ 'data-hint': words })
/** Marks a term whose meaning is shown so. */
export const termed = (term: TermId) => ({ 'data-term': term })

const CONTROL_AFTER_MS = 100
/** a term stands in text the pointer crosses */
const TERM_AFTER_MS = 400
const LONG_TOUCH_MS = 700
/** time to reach the hint itself with the pointer, and to read it when the finger is off */
const LEFT_MS = 150
const READ_MS = 2500

/**
 * Says which hint is to be seen, null for none. Listened for on the document, once, so that what has a hint costs nothing until it
 * is asked for.
 */
export function watchHints(show: (hint: Hint | null) => void): () => void {
  let shown: Hint | null = null
  let timer: ReturnType<typeof setTimeout> | undefined

  const soon = (hint: Hint | null, afterMs: number) => {
    clearTimeout(timer)
    timer = setTimeout(() => {
      shown = hint
      show(hint)
    }, afterMs)
  }
  const now = (hint: Hint | null) => {
    clearTimeout(timer)
    if (shown === hint) return
    shown = hint
    show(hint)
  }

  const over = (event: PointerEvent) => {
    if (event.pointerType === 'touch') return
    if (isOnTip(event.target)) clearTimeout(timer)
    else {
      const hint = hintOf(event.target)
      if (hint && hint.element === shown?.element) clearTimeout(timer)
      else if (hint) soon(hint, hint.term ? TERM_AFTER_MS : CONTROL_AFTER_MS)
      else if (shown) soon(null, LEFT_MS)
      else clearTimeout(timer)
    }
  }
  const pressed = (event: PointerEvent) => {
    if (isOnTip(event.target)) return
    const hint = hintOf(event.target)
    if (event.pointerType === 'touch' && hint) soon(hint, LONG_TOUCH_MS)
    else now(null)
  }
  const released = (event: PointerEvent) => {
    if (event.pointerType !== 'touch') return
    if (shown) soon(null, READ_MS)
    else clearTimeout(timer)
  }
  const focused = ({ target }: FocusEvent) => {
    if (target instanceof Element && target.matches(':focus-visible')) now(hintOf(target))
  }
  const left = () => now(null)
  const keyed = ({ key }: KeyboardEvent) => {
    if (key === 'Escape') now(null)
  }

  const heard = new AbortController()
  const options = { capture: true, passive: true, signal: heard.signal }
  document.addEventListener('pointerover', over, options)
  document.addEventListener('pointerdown', pressed, options)
  document.addEventListener('pointerup', released, options)
  document.addEventListener('pointercancel', left, options)
  document.addEventListener('focusin', focused, options)
  document.addEventListener('focusout', left, options)
  document.addEventListener('keydown', keyed, options)
  document.documentElement.addEventListener('pointerleave', left, { signal: heard.signal })
  return () => {
    clearTimeout(timer)
    heard.abort()
  }
}

const isOnTip = (target: EventTarget | null) =>
  target instanceof Element && target.closest('[role=tooltip]') !== null

function hintOf(target: EventTarget | null): Hint | null {
  const element = target instanceof Element ? target.closest<HTMLElement>('[data-hint], [data-term]') : null
  if (!element) return null
  const { hint, term } = element.dataset
  return term === undefined ? { element, words: hint } : { element, term: term as TermId }
}
