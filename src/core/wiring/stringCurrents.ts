/** Where the cables to the inverter leave a bank of strings: both at one end, or plus at one and minus at the other. */
export type TakeOff = 'same end' | 'diagonal'

/**
 * How strings beside each other share a current: each with its own resistance, joined by short leads from one to the next on
 * the plus and on the minus side.
 *
 * @param strings how many, 1 to 8
 * @param stringOhm of one string
 * @param linkOhm of one lead between neighbours
 * @returns shares that add up to 1, the one at the plus take-off first
 * Source: Kirchhoff's laws; a string's volts less its drop are the volts between its two nodes.
 * @example stringCurrents(4, 0.004, 0.0004, 'same end') // 0.39, 0.26, 0.19, 0.16
 */
export function stringCurrents(
  strings: number,
  stringOhm: number,
  linkOhm: number,
  takeOff: TakeOff,
): number[] {
  if (strings === 1) return [1]
  // E − i_k R − (drops along the rails up to k) is the same for all strings; Σ i = 1
  const matrix: number[][] = []
  const right: number[] = []
  for (let k = 0; k + 1 < strings; k++) {
    // going from string k to k + 1, the plus rail carries all that comes from beyond k, the minus rail likewise or what lies before
    const row = new Array<number>(strings).fill(0)
    row[k] += stringOhm
    row[k + 1] -= stringOhm
    for (let j = k + 1; j < strings; j++) row[j] -= linkOhm
    if (takeOff === 'same end') for (let j = k + 1; j < strings; j++) row[j] -= linkOhm
    else for (let j = 0; j <= k; j++) row[j] += linkOhm
    matrix.push(row)
    right.push(0)
  }
  matrix.push(new Array<number>(strings).fill(1))
  right.push(1)
  return solved(matrix, right)
}

/** Gauss with pivots. */
function solved(matrix: number[][], right: number[]): number[] {
  const n = right.length
  for (let k = 0; k < n; k++) {
    let pivot = k
    for (let i = k + 1; i < n; i++) if (Math.abs(matrix[i][k]) > Math.abs(matrix[pivot][k])) pivot = i
    ;[matrix[k], matrix[pivot]] = [matrix[pivot], matrix[k]]
    ;[right[k], right[pivot]] = [right[pivot], right[k]]
    for (let i = k + 1; i < n; i++) {
      const factor = matrix[i][k] / matrix[k][k]
      for (let j = k; j < n; j++) matrix[i][j] -= factor * matrix[k][j]
      right[i] -= factor * right[k]
    }
  }
  const found = new Array<number>(n).fill(0)
  for (let k = n - 1; k >= 0; k--) {
    let sum = right[k]
    for (let j = k + 1; j < n; j++) sum -= matrix[k][j] * found[j]
    found[k] = sum / matrix[k][k]
  }
  return found
}
