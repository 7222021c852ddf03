import type { PathDetail, StorePath } from '../conversion/loss'
import type { DetailTables } from './detailTables'

const HALVINGS = 12

/**
 * The state of charge above which not even the largest draw pulls the volts under the cut-off.
 *
 * @param peakW the most any minute asks of the outlets
 * @returns 0…1, never too low; only of a path that has volts
 */
export function cutOffFraction(
  peakW: number,
  path: StorePath,
  detail: PathDetail,
  tables: DetailTables,
): number {
  const mostW = tables.drainW(path, detail, peakW)
  if (tables.loadedV(1, mostW) < detail.cutOffV) return 1
  let low = 0
  let high = 1
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (tables.loadedV(middle, mostW) < detail.cutOffV) low = middle
    else high = middle
  }
  return high
}
