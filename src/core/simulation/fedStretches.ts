import { type StorePath, isBelow } from '../conversion/loss'
import type { DemandGrid } from './demand'

/** Of stretches in which a source is in use those in which its inverter does not merely search: then it feeds nothing. */
export function withoutSearch(
  fed: [number, number][],
  { detail }: StorePath,
  demandW: Float64Array | null,
): [number, number][] {
  if (!detail || detail.searchBelowW === 0 || !demandW) return fed
  const found: [number, number][] = []
  for (const [from, to] of fed)
    for (let minute = Math.floor(from); minute < to; minute++) {
      if (isBelow(demandW[minute], detail.searchBelowW)) continue
      const begin = Math.max(from, minute)
      const last = found[found.length - 1]
      if (last && begin - last[1] < 1e-9) last[1] = Math.min(to, minute + 1)
      else found.push([begin, Math.min(to, minute + 1)])
    }
  return found
}

/** By source, the stretch until the horizon in which it is the one in use, where none comes back. */
export const inTurn = (
  emptyMin: readonly Float64Array[],
  run: number,
  horizonMin: number,
): [number, number][][] =>
  emptyMin.map((ends, s) => {
    const from = s > 0 ? Math.min(emptyMin[s - 1][run], horizonMin) : 0
    const to = Math.min(ends[run], horizonMin)
    return to > from ? [[from, to]] : []
  })

/** What of stretches lies within the outage. */
export const withinOutage = (fed: readonly [number, number][], outageMin: number): [number, number][] => {
  const found: [number, number][] = []
  for (const [from, to] of fed) if (from < outageMin) found.push([from, Math.min(to, outageMin)])
  return found
}

/** Whether it is fed through the whole outage. */
export const isFedThroughout = (fed: readonly [number, number][], outageMin: number) =>
  fed.length === 1 && fed[0][0] === 0 && fed[0][1] >= outageMin

/** Wh of a load within the stretches in which it is fed. */
export const fedWh = (grid: DemandGrid, slot: number, fed: readonly [number, number][]) =>
  fed.reduce(
    (sum, [from, to]) => sum + grid.energyWh(slot, to) - (from > 0 ? grid.energyWh(slot, from) : 0),
    0,
  )
