import type { Load } from '../plan/schema'
import { drawOf, drawTogether } from './draw'

/** How a source with two legs is loaded, and the one move that would even it out most. */
export interface LegBalance {
  amps: { A: number; B: number }
  /** with the largest start */
  startA: { A: number; B: number }
  /** null where no single move lowers the fuller leg by a tenth */
  move: { loadId: string; to: 'A' | 'B'; fullerA: number } | null
}

const WORTH_A_MOVE = 0.9

/** Loads of 240 V count on both legs alike. */
export function legBalance(loads: readonly Load[]): LegBalance {
  const peaks = peaksOf(loads)
  const now = Math.max(peaks.startA.A, peaks.startA.B)
  const movable = loads.filter(({ volts, leg }) => volts === 120 && leg !== 'both')
  const tried = movable.map((load) => {
    const to = load.leg === 'A' ? ('B' as const) : ('A' as const)
    const moved = peaksOf(loads.map((other) => (other === load ? { ...load, leg: to } : other)))
    return { loadId: load.id, to, fullerA: Math.max(moved.startA.A, moved.startA.B) }
  })
  const best = tried.reduce<(typeof tried)[number] | null>(
    (least, one) => (!least || one.fullerA < least.fullerA ? one : least),
    null,
  )
  return { ...peaks, move: best && best.fullerA < now * WORTH_A_MOVE ? best : null }
}

/** What draws from a leg: what is plugged into it, and what needs both. */
export const loadsOnLeg = (loads: readonly Load[], onLeg: 'A' | 'B'): Load[] =>
  loads.filter(({ volts, leg }) => volts === 240 || (volts === 120 && (leg === onLeg || leg === 'both')))

function peaksOf(loads: readonly Load[]): Pick<LegBalance, 'amps' | 'startA'> {
  const [a, b] = (['A', 'B'] as const).map((leg) => drawTogether(loadsOnLeg(loads, leg).map(drawOf)))
  return {
    amps: { A: a?.runningA ?? 0, B: b?.runningA ?? 0 },
    startA: { A: a?.startA ?? 0, B: b?.startA ?? 0 },
  }
}
