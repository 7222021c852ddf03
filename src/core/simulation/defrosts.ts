import { DEFROSTS, type StretchList } from './stretchList'

/** A load's defrosts in one run. */
export interface DefrostRun {
  /** minute its first defrost begins, or is found under way; Infinity for none within the horizon */
  firstMin: number
  /** whether the battery ended while it defrosted */
  endsIt: boolean
}

/** @param endMin minute the battery is empty; Infinity when it is not */
export function defrostOf(list: StretchList, endMin: number): DefrostRun {
  let firstMin = Infinity
  for (let k = 0; k < list.count && firstMin === Infinity; k++)
    if (list.has(k, DEFROSTS)) firstMin = list.onMin(k)
  const last = endMin < Infinity ? list.at(endMin - 1e-6) : -1
  return { firstMin, endsIt: last >= 0 && list.has(last, DEFROSTS) }
}
