import type { Intervals } from '../plan/clock'
import type { ChainResult } from './result'
import { POINT_MIN } from './sweep'

/** When most runs of a chain feed nothing: after it is empty, until what comes in brings it back. */
export function unfedStretches({ refill, runtimeMin }: ChainResult, untilMin: number): Intervals {
  if (!refill) return runtimeMin.p50 < untilMin ? [[runtimeMin.p50, untilMin]] : []
  const found: [from: number, to: number][] = []
  const { fedShare } = refill.curves
  for (let q = 0; q < fedShare.length && q * POINT_MIN < untilMin; q++) {
    if (fedShare[q] >= 0.5) continue
    const from = q * POINT_MIN
    const last = found[found.length - 1]
    if (last && last[1] === from) last[1] = from + POINT_MIN
    else found.push([from, from + POINT_MIN])
  }
  return found
}
