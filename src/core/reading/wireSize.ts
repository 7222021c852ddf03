import { type Told, told } from '../quantity/told'
import type { Units } from '../quantity/units'

export type WireReading = { ok: true; areaMm2: number; understood: string } | { ok: false; message: Told }

/** A size that is sold, as far as its reader needs to know it. */
export interface SoldSize {
  name: string
  system: Units['wire']
  areaMm2: number
}

const GAUGE = /^#?\s*(\d{1,2}|[1-4]\/0|0{1,4})\s*(?:awg|ga(?:uge)?\.?)?$/i
const IS_GAUGE = /awg|ga|#|\/0|^0{1,4}$/i
const METRIC = /^(\d{1,3}(?:[.,]\d{1,2})?)\s*(?:mm\s*(?:²|2|\^2)?|sq\.?\s*mm)?$/i

/**
 * Reads how thick a wire is: a gauge such as "12 AWG", "#12" or "1/0", or an area such as "2.5 mm²".
 *
 * @param text as typed; a bare number is in the household's own system
 * @param sold sizes there are
 */
export function readWireSize(text: string, sold: readonly SoldSize[], system: Units['wire']): WireReading {
  const trimmed = text.trim()
  const listed = (of: Units['wire']) =>
    sold
      .filter((size) => size.system === of)
      .map(({ name }) => name.replace(/ .*$/, ''))
      .join(', ')
  if (trimmed === '') return { ok: false, message: told('field.noWire', { system }) }
  const gauge = GAUGE.exec(trimmed)
  const saysMetric = /mm|sq/i.test(trimmed)
  if (gauge && !saysMetric && (system === 'AWG' || IS_GAUGE.test(trimmed))) {
    const said = /^0+$/.test(gauge[1]) ? `${gauge[1].length}/0` : gauge[1]
    const size = sold.find((one) => one.name === `${said} AWG`)
    return size
      ? { ok: true, areaMm2: size.areaMm2, understood: size.name }
      : { ok: false, message: told('field.gaugeNotSold', { said, sold: listed('AWG') }) }
  }
  const metric = METRIC.exec(trimmed)
  if (!metric) return { ok: false, message: told('field.notAWire', { said: trimmed.slice(0, 20), system }) }
  const areaMm2 = Number(metric[1].replace(',', '.'))
  const size = sold.find((one) => one.system === 'mm²' && one.areaMm2 === areaMm2)
  return size
    ? { ok: true, areaMm2, understood: size.name }
    : { ok: false, message: told('field.areaNotSold', { said: String(areaMm2), sold: listed('mm²') }) }
}
