/** @example readNumber('1.234,5', ',') // 1234.5 */
export function readNumber(text: string, decimal: '.' | ','): number | null {
  const cell = text.trim().replace(/\s|[kK]?[wW][hH]?$/g, '')
  if (cell === '') return null
  const plain =
    decimal === ',' ? cell.replace(/\./g, '').replace(',', '.') : cell.replace(/,(?=\d{3}\b)/g, '')
  const number = Number(plain)
  return Number.isFinite(number) ? number : null
}
