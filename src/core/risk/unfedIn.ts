import { type Intervals, mergeIntervals } from '../plan/clock'
import type { RunStretches } from '../simulation/unfedRuns'

/** Of every run, the stretches in which a load gets nothing or is kept off. */
export function unfedIn(supply: RunStretches, shed: RunStretches | null, pauses: Intervals): Intervals[] {
  return Array.from({ length: supply.begins.length - 1 }, (_, run) => {
    const own = stretchesOf(supply, run)
    const off = [...(shed ? stretchesOf(shed, run) : []), ...pauses]
    return off.length === 0 ? own : mergeIntervals([...own, ...off])
  })
}

/** The stretches of one run. */
function stretchesOf({ begins, edges }: RunStretches, run: number): Intervals {
  const found: Intervals = []
  for (let i = begins[run]; i < begins[run + 1]; i++) found.push([edges[2 * i], edges[2 * i + 1]])
  return found
}
