import type { SimulationResult } from './result'

/**
 * Minutes of an outage worth showing of a source: the outage itself, and as much beyond it as its end needs, in whole hours.
 *
 * @throws RangeError where the source takes no part
 */
export function shownMinutes({ chains, horizonMin, outageMin }: SimulationResult, sourceId: string): number {
  const found = chains.flatMap(({ sources }) => sources).find((source) => source.sourceId === sourceId)
  if (!found) throw new RangeError(`no source ${sourceId}`)
  const { p10, p90 } = found.emptyMin
  const lastEnd = p90 === Infinity ? (p10 === Infinity ? outageMin : horizonMin) : p90
  return Math.min(horizonMin, Math.ceil(Math.max(outageMin, lastEnd * 1.06) / 60) * 60)
}
