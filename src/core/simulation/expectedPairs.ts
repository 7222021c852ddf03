import type { Cycling, Pump } from '../plan/schema'

/** No cycle is taken shorter, minutes. */
export const SHORTEST_CYCLE_MIN = 0.5

/** Times a cycling load switches on, and off again, within a horizon: its own cycles, a blower's and what it draws between them. */
export function cyclingPairs({ periodMin, blower, idleW }: Cycling, horizonMin: number): number {
  const cycles = Math.ceil(horizonMin / periodMin.value) + 1
  return cycles * (blower ? 3 : 1) * (idleW ? 2 : 1)
}

/** Times a pump switches on, and off again, within a horizon. @param mostInflow the largest inflow, as a share of what is known */
export function pumpPairs({ cycle }: Pump, mostInflow: number, horizonMin: number): number {
  const everyMin =
    cycle.by === 'spacing'
      ? cycle.everyMin.value / Math.max(1, mostInflow)
      : Math.max(
          (4 * cycle.volumeL.value) / cycle.rateLMin.value,
          (cycle.volumeL.value * 60) / Math.max(1e-6, cycle.inflowLH.value * mostInflow),
        )
  return Math.ceil(horizonMin / Math.max(SHORTEST_CYCLE_MIN, everyMin)) + 1
}
