/** Numbers in words for a reader; all of them take SI values and return text with its unit. */

/**
 * A number with commas between thousands and so many digits after the point. By hand: a page's first figure would wait longer for
 * the locale's own formats to be read in than for all the rest of its words.
 */
function grouped(value: number, digits = 0): string {
  if (!Number.isFinite(value)) return value > 0 ? '∞' : value < 0 ? '−∞' : 'unknown'
  const [whole, part] = Math.abs(value).toFixed(digits).split('.')
  const isZero = !/[1-9]/.test(whole + (part ?? ''))
  const sign = value < 0 && !isZero ? '−' : ''
  return `${sign}${whole.replace(/\B(?=(\d{3})+$)/g, ',')}${part ? `.${part}` : ''}`
}

/** @example formatWatts(1480.4) // "1,480 W" */
export function formatWatts(watts: number): string {
  const digits = Math.abs(watts) < 10 && !Number.isInteger(watts) ? 1 : 0
  return `${grouped(watts, digits)} W`
}

/** @example formatEnergy(2048) // "2.05 kWh" */
export function formatEnergy(wh: number): string {
  const size = Math.abs(wh)
  if (size >= 9_995) return `${grouped(wh / 1000, 1)} kWh`
  if (size >= 999.5) return `${grouped(wh / 1000, 2)} kWh`
  if (size >= 9.95 || size === 0) return `${grouped(wh)} Wh`
  return `${grouped(wh, 1)} Wh`
}

/**
 * A length of time in hours and minutes, no finer than a forecast deserves: to 10 minutes from 3 h on, to 5 minutes below.
 * @example formatDuration(1183) // "19 h 40 min"
 */
export function formatDuration(minutes: number): string {
  if (minutes === Infinity) return 'for ever'
  const step = minutes >= 180 ? 10 : minutes >= 60 ? 5 : 1
  const rounded = Math.round(minutes / step) * step
  const hours = Math.floor(rounded / 60)
  const rest = rounded % 60
  if (hours === 0) return `${rest} min`
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`
}

/** A duration typed or planned, exact to the minute. @example formatExactDuration(90) // "1 h 30 min" */
export function formatExactDuration(minutes: number): string {
  const whole = Math.round(minutes)
  const hours = Math.floor(whole / 60)
  const rest = whole % 60
  if (hours === 0) return `${rest} min`
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`
}

/** Hours for the ends of a band. @example formatHours(1000) // "17 h" */
export function formatHours(minutes: number): string {
  const hours = minutes / 60
  if (hours < 10)
    return `${grouped(Math.round(hours * 2) / 2, hours < 10 && Math.round(hours * 2) % 2 ? 1 : 0)} h`
  return `${grouped(hours)} h`
}

/** @example formatPercent(0.855) // "86 %" */
export function formatPercent(fraction: number): string {
  return `${grouped(fraction * 100)} %`
}

/** A plain number without trailing zeros, up to `digits` after the point. */
export function formatNumber(value: number, digits = 2): string {
  const text = grouped(value, digits)
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text
}
