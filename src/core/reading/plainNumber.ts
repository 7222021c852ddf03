import { onlyNumber } from './number'

/**
 * A number of a display or a sheet, where a point or a comma always stands before decimals; other ways of writing as `onlyNumber`
 * reads them.
 *
 * @returns null where it is none
 * @example plainNumber('1.583') // 1.583
 */
export function plainNumber(text: string): number | null {
  const plain = text.trim()
  return /^\d+(?:[.,]\d+)?$/.test(plain) ? Number(plain.replace(',', '.')) : onlyNumber(plain)
}
