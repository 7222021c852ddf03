import { PAGE_ANSWERS } from './pageAnswering'

/**
 * Keeps what is tapped while the page's scripts are still on their way, shows that it is kept, and does it in the order it
 * came once they answer (PAGE_ANSWERS). Its source is written into the page, so it uses nothing from outside itself.
 */
export function keepEarlyTaps(answers: string): void {
  const RETRY_MS = 50
  // a control no script ever takes up is let go
  const MOST_TRIES = 400
  const CONTROLS = 'button,input,select,label,[role],[tabindex]'
  const TYPED_IN = 'textarea,input:not([type=checkbox],[type=radio],[type=range],[type=button],[type=submit])'
  const root = document.documentElement
  const kept: { control: Element; x: number; y: number }[] = []
  const told = () => document.querySelector<HTMLElement>('[data-tap-kept]')

  // whether React has taken up an element it found in the page
  const isTakenUp = (element: Element) => Object.keys(element).some((key) => key.startsWith('__reactProps$'))

  // a box itself is not seen, but what is drawn around it
  const seen = (control: Element) => (control instanceof HTMLInputElement && control.parentElement) || control

  const keep = (event: MouseEvent) => {
    const target = event.target instanceof Element ? event.target : null
    const control = target?.closest(CONTROLS)
    // a link works by itself, and so does a field that is typed in
    if (!control || target?.closest('a[href]') || target?.closest(TYPED_IN)) return
    event.preventDefault()
    event.stopImmediatePropagation()
    const { left, top } = control.getBoundingClientRect()
    kept.push({ control, x: event.clientX - left, y: event.clientY - top })
    seen(control).setAttribute('data-tapped', '')
    const notice = told()
    if (notice) notice.textContent = notice.dataset.tapKept ?? ''
  }

  const redo = ({ control, x, y }: (typeof kept)[number]) => {
    const { left, top } = control.getBoundingClientRect()
    const how = {
      bubbles: true,
      cancelable: true,
      button: 0,
      detail: 1,
      clientX: left + x,
      clientY: top + y,
      view: window,
    }
    // a list opens at the press, a key acts at the click
    for (const type of ['mousedown', 'mouseup', 'click']) control.dispatchEvent(new MouseEvent(type, how))
  }

  const redoAll = (triesLeft: number) => {
    while (kept.length) {
      const [first] = kept
      const { control } = first!
      const isThere = control.isConnected
      if (isThere && !isTakenUp(control) && triesLeft > 0) {
        setTimeout(() => redoAll(triesLeft - 1), RETRY_MS)
        return
      }
      kept.shift()
      if (!kept.some((other) => other.control === control)) seen(control).removeAttribute('data-tapped')
      if (isThere) redo(first!)
    }
    const notice = told()
    if (notice) notice.textContent = ''
  }

  root.setAttribute('data-loading', '')
  document.addEventListener('click', keep, true)
  document.addEventListener(
    answers,
    () => {
      document.removeEventListener('click', keep, true)
      root.removeAttribute('data-loading')
      redoAll(MOST_TRIES)
    },
    { once: true },
  )
}

/** The script to be written into the page before its body's content. */
export const EARLY_TAPS_SCRIPT = `(${String(keepEarlyTaps)})('${PAGE_ANSWERS}')`
