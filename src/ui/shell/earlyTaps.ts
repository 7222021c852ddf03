import { PAGE_ANSWERS } from './pageAnswering'

/**
 * Keeps what is tapped, typed and picked while the page's scripts are still on their way, shows that it is kept, and does it
 * in the order it came once they answer (PAGE_ANSWERS). Its source is written into the page, so it uses nothing from outside
 * itself.
 */
export function keepEarlyTaps(answers: string): void {
  const RETRY_MS = 50
  // a control no script ever takes up is let go
  const MOST_TRIES = 400
  const CONTROLS = 'button,input,label,[role],[tabindex]'
  const TYPED_IN =
    'select,textarea,input:not([type=checkbox],[type=radio],[type=range],[type=button],[type=submit])'
  const root = document.documentElement
  const kept: { control: Element; redo: () => void }[] = []
  const told = () => document.querySelector<HTMLElement>('[data-tap-kept]')

  // whether React has taken up an element it found in the page
  const isTakenUp = (element: Element) => Object.keys(element).some((key) => key.startsWith('__reactProps$'))

  // a box itself is not seen, but what is drawn around it
  const seen = (control: Element) => (control instanceof HTMLInputElement && control.parentElement) || control

  const keep = (control: Element, redo: () => void) => {
    kept.push({ control, redo })
    seen(control).setAttribute('data-tapped', '')
    const notice = told()
    if (notice) notice.textContent = notice.dataset.tapKept ?? ''
  }

  const tapped = (event: MouseEvent) => {
    const target = event.target instanceof Element ? event.target : null
    const control = target?.closest(CONTROLS)
    // a link works by itself, and so do text being typed and a list being opened
    if (!control || target?.closest('a[href]') || target?.closest(TYPED_IN)) return
    event.preventDefault()
    event.stopImmediatePropagation()
    const at = control.getBoundingClientRect()
    unfold(control)
    keep(control, () => {
      const { left, top } = control.getBoundingClientRect()
      const clientX = left + event.clientX - at.left
      const clientY = top + event.clientY - at.top
      const how = { bubbles: true, cancelable: true, button: 0, detail: 1, clientX, clientY, view: window }
      // a list opens at the press, a key acts at the click
      for (const type of ['mousedown', 'mouseup', 'click']) control.dispatchEvent(new MouseEvent(type, how))
    })
  }

  // what only folds needs no script to open: it does at once, and is found so when the tap is done again
  const unfold = (control: Element) => {
    const part = control.hasAttribute('data-unfolds') && control.closest<HTMLElement>('[data-open]')
    if (!part) return
    const isOpen = String(part.dataset.open !== 'true')
    part.dataset.open = isOpen
    control.setAttribute('aria-expanded', isOpen)
  }

  const written = ({ target }: Event) => {
    if (!(target instanceof Element) || !target.matches(TYPED_IN)) return
    const field = target as HTMLInputElement
    const { value } = field
    const before = kept.findIndex(({ control }) => control === field)
    if (before >= 0) kept.splice(before, 1)
    keep(field, () => {
      // written as the browser does it, past the page's own setter, and after another value: else the page sees no change
      field.value = ''
      Object.getOwnPropertyDescriptor(Object.getPrototypeOf(field), 'value')?.set?.call(field, value)
      for (const type of ['focusin', 'input', 'change'])
        field.dispatchEvent(new Event(type, { bubbles: true }))
      // what was left already is taken over
      if (document.activeElement !== field) field.dispatchEvent(new FocusEvent('focusout', { bubbles: true }))
    })
  }

  const redoAll = (triesLeft: number) => {
    const next = kept[0]
    if (!next) {
      const notice = told()
      if (notice) notice.textContent = ''
      return
    }
    const { control, redo } = next
    const isThere = control.isConnected
    if (isThere && !isTakenUp(control) && triesLeft > 0) {
      setTimeout(() => redoAll(triesLeft - 1), RETRY_MS)
      return
    }
    kept.shift()
    if (!kept.some((other) => other.control === control)) seen(control).removeAttribute('data-tapped')
    if (isThere) redo()
    // what the page makes of one tap is there before the next
    if (kept.length) setTimeout(() => redoAll(MOST_TRIES))
    else redoAll(0)
  }

  root.setAttribute('data-loading', '')
  document.addEventListener('click', tapped, true)
  document.addEventListener('input', written, true)
  document.addEventListener(
    answers,
    () => {
      document.removeEventListener('click', tapped, true)
      document.removeEventListener('input', written, true)
      root.removeAttribute('data-loading')
      redoAll(MOST_TRIES)
    },
    { once: true },
  )
}

/** The script to be written into the page, behind its content. */
export const EARLY_TAPS_SCRIPT = `(${String(keepEarlyTaps)})('${PAGE_ANSWERS}')`
