import { isLeftOut, offMin } from '../load/habits'
import { without } from '../load/stretches'
import type { Intervals } from '../plan/clock'
import { normalQuantile } from '../quantity/normal'
import { uniformAt } from '../quantity/random'
import type { CompiledLoad } from './compile'
import { FIRST_HABIT_PLACE, type LoadValues } from './loadValues'

const uniform = ({ stream }: LoadValues, k: number, which: 0 | 1 | 2) =>
  uniformAt(stream, FIRST_HABIT_PLACE + 3 * k + which)

/** Minutes by which the `k`-th use begins early or late in this run. */
export const beginsOffMin = (_: CompiledLoad, values: LoadValues, k: number) =>
  values.isLoose ? offMin(normalQuantile(uniform(values, k, 0))) : 0

/** Whether the `k`-th use is left out in this run. */
export const isSkipped = ({ load }: CompiledLoad, values: LoadValues, k: number) =>
  values.isLoose && isLeftOut(uniform(values, k, 2), 'sessions', load.medical)

/**
 * The windows of a load that people switch, as they do in one run: each edge early or late, now and then a window left out.
 * What is under way when the outage begins, or goes on past the horizon, keeps that edge.
 */
export function asSwitched(load: CompiledLoad, values: LoadValues, horizonMin: number): Intervals {
  const found: [number, number][] = []
  let busyUntil = 0
  load.windows.forEach(([from, to], k) => {
    const isUnderWay = from <= 0
    if (!isUnderWay && isLeftOut(uniform(values, k, 2), 'windows', load.load.medical)) return
    const begin = isUnderWay ? from : from + offMin(normalQuantile(uniform(values, k, 0)))
    const end = to >= horizonMin ? to : to + offMin(normalQuantile(uniform(values, k, 1)))
    const a = Math.max(busyUntil, begin)
    const b = Math.min(horizonMin, end)
    if (b > a) {
      found.push([a, b])
      busyUntil = b
    }
  })
  return load.pauses.length > 0 ? without(found, load.pauses) : found
}
