import { type PathDetail, type StorePath, isBelow } from '../conversion/loss'
import type { DetailTables } from './detailTables'
import { type CurveSink, POINT_MIN } from './sweep'

/** What ends a source: its reserve or depth is reached, the volts under load fall too low, it went to sleep, it is too cold or too hot for it. */
export type EndCause = 'reserve' | 'cut-off' | 'sleep' | 'temperature'

/** What a detailed sweep tells beside the curve. */
export interface SweepEnd {
  endMin: number
  cause: EndCause
  /** Wh the store lost within the outage, and the part that was no-load draw */
  takenWh: number
  noLoadWh: number
}

/**
 * Carries one store through a run's demand where its loss is no plain multiplication: square losses,
 * Peukert, a cut-off on loaded volts, outlets that sleep. A minute at a time, losses by the minute's mean
 * watts; a start of a second does not trip a cut-off, which waits for about that long itself.
 *
 * @param demandW mean outlet watts of each minute
 * @param fromMin moment it takes over; before that it is untouched
 * @param outageMin energies are counted until then
 */
export function sweepDetailed(
  demandW: Float64Array,
  horizonMin: number,
  path: StorePath & { detail: PathDetail },
  tables: DetailTables,
  chargedWh: number,
  curve: CurveSink,
  fromMin: number,
  outageMin: number,
): SweepEnd {
  const { fractions, runs, run } = curve
  const { detail, floorWh, capacityWh } = path
  const points = Math.floor(horizonMin / POINT_MIN) + 1
  const found: SweepEnd = { endMin: Infinity, cause: 'reserve', takenWh: 0, noLoadWh: 0 }
  let energy = chargedWh
  let point = 0
  let calmMin = 0
  for (let minute = 0; minute < horizonMin; minute++) {
    if (minute === point * POINT_MIN) fractions[point++ * runs + run] = energy / capacityWh
    if (found.endMin < Infinity || minute + 1 <= fromMin) continue
    const begin = Math.max(minute, fromMin)
    if (detail.outOfRange?.[Math.floor(begin / 60)]) {
      found.endMin = begin
      found.cause = 'temperature'
      continue
    }
    const outletW = demandW[minute]
    const drain = tables.drainW(path, detail, outletW)
    calmMin = isBelow(outletW, detail.sleepBelowW) ? calmMin + 1 : 0
    if (detail.sleepBelowW > 0 && calmMin > detail.sleepAfterMin) {
      found.endMin = begin
      found.cause = 'sleep'
      continue
    }
    if (detail.voltage && tables.loadedV(energy / capacityWh, drain) < detail.cutOffV) {
      found.endMin = begin
      found.cause = 'cut-off'
      continue
    }
    const left = energy - (drain * (minute + 1 - begin)) / 60
    const isOver = left < floorWh
    const until = isOver ? (energy < floorWh ? begin : begin + ((energy - floorWh) * 60) / drain) : minute + 1
    const countedMin = Math.max(0, Math.min(until, outageMin) - begin)
    found.takenWh += (drain * countedMin) / 60
    found.noLoadWh += (Math.min(path.noLoadW, drain) * countedMin) / 60
    energy = isOver ? Math.min(energy, floorWh) : left
    if (isOver) found.endMin = until
  }
  for (; point < points; point++) fractions[point * runs + run] = energy / capacityWh
  return found
}
