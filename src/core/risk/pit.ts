import { RAIN_INFLOW } from '../load/pump'
import type { Rain } from '../plan/limits'
import type { Pump } from '../plan/schema'
import type { Pit } from '../plan/wiring'

/**
 * Litres an hour that run into a pit in a rain: as the household said, or as its pump's figures say.
 *
 * @returns null where neither says
 */
export function pitInflow(pit: Pit, pump: Pump, rain: Rain): number | null {
  const known = pit.inflowLH ?? (pump.cycle.by === 'volume' ? pump.cycle.inflowLH.value : null)
  if (known === null) return null
  const factor = pump.inflowFollows === 'rain' ? RAIN_INFLOW[rain] / RAIN_INFLOW[pump.knownIn ?? 'dry'] : 1
  return known * factor
}

/**
 * Minutes until a pit runs over, early, likely and late.
 *
 * Source: (rim − level) · area ÷ inflow; the spread of the inflow ×/÷1.4, common practice, no source.
 * @example pitFills({ areaM2: 0.2, toRimM: 0.3 }, 60) // 60 L ÷ 60 L/h: 60 min in the middle
 */
export function pitFills(pit: Pick<Pit, 'areaM2' | 'toRimM'>, inflowLH: number): [number, number, number] {
  if (inflowLH <= 0) return [Infinity, Infinity, Infinity]
  const likely = ((pit.areaM2 * pit.toRimM * 1000) / inflowLH) * 60
  return [likely / INFLOW_TIMES, likely, likely * INFLOW_TIMES]
}

const INFLOW_TIMES = 1.4
