import { dcEfficiency } from '../conversion/dc'
import { type StorePath, drainW, isBelow, pathDetail, storePath } from '../conversion/loss'
import type { Plan } from '../plan/document'
import { without } from '../load/stretches'
import { mergeIntervals } from '../plan/clock'
import { loadedV } from '../storage/loadedVoltage'
import { uniformAt } from '../quantity/random'
import { drawDetail, drawLoad, drawSource } from './chance'
import { type CompiledLoad, compile, horizonOf, hoursOf } from './compile'
import { FIRST_EVENT_PLACE, type LoadValues, emptyLoadValues } from './loadValues'
import { asSwitched, beginsOffMin, isSkipped } from './switching'
import { slowCycles } from './oracleCycles'

/** One run of one chain, as the oracle sees it. */
export interface OracleRun {
  /** by source of the chain, the minute it is empty; Infinity when it is not */
  emptyMin: number[]
  /** by source, state of charge at the end of every minute */
  fractions: number[][]
  /** by load of the chain, Wh supplied until the last source is empty or the horizon */
  suppliedWh: number[]
}

/**
 * The slow program, kept as the oracle of the fast one: minute by minute, load by load, it asks each load
 * what it draws in this minute, adds the watts up and takes the energy from the store. It
 * shares the draws and nothing else.
 *
 * @returns by run, by chain
 */
export function simulateSlowly(
  plan: Plan,
  runs: number,
  seed: number,
  horizonMin = horizonOf(plan.scenario.durationH),
): OracleRun[][] {
  const compiled = compile(plan, horizonMin)
  const all: OracleRun[][] = []
  for (let run = 0; run < runs; run++) {
    all.push(
      compiled.chains.map((chain) => {
        const loads = chain.loads.map((load) =>
          loadAtWork(load, drawLoad(load, seed, run, emptyLoadValues(hoursOf(horizonMin))), horizonMin),
        )
        const stores = chain.sources.map((source, s) => {
          const values = drawSource(source, chain.sourceKeys[s], seed, run)
          values.capacityWh *= chain.coldShares[s]
          const detail = pathDetail(source, chain.outOfRange[s])
          const drawnDetail = detail && drawDetail(detail, source, chain.sourceKeys[s], seed, run)
          const path = storePath(source.lossRule, values, drawnDetail)
          if (chain.loads.length > 0 && chain.loads.every((load) => load.isDc)) path.noLoadW = 0
          return { path, energyWh: path.capacityWh * source.chargedFraction, calmMin: 0 }
        })
        const result: OracleRun = {
          emptyMin: stores.map(() => Infinity),
          fractions: stores.map(() => []),
          suppliedWh: loads.map(() => 0),
        }
        let active = 0
        for (let minute = 0; minute < horizonMin; minute++) {
          const watts = loads.map((load) => load.wattsIn(minute))
          /** what source s is asked: of the loads whose voltage it gives, direct current by its own converter */
          const askedOf = (s: number) =>
            watts.reduce((sum, w, i) => {
              const { load, isDc } = chain.loads[i]
              if (!chain.sources[s].volts.includes(load.volts)) return sum
              const dcShare = dcEfficiency(chain.sources[s]) * stores[s].path.batteryWPerOutletW
              return sum + (isDc ? w / dcShare : w)
            }, 0)
          let restOfMinute = 1
          while (active < stores.length && restOfMinute > 0) {
            const { path } = stores[active]
            const demandW = askedOf(active)
            const fedBefore = restOfMinute
            const by = active
            const drain = drainW(path, demandW)
            if (stopsNow(stores[active], demandW, drain, minute)) {
              result.emptyMin[active] = minute + 1 - restOfMinute
              active++
              continue
            }
            const neededWh = (drain * restOfMinute) / 60
            const availableWh = stores[active].energyWh - path.floorWh
            if (neededWh <= availableWh) {
              stores[active].energyWh -= neededWh
              restOfMinute = 0
            } else {
              const lasts = availableWh > 0 ? (availableWh * 60) / drain : 0
              stores[active].energyWh = Math.min(stores[active].energyWh, path.floorWh)
              restOfMinute -= lasts
              result.emptyMin[active] = minute + 1 - restOfMinute
              active++
            }
            loads.forEach((_, i) => {
              if (chain.sources[by].volts.includes(chain.loads[i].load.volts))
                result.suppliedWh[i] += (watts[i] * (fedBefore - restOfMinute)) / 60
            })
          }
          stores.forEach(({ path, energyWh }, s) => result.fractions[s].push(energyWh / path.capacityWh))
          if (active === stores.length) break
        }
        return result
      }),
    )
  }
  return all
}

interface StoreAtWork {
  path: StorePath
  energyWh: number
  /** minutes of little draw in a row */
  calmMin: number
}

/** Whether a store switches off in this minute though there is charge left. */
function stopsNow(store: StoreAtWork, demandW: number, drain: number, minute: number): boolean {
  const { detail, capacityWh } = store.path
  if (!detail) return false
  if (detail.outOfRange?.[Math.floor(minute / 60)]) return true
  store.calmMin = isBelow(demandW, detail.sleepBelowW) ? store.calmMin + 1 : 0
  if (detail.sleepBelowW > 0 && store.calmMin > detail.sleepAfterMin) return true
  if (!detail.voltage) return false
  return loadedV(detail.voltage, store.energyWh / capacityWh, drain / detail.nominalV) < detail.cutOffV
}

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
