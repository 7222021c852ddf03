import { steeredStretches } from '../load/stretches'
import { apartOf, setsTogether } from './takingTurns'
import { peakRunningW } from '../load/peak'
import { startingW } from '../load/start'
import type { Load, Profile } from '../plan/schema'

/** The most a group of loads can ask of its source at one moment, by the clock. */
export interface Requirement {
  /** W, everything that may run at that moment running */
  runningW: number
  /** minute of the outage of that moment */
  runningAtMin: number
  /** loads running then, largest first */
  running: Load[]
  /** W at the worst start, by the school chosen */
  startW: number
  startAtMin: number
  /** the load whose start tops it (largest-start school) or the largest start among all; null without loads */
  starter: Load | null
  /** loads behind `startW`, largest first */
  starting: Load[]
}

/**
 * What a group of loads asks at its worst moment of the outage: the largest running watts that may come
 * together, and the largest start.
 *
 * Largest-start school: Σ running + the largest (starting − running) on top. Sum-of-starts school:
 * Σ starting. Both from middle values; cycling loads count as running at any time, sessions at any time of
 * their window, none while it is paused, and loads that take turns never together. Source: common practice, no source.
 *
 * @param loads those carried by one source
 * @param outageMin length of the outage
 */
export function requirementOf(
  loads: readonly Load[],
  startsAt: string,
  outageMin: number,
  school: Profile['surgeSchool'],
): Requirement {
  const stretches = loads.map((load) => steeredStretches(load, startsAt, outageMin))
  const apart = apartOf(loads)
  const moments = [...new Set(stretches.flatMap((list) => list.map(([from]) => from)))].sort((a, b) => a - b)
  const found: Requirement = {
    runningW: 0,
    runningAtMin: 0,
    running: [],
    startW: 0,
    startAtMin: 0,
    starter: null,
    starting: [],
  }
  for (const moment of moments) {
    const possible = loads.filter((_, i) => stretches[i].some(([a, b]) => a <= moment && moment < b))
    for (const together of setsTogether(possible, apart)) count(together, moment)
  }
  return found

  function count(together: readonly Load[], moment: number): void {
    const runningW = sumOf(together, (load) => peakRunningW(load.behaviour))
    const starter = largest(together, (load) => startingW(load) - peakRunningW(load.behaviour))
    const startW =
      school === 'sum-of-starts'
        ? sumOf(together, startingW)
        : runningW + (starter ? startingW(starter) - peakRunningW(starter.behaviour) : 0)
    if (runningW > found.runningW)
      Object.assign(found, {
        runningW,
        runningAtMin: moment,
        running: byWatts(together, (l) => peakRunningW(l.behaviour)),
      })
    if (startW > found.startW)
      Object.assign(found, {
        startW,
        startAtMin: moment,
        starter: school === 'sum-of-starts' ? largest(together, startingW) : starter,
        starting: byWatts(together, startingW),
      })
  }
}

const sumOf = (loads: readonly Load[], watts: (load: Load) => number) =>
  loads.reduce((sum, load) => sum + watts(load), 0)

const byWatts = (loads: readonly Load[], watts: (load: Load) => number) =>
  [...loads].sort((a, b) => watts(b) - watts(a))

const largest = (loads: readonly Load[], watts: (load: Load) => number) => byWatts(loads, watts)[0] ?? null
