import type { Plan } from '../plan/document'
import { drawLoad, middleLoad } from './chance'
import { type CompiledLoad, compile, horizonOf, hoursOf } from './compile'
import { DemandGrid } from './demand'
import { emptyLoadValues } from './loadValues'
import { steeredGrid } from './steeredGrid'
import { DEFROSTS } from './stretchList'

/** When a load is on, and at how many watts. */
export interface TraceStretch {
  fromMin: number
  toMin: number
  watts: number
  isDefrost: boolean
}

/** One load's part of a typical run. */
export interface LoadTrace {
  loadId: string
  stretches: TraceStretch[]
  /** Wh over the traced length */
  wh: number
}

/**
 * A typical run: every quantity at its middle value, nothing wandering, cycles jittered as in a run.
 *
 * @param lengthMin minutes from the start of the outage
 * @param only the loads to trace, carried or not; those carried unless given
 */
export function typicalRun(
  plan: Plan,
  lengthMin = horizonOf(plan.scenario.durationH),
  seed = 1,
): LoadTrace[] {
  const { chains } = compile(plan, lengthMin)
  return chains.flatMap((chain) =>
    chain.loads.some(({ load }) => load.steering?.rules?.length)
      ? tracesIn(steeredGrid(chain, plan.scenario.startsAt, lengthMin, seed), chain.loads, lengthMin)
      : traceOf(chain.loads, lengthMin, seed),
  )
}

/** The typical run of loads that were laid out. @param run a run's own draws instead of the middle values */
export function traceOf(
  loads: readonly CompiledLoad[],
  lengthMin: number,
  seed: number,
  run?: number,
): LoadTrace[] {
  const grid = new DemandGrid(loads, lengthMin)
  const values = emptyLoadValues(hoursOf(lengthMin))
  loads.forEach((load, slot) =>
    grid.write(
      slot,
      load,
      run === undefined ? middleLoad(load, seed, values) : drawLoad(load, seed, run, values),
    ),
  )
  return tracesIn(grid, loads, lengthMin)
}

/** What stands in a grid, load by load. */
function tracesIn(grid: DemandGrid, loads: readonly CompiledLoad[], lengthMin: number): LoadTrace[] {
  return loads.map((load, slot) => {
    const list = grid.lists[slot]
    return {
      loadId: load.load.id,
      wh: grid.energyWh(slot, lengthMin),
      stretches: Array.from({ length: list.count }, (_, k) => ({
        fromMin: list.onMin(k),
        toMin: list.offMin(k),
        watts: list.watts(k),
        isDefrost: list.has(k, DEFROSTS),
      })),
    }
  })
}

/** Mean watts of a trace in each step of so many minutes. */
export function wattsBySteps({ stretches }: LoadTrace, lengthMin: number, stepMin: number): Float64Array {
  const watts = new Float64Array(Math.ceil(lengthMin / stepMin))
  for (const { fromMin, toMin, watts: w } of stretches)
    for (let i = Math.floor(fromMin / stepMin); i < watts.length && i * stepMin < toMin; i++)
      watts[i] += (w * (Math.min(toMin, (i + 1) * stepMin) - Math.max(fromMin, i * stepMin))) / stepMin
  return watts
}
