import { saveText } from '@/ui/keep/saveText'

/** Properties of the page's styles that a drawing needs to look the same by itself. */
const KEPT = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'font-family',
  'font-size',
  'font-weight',
] as const

/** Hands the drawing out as an SVG file that needs nothing of the page: by day's colours, on paper, links taken out. */
export function saveDrawing(name: string): void {
  const drawing = document.getElementById('hookup-drawing')
  if (!drawing) return
  const sheet = document.createElement('div')
  sheet.dataset.theme = 'light'
  // its styles reach what stands in a frame of the same class
  sheet.className = drawing.parentElement?.className ?? ''
  sheet.hidden = true
  sheet.style.background = 'var(--paper)'
  const copy = drawing.cloneNode(true) as SVGElement
  sheet.append(copy)
  document.body.append(sheet)
  for (const element of copy.querySelectorAll('*')) {
    const style = getComputedStyle(element)
    for (const property of KEPT) {
      const value = style.getPropertyValue(property)
      if (value) element.setAttribute(property, value)
    }
  }
  copy.setAttribute('style', `background: ${getComputedStyle(sheet).backgroundColor}`)
  sheet.remove()
  for (const element of copy.querySelectorAll('*'))
    for (const attribute of ['class', 'href', 'aria-current']) element.removeAttribute(attribute)
  copy.removeAttribute('id')
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  saveText(`${name}.svg`, 'image/svg+xml', copy.outerHTML)
}
