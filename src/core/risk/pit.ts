import { RAIN_INFLOW } from '../load/pump'
import type { Rain } from '../plan/limits'
import type { Pump } from '../plan/schema'
import type { Pit } from '../plan/wiring'

/** What runs into a pit, L/h, and how far off that may be: times more or less. */
export interface PitInflow {
  litresH: number
  times: number
}

/** Measured in this pit; and by the figures of its pump, which are of another pit's or another rain's. Common practice, no source. */
const MEASURED_TIMES = 1.4
const GUESSED_TIMES = 3

/**
 * What runs into a pit in a rain: as the household said, or as its pump's figures say.
 *
 * @returns null where neither says
 */
export function pitInflow(pit: Pit, pump: Pump, rain: Rain): PitInflow | null {
  const known = pit.inflowLH ?? (pump.cycle.by === 'volume' ? pump.cycle.inflowLH.value : null)
  if (known === null) return null
  const factor = pump.inflowFollows === 'rain' ? RAIN_INFLOW[rain] / RAIN_INFLOW[pump.knownIn ?? 'dry'] : 1
  return { litresH: known * factor, times: pit.inflowLH === undefined ? GUESSED_TIMES : MEASURED_TIMES }
}

/**
 * Minutes until a pit runs over, early, likely and late.
 *
 * Source: (rim − level) · area ÷ inflow.
 * @example pitFills({ areaM2: 0.2, toRimM: 0.3 }, { litresH: 60, times: 1.4 }) // 60 L ÷ 60 L/h: 60 min in the middle
 */
export function pitFills(
  pit: Pick<Pit, 'areaM2' | 'toRimM'>,
  { litresH, times }: PitInflow,
): [number, number, number] {
  if (litresH <= 0) return [Infinity, Infinity, Infinity]
  const likely = ((pit.areaM2 * pit.toRimM * 1000) / litresH) * 60
  return [likely / times, likely, likely * times]
}
