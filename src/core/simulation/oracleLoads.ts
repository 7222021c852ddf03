import { mergeIntervals } from '../plan/clock'
import { without } from '../load/stretches'
import { uniformAt } from '../quantity/random'
import type { CompiledLoad } from './compile'
import { FIRST_EVENT_PLACE, type LoadValues } from './loadValues'
import { slowCycles } from './oracleCycles'
import { asSwitched, beginsOffMin, isSkipped } from './switching'

export interface LoadAtWork {
  /** mean watts over the minute; to be asked for every minute in order */
  wattsIn(minute: number): number
}

/** A stretch of being on, as the oracle lays a run out. */
type Piece = [from: number, to: number, watts: number]

/** A load in one run, asked minute by minute. */
export function loadAtWork(load: CompiledLoad, values: LoadValues, horizonMin: number): LoadAtWork {
  const pieces = piecesOf(load, values, horizonMin)
  let first = 0
  return {
    wattsIn: (minute) => {
      while (first < pieces.length && pieces[first][1] <= minute) first++
      let watts = 0
      for (let i = first; i < pieces.length && pieces[i][0] < minute + 1; i++) {
        const [from, to, w] = pieces[i]
        watts += w * Math.max(0, Math.min(to, minute + 1) - Math.max(from, minute))
      }
      return watts
    },
  }
}

function piecesOf(load: CompiledLoad, values: LoadValues, horizonMin: number): Piece[] {
  const watts = values.runningW
  const isPaused = (minute: number) => load.pauses.some(([a, b]) => minute >= a && minute < b)
  const nextPause = (minute: number) =>
    Math.min(Infinity, ...load.pauses.map(([a]) => a).filter((a) => a >= minute))
  switch (load.load.behaviour.kind) {
    case 'constant':
    case 'scheduled':
      return (values.isLoose ? asSwitched(load, values, horizonMin) : load.stretches).map(([from, to]) => [
        from,
        to,
        watts,
      ])
    case 'session': {
      const sessions: Piece[] = []
      let busyUntil = 0
      load.slots.forEach(({ fromMin, toMin }, k) => {
        const room = Math.max(0, toMin - fromMin - values.sessionMin)
        const at =
          fromMin + room * uniformAt(values.stream, FIRST_EVENT_PLACE + k) + beginsOffMin(load, values, k)
        const from = Math.max(busyUntil, at)
        if (isPaused(from) || isSkipped(load, values, k)) return
        const to = Math.min(at + values.sessionMin, nextPause(from))
        if (to <= from) return
        sessions.push([from, to, watts])
        busyUntil = Math.min(to, horizonMin)
      })
      return sessions
    }
    case 'charging': {
      const pieces: Piece[] = []
      let at = 0
      for (let k = 0; k < load.chargesAt.length; k++) {
        const charge = load.chargesAt[k] + beginsOffMin(load, values, k)
        const from = Math.max(at, charge)
        if (isPaused(from)) continue
        const restMin = charge < 0 ? values.sessionMin + charge : values.sessionMin
        const to = Math.min(from + restMin, nextPause(from), horizonMin)
        if (to <= from) continue
        pieces.push([at, from, values.idleW], [from, to, watts])
        at = to
      }
      pieces.push([at, horizonMin, values.idleW])
      return pieces.flatMap(([from, to, w]) =>
        w === watts ? [[from, to, w]] : without([[from, to]], load.pauses).map(([a, b]): Piece => [a, b, w]),
      ) as Piece[]
    }
    case 'cycling': {
      const cycles = slowCycles(load, values, horizonMin)
      if (values.idleW === 0) return cycles
      const busy = mergeIntervals(cycles.map(([from, to]): [number, number] => [from, to]))
      const between = without(without([[0, horizonMin]], load.pauses), busy)
      const all = [...cycles, ...between.map(([from, to]): Piece => [from, to, values.idleW])]
      return all.sort((a, b) => a[0] - b[0])
    }
    case 'pump':
      return slowCycles(load, values, horizonMin)
  }
}
