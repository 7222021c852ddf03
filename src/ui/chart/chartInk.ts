import { schemeNow } from '../theme/scheme'

/** The palette's colours as a canvas needs them. */
export interface Ink {
  ink: string
  soft: string
  hairline: string
  night: string
  store: string
  storeWash: string
  demand: string
  demandWash: string
  refill: string
  refillMiddle: string
  refillText: string
  refillWash: string
  paper: string
  /** the family of its type */
  font: string
}

const BY_DAY_AND_NIGHT = /^light-dark\((?<day>[^,]+),(?<night>[^,]+)\)$/

/** Reads the colours of the scheme the page is drawn in. */
export function inkOf(element: Element): Ink {
  const style = getComputedStyle(element)
  const half = schemeNow() === 'dark' ? 'night' : 'day'
  const read = (name: string) => {
    const value = style.getPropertyValue(`--${name}`).trim()
    return BY_DAY_AND_NIGHT.exec(value)?.groups?.[half]?.trim() ?? value
  }
  return {
    ink: read('ink'),
    soft: read('soft'),
    hairline: read('hairline'),
    night: read('night'),
    store: read('store'),
    storeWash: read('store-wash'),
    demand: read('demand'),
    demandWash: read('demand-wash'),
    refill: read('refill'),
    refillMiddle: read('refill-middle'),
    refillText: read('refill-text'),
    refillWash: read('refill-wash'),
    paper: read('paper'),
    font: style.fontFamily,
  }
}
