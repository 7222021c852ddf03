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

/** Hands the drawing out as an SVG file that needs nothing of the page: colours and type written into it, links taken out. */
export function saveDrawing(name: string): void {
  const drawing = document.getElementById('hookup-drawing')
  if (!drawing) return
  const copy = drawing.cloneNode(true) as SVGElement
  const shown = [...drawing.querySelectorAll('*')]
  ;[...copy.querySelectorAll('*')].forEach((element, i) => {
    const style = getComputedStyle(shown[i])
    for (const property of KEPT) {
      const value = style.getPropertyValue(property)
      if (value) element.setAttribute(property, value)
    }
    element.removeAttribute('class')
    element.removeAttribute('href')
  })
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  saveText(`${name}.svg`, 'image/svg+xml', copy.outerHTML)
}
