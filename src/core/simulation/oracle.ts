import { storePath } from '../conversion/loss'
import type { Plan } from '../plan/document'
import { bitsAt, uniformAt } from '../quantity/random'
import { FIRST_EVENT_PLACE, type LoadValues, drawLoad, drawSource, emptyLoadValues } from './chance'
import { CYCLE_JITTER, type CompiledLoad, compile, horizonOf } from './compile'

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
 * how many of this minute's seconds it runs, adds the watts up and takes the energy from the store. It
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
          loadAtWork(load, drawLoad(load, seed, run, emptyLoadValues())),
        )
        const stores = chain.sources.map((source, s) => {
          const path = storePath(source.lossRule, drawSource(source, chain.sourceKeys[s], seed, run))
          return { path, energyWh: path.capacityWh * source.chargedFraction }
        })
        const result: OracleRun = {
          emptyMin: stores.map(() => Infinity),
          fractions: stores.map(() => []),
          suppliedWh: loads.map(() => 0),
        }
        let active = 0
        for (let minute = 0; minute < horizonMin; minute++) {
          const shares = loads.map((load) => load.shareOn(minute))
          const demandW = loads.reduce((sum, load, i) => sum + load.watts * shares[i], 0)
          let restOfMinute = 1
          while (active < stores.length && restOfMinute > 0) {
            const { path } = stores[active]
            const drainW = path.noLoadW + demandW * path.batteryWPerOutletW
            const neededWh = (drainW * restOfMinute) / 60
            const availableWh = stores[active].energyWh - path.floorWh
            if (neededWh <= availableWh) {
              stores[active].energyWh -= neededWh
              restOfMinute = 0
            } else {
              const lasts = availableWh > 0 ? (availableWh * 60) / drainW : 0
              stores[active].energyWh = Math.min(stores[active].energyWh, path.floorWh)
              restOfMinute -= lasts
              result.emptyMin[active] = minute + 1 - restOfMinute
              active++
            }
          }
          const supplied = 1 - (active < stores.length ? 0 : restOfMinute)
          loads.forEach((load, i) => (result.suppliedWh[i] += (load.watts * shares[i] * supplied) / 60))
          stores.forEach(({ path, energyWh }, s) => result.fractions[s].push(energyWh / path.capacityWh))
          if (active === stores.length) break
        }
        return result
      }),
    )
  }
  return all
}

interface LoadAtWork {
  watts: number
  /** share of the minute (0…1) in which the load is on; to be asked for every minute in order */
  shareOn(minute: number): number
}

function loadAtWork(load: CompiledLoad, values: LoadValues): LoadAtWork {
  const watts = values.runningW
  switch (load.kind) {
    case 'constant':
      return { watts, shareOn: () => 1 }
    case 'scheduled':
      return { watts, shareOn: (minute) => overlap(load.stretches, minute) }
    case 'session': {
      const sessions: [number, number][] = []
      let busyUntil = 0
      load.slots.forEach(({ fromMin, toMin }, k) => {
        const room = Math.max(0, toMin - fromMin - values.sessionMin)
        const from = fromMin + room * uniformAt(values.stream, FIRST_EVENT_PLACE + k)
        const to = from + values.sessionMin
        if (to > Math.max(busyUntil, from)) sessions.push([Math.max(busyUntil, from), to])
        busyUntil = Math.max(busyUntil, to)
      })
      return { watts, shareOn: (minute) => overlap(sessions, minute) }
    }
    case 'cycling':
      return { watts, shareOn: cyclesOf(values) }
  }
}

function overlap(stretches: readonly [number, number][], minute: number): number {
  let share = 0
  for (const [from, to] of stretches) share += Math.max(0, Math.min(to, minute + 1) - Math.max(from, minute))
  return share
}

/** A thermostat that switches on, waits, switches off, waits; with the fraction of the minute it was on. */
function cyclesOf({ stream, dutyFraction, periodMin, phase }: LoadValues): (minute: number) => number {
  if (dutyFraction <= 0) return () => 0
  if (dutyFraction >= 1) return () => 1
  const jittered = (bits: number) => 1 + ((bits - 32767.5) / 32768) * CYCLE_JITTER
  let cycle = FIRST_EVENT_PLACE
  let isOn = true
  let since = -phase * periodMin
  let until = since + dutyFraction * periodMin * jittered(bitsAt(stream, cycle) >>> 16)
  return (minute) => {
    let share = 0
    for (;;) {
      if (isOn) share += Math.max(0, Math.min(until, minute + 1) - Math.max(since, minute))
      if (until >= minute + 1) return share
      since = until
      if (isOn) until += (1 - dutyFraction) * periodMin * jittered(bitsAt(stream, cycle) & 0xffff)
      else until += dutyFraction * periodMin * jittered(bitsAt(stream, ++cycle) >>> 16)
      isOn = !isOn
    }
  }
}
